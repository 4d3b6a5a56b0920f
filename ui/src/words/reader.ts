/** Who reads: the language, the unit of lengths, the decimal mark and the time zone. */
export interface Reader {
  /** Such as "en": words/en.json. */
  readonly language: string;
  readonly unit: 'mm' | 'in';
  readonly decimal: '.' | ',';
  /** Of the tz database, such as "Europe/Zurich"; null for that of this device. */
  readonly zone: string | null;
}

export const plainReader: Reader = { language: 'en', unit: 'mm', decimal: '.', zone: null };

const UNIT = 'lumbro-length';
const listeners = new Set<() => void>();
let shop = plainReader;
let now = asStored();

/** The shop's way of writing with the person's own unit, where they chose one on this device. */
export function currentReader(): Reader {
  return now;
}

/** From now on the screen is written for somebody of this shop. */
export function readFor(reader: Reader): void {
  shop = reader;
  tell();
}

export function chooseUnit(unit: Reader['unit']): void {
  localStorage.setItem(UNIT, unit);
  tell();
}

export function whenReaderChanges(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function tell(): void {
  const next = asStored();
  if (JSON.stringify(next) !== JSON.stringify(now)) {
    now = next;
    listeners.forEach((listener) => listener());
  }
}

function asStored(): Reader {
  const chosen = localStorage.getItem(UNIT);
  return chosen === 'mm' || chosen === 'in' ? { ...shop, unit: chosen } : shop;
}
