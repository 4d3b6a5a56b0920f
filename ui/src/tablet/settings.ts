/** How this device shows and says things to whoever stands at it; kept on the device. */
export interface Settings {
  /** Black on white and no greys, for work in the sun. */
  readonly outdoor: boolean;
  /** Spoken on a key, or with every new call; the tones come with it. */
  readonly sound: 'off' | 'key' | 'always';
  /** Whether single keys act. */
  readonly keys: boolean;
  /** Keys that were put elsewhere: the usual one and the one it was put on. */
  readonly moved: Readonly<Record<string, string>>;
}

const STORAGE = 'lumbro-tablet';
const USUAL: Settings = { outdoor: false, sound: 'off', keys: true, moved: {} };

let settings = read();
const listeners = new Set<() => void>();
show();

function read(): Settings {
  try {
    return { ...USUAL, ...(JSON.parse(localStorage.getItem(STORAGE) ?? '{}') as Settings) };
  } catch {
    // What cannot be read is as it usually is.
    return USUAL;
  }
}

function show(): void {
  document.documentElement.toggleAttribute('data-outdoor', settings.outdoor);
}

export function currentSettings(): Settings {
  return settings;
}

export function choose(next: Partial<Settings>): void {
  settings = { ...settings, ...next };
  localStorage.setItem(STORAGE, JSON.stringify(settings));
  show();
  listeners.forEach((listener) => listener());
}

export function whenSettingsChange(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
