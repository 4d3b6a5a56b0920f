import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** A line as it waits on this device. */
export interface Waiting<Line = unknown> {
  readonly line: Line;
  /** When it was typed, ms since 1970 by this device's clock. */
  readonly typedAt: number;
  /** How many lines of the record's own it comes to, where this device decided it by itself. */
  readonly written?: number;
}

/** The same with its place in the queue. */
interface Kept extends Waiting {
  /** Given by the device. */
  readonly place?: number;
  readonly id: string;
  /** The record it belongs to, such as "task 01a2…". */
  readonly record: string;
  /** Whose line it is: it is sent in nobody else's session. */
  readonly person: string;
  /** The server has it; what this device keeps of the record does not hold it yet. */
  readonly sent?: boolean;
}

/** A record as the server had it last, to go on with where no server answers. */
export interface KeptRecord {
  readonly record: string;
  readonly person: string;
  /** What the core computes with. */
  readonly carried: unknown;
  /** What the screen showed. */
  readonly state: unknown;
  readonly at: number;
}

/** A photo as it waits on this device. */
export interface WaitingPhoto {
  readonly id: string;
  /** The repair order's id. */
  readonly order: string;
  readonly person: string;
  /** What it shows, as the server is told. */
  readonly query: Readonly<Record<string, string>>;
  readonly photo: Blob;
  /** Given by the device. */
  readonly place?: number;
}

interface Outbox extends DBSchema {
  photos: { key: number; value: WaitingPhoto; indexes: { person: string; id: string } };
  lines: { key: number; value: Kept; indexes: { queue: [string, string]; id: string } };
  records: { key: [string, string]; value: KeptRecord; indexes: { at: number } };
}

/** As many records are kept on a device; the one that was looked at longest ago goes first. */
const MOST_RECORDS = 60;

let opened: Promise<IDBPDatabase<Outbox>> | null = null;

function outbox(): Promise<IDBPDatabase<Outbox>> {
  opened ??= openDB<Outbox>('lumbro-outbox', 3, {
    upgrade(database, before) {
      if (before < 1) {
        const lines = database.createObjectStore('lines', {
          keyPath: 'place',
          autoIncrement: true,
        });
        lines.createIndex('queue', ['record', 'person']);
        lines.createIndex('id', 'id', { unique: true });
      }
      if (before < 2) {
        const records = database.createObjectStore('records', { keyPath: ['record', 'person'] });
        records.createIndex('at', 'at');
      }
      const photos = database.createObjectStore('photos', {
        keyPath: 'place',
        autoIncrement: true,
      });
      photos.createIndex('person', 'person');
      photos.createIndex('id', 'id', { unique: true });
    },
  });
  return opened;
}

/** Keeps a line on this device until the server has it; the same line is kept once. */
export async function keep(
  record: string,
  person: string,
  line: { readonly id: string },
): Promise<void> {
  const transaction = (await outbox()).transaction('lines', 'readwrite');
  const known = await transaction.store.index('id').get(line.id);
  await transaction.store.put(
    known?.place === undefined
      ? { id: line.id, record, person, line, typedAt: Date.now() }
      : { ...known, line },
  );
  await transaction.done;
}

/** What waits of a person's for a record, the oldest first. */
export async function waiting<Line>(record: string, person: string): Promise<Waiting<Line>[]> {
  return (await keptLines<Line>(record, person)).filter(({ sent }) => sent !== true);
}

/** The lines alone. */
export async function waitingLines<Line>(record: string, person: string): Promise<Line[]> {
  return (await waiting<Line>(record, person)).map(({ line }) => line);
}

/** What waits, and what the server has that the record as it is kept here does not hold yet. */
export async function keptLines<Line>(
  record: string,
  person: string,
): Promise<(Waiting<Line> & { readonly sent?: boolean })[]> {
  const kept = await (await outbox()).getAllFromIndex('lines', 'queue', [record, person]);
  return kept as (Waiting<Line> & { readonly sent?: boolean })[];
}

/** Of a line that the server has, or that its person has dropped. */
export async function forget(id: string): Promise<void> {
  const transaction = (await outbox()).transaction('lines', 'readwrite');
  const place = await transaction.store.index('id').getKey(id);
  if (place !== undefined) {
    await transaction.store.delete(place);
  }
  await transaction.done;
}

/** Changes what is kept of the lines of a record. */
async function change(
  record: string,
  person: string,
  next: (kept: Kept, index: number) => Kept | null,
): Promise<void> {
  const transaction = (await outbox()).transaction('lines', 'readwrite');
  const all = await transaction.store.index('queue').getAll([record, person]);
  for (const [index, kept] of all.entries()) {
    const now = next(kept, index);
    if (now === null) {
      await transaction.store.delete(kept.place ?? 0);
    } else if (now !== kept) {
      await transaction.store.put(now);
    }
  }
  await transaction.done;
}

/** The server has a line. */
export const acknowledged = (record: string, person: string, id: string): Promise<void> =>
  change(record, person, (kept) => (kept.id === id ? { ...kept, sent: true } : kept));

/** This device decided the first lines that wait by itself: how many lines each comes to. */
export const decidedHere = (
  record: string,
  person: string,
  written: ReadonlyMap<string, number>,
): Promise<void> =>
  change(record, person, (kept) => {
    const lines = written.get(kept.id);
    return lines === undefined || kept.sent === true || kept.written === lines
      ? kept
      : { ...kept, written: lines };
  });

/** Nobody else wrote in between: whoever typed what still waits has seen the record up to this version. */
export const seenUpTo = (
  record: string,
  person: string,
  before: number,
  version: number,
): Promise<void> =>
  change(record, person, (kept) => {
    const line = kept.line as { version?: number };
    return kept.sent === true || line.version !== before
      ? kept
      : { ...kept, line: { ...line, version } };
  });

/** Keeps a record as the server has it now, and forgets the lines that are in it. */
export async function keepRecord(
  kept: Omit<KeptRecord, 'at'>,
  ids: ReadonlySet<string>,
): Promise<void> {
  const database = await outbox();
  await database.put('records', { ...kept, at: Date.now() });
  await change(kept.record, kept.person, (line) =>
    line.sent === true && ids.has(line.id) ? null : line,
  );
  const keys = await database.getAllKeysFromIndex('records', 'at');
  for (const key of keys.slice(0, Math.max(0, keys.length - MOST_RECORDS))) {
    await database.delete('records', key);
  }
}

/** A record as this device has it. */
export async function keptRecord(record: string, person: string): Promise<KeptRecord | undefined> {
  return (await outbox()).get('records', [record, person]);
}

/** A record that nothing is added to any more, and the lines that the server has of it. */
export async function forgetRecord(record: string, person: string): Promise<void> {
  await (await outbox()).delete('records', [record, person]);
  await change(record, person, (line) => (line.sent === true ? null : line));
}

/** Keeps a photo on this device until the server has it. */
export async function keepPhoto(photo: WaitingPhoto): Promise<void> {
  await (await outbox()).put('photos', photo);
}

/** Photos of a person that the server does not have, the oldest first. */
export async function waitingPhotos(person: string): Promise<WaitingPhoto[]> {
  return (await outbox()).getAllFromIndex('photos', 'person', person);
}

/** Of a photo that the server has, or that its person has dropped. */
export async function forgetPhoto(id: string): Promise<void> {
  const database = await outbox();
  const place = await database.getKeyFromIndex('photos', 'id', id);
  if (place !== undefined) {
    await database.delete('photos', place);
  }
}

/** Records of a person with lines that the server does not have. */
export async function unsent(person: string): Promise<ReadonlyMap<string, number>> {
  const found = new Map<string, number>();
  for (const kept of await (await outbox()).getAll('lines')) {
    if (kept.person === person && kept.sent !== true) {
      found.set(kept.record, (found.get(kept.record) ?? 0) + 1);
    }
  }
  return found;
}

/** Of a device that its person leaves: the records that nothing waits for. */
export async function forgetRecords(): Promise<void> {
  const database = await outbox();
  const waited = new Set(
    (await database.getAll('lines'))
      .filter(({ sent }) => sent !== true)
      .map(({ record, person }) => `${record} ${person}`),
  );
  for (const { record, person } of await database.getAll('records')) {
    if (!waited.has(`${record} ${person}`)) {
      await database.delete('records', [record, person]);
    }
  }
}
