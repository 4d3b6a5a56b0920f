import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** A line as it waits on this device. */
interface Kept {
  /** Its place in the queue, given by the device. */
  readonly place?: number;
  readonly id: string;
  /** The record it belongs to, such as "task 01a2…". */
  readonly record: string;
  /** Whose line it is: it is sent in nobody else's session. */
  readonly person: string;
  readonly line: unknown;
}

interface Outbox extends DBSchema {
  lines: { key: number; value: Kept; indexes: { queue: [string, string]; id: string } };
}

let opened: Promise<IDBPDatabase<Outbox>> | null = null;

function outbox(): Promise<IDBPDatabase<Outbox>> {
  opened ??= openDB<Outbox>('lumbro-outbox', 1, {
    upgrade(database) {
      const lines = database.createObjectStore('lines', { keyPath: 'place', autoIncrement: true });
      lines.createIndex('queue', ['record', 'person']);
      lines.createIndex('id', 'id', { unique: true });
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
    known?.place === undefined ? { id: line.id, record, person, line } : { ...known, line },
  );
  await transaction.done;
}

/** What waits of a person's for a record, the oldest first. */
export async function waitingLines<Line>(record: string, person: string): Promise<Line[]> {
  const kept = await (await outbox()).getAllFromIndex('lines', 'queue', [record, person]);
  return kept.map(({ line }) => line as Line);
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
