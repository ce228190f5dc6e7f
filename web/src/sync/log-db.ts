import type { DehydratedState } from '@tanstack/react-query';
import { openDB } from 'idb';
import type { DBSchema, IDBPDatabase, IDBPObjectStore, StoreNames } from 'idb';
import { renewed } from './old-log.ts';
import type { Entry } from './entry.ts';

type DehydratedQuery = DehydratedState['queries'][number];

interface LogSchema extends DBSchema {
  entries: { key: string; value: Entry; indexes: { order: number } };
  /** What there is one of: this device's name, the lease of the sender, when answers were last kept. */
  single: { key: string; value: unknown };
  /** What the server last said, each answer by the hash of its query. */
  answers: { key: string; value: DehydratedQuery };
}
export type LogDb = IDBPDatabase<LogSchema>;
type StoreName = StoreNames<LogSchema>;

let opened: Promise<LogDb> | null = null;
let nameOf = (): string => 'loxos';

/** Says which store is whose: an account's, or a page's. */
export function keepIn(name: () => string): void {
  nameOf = name;
}

/** Returns the browser's own store; rejects where the browser keeps nothing, as in some private windows. */
export function logDb(): Promise<LogDb> {
  opened ??= openDB<LogSchema>(nameOf(), 3, {
    upgrade(db, before, _, tx) {
      if (before < 1) {
        db.createObjectStore('entries', { keyPath: 'id' }).createIndex('order', 'order');
        db.createObjectStore('single');
      }
      if (before < 2) {
        db.createObjectStore('answers');
        // They were one text once.
        void tx.objectStore('single').delete('answers');
      }
      if (before > 0) void renew(tx.objectStore('entries'));
    },
    // A newer page in another tab lays it out anew: this one lets go, and opens it again when it is asked next.
    blocking() {
      void closeLogDb();
    },
  });
  return opened;
}

/** Says what waits from before changes had steps as it is said now. */
async function renew(
  entries: IDBPObjectStore<LogSchema, StoreName[], 'entries', 'versionchange'>,
): Promise<void> {
  for (const entry of await entries.getAll()) await entries.put(renewed(entry));
}

/** Lets go of the open connection: the next who asks opens another. */
export async function closeLogDb(): Promise<void> {
  const db = await opened?.catch(() => null);
  db?.close();
  opened = null;
}

/** Empties the browser's store: whoever signs out leaves nothing behind. */
export async function emptyLogDb(): Promise<void> {
  const db = await logDb();
  await Promise.all([db.clear('entries'), db.clear('single'), db.clear('answers')]);
}

export const readEntries = async (): Promise<Entry[]> =>
  (await logDb()).getAllFromIndex('entries', 'order');

export const putEntry = async (entry: Entry): Promise<void> => {
  await (await logDb()).put('entries', entry);
};

export const deleteEntry = async (id: string): Promise<void> => {
  await (await logDb()).delete('entries', id);
};

/** Returns the one value of a name, made where there is none yet. */
export async function single<T>(name: string, make: () => T): Promise<T> {
  const tx = (await logDb()).transaction('single', 'readwrite');
  const value = ((await tx.store.get(name)) as T | undefined) ?? make();
  await tx.store.put(value, name);
  await tx.done;
  return value;
}
