import { openDB } from 'idb';
import type { DBSchema, IDBPDatabase } from 'idb';
import type { PlayerPage } from '../api/client.ts';
import type { Entry } from './entries.ts';

interface PageSchema extends DBSchema {
  /** What the server last said, by the token in the link. */
  pages: { key: string; value: PlayerPage };
  entries: { key: string; value: Entry; indexes: { order: number } };
}

let opened: Promise<IDBPDatabase<PageSchema>> | null = null;

/** The phone's own store; rejects where the browser keeps nothing, as in some private windows. */
function pageDb(): Promise<IDBPDatabase<PageSchema>> {
  opened ??= openDB<PageSchema>('loxos-page', 1, {
    upgrade(db) {
      db.createObjectStore('pages');
      db.createObjectStore('entries', { keyPath: 'id' }).createIndex('order', 'order');
    },
  });
  return opened;
}

export const keptPage = async (token: string): Promise<PlayerPage | null> =>
  (await (await pageDb()).get('pages', token)) ?? null;

export const keepPage = async (token: string, page: PlayerPage): Promise<void> => {
  await (await pageDb()).put('pages', page, token);
};

export const forgetPage = async (token: string): Promise<void> =>
  (await pageDb()).delete('pages', token);

export const keptEntries = async (token: string): Promise<Entry[]> =>
  (await (await pageDb()).getAllFromIndex('entries', 'order')).filter(
    (entry) => entry.token === token,
  );

export const keepEntry = async (entry: Entry): Promise<void> => {
  await (await pageDb()).put('entries', entry);
};

export const dropEntry = async (id: string): Promise<void> =>
  (await pageDb()).delete('entries', id);

/** Forgets everything: for tests, which begin with an empty phone. */
export async function emptyPageDb(): Promise<void> {
  const db = await pageDb();
  await Promise.all([db.clear('pages'), db.clear('entries')]);
}
