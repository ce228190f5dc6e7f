import { openDB } from 'idb';
import type { PlayerPage } from '../api/client.ts';
import { keepIn, logDb, putEntry } from '../sync/log-db.ts';
import { pageStep } from './page-steps.ts';
import type { Done } from './page-steps.ts';

const PAGE = 'page';

/** Opens the phone's own store of a page; rejects where the browser keeps nothing, as in some private windows. */
export async function openPageDb(token: string): Promise<void> {
  keepIn(() => `loxos page ${token}`);
  await logDb();
  await takeOver(token);
}

export const keptPage = async (): Promise<PlayerPage | null> =>
  ((await (await logDb()).get('single', PAGE)) as PlayerPage | undefined) ?? null;

export const keepPage = async (page: PlayerPage): Promise<void> => {
  await (await logDb()).put('single', page, PAGE);
};

export const forgetPage = async (): Promise<void> => (await logDb()).delete('single', PAGE);

/** What was done at a page, as the one store of all pages kept it. */
interface OldEntry {
  readonly id: string;
  readonly order: number;
  readonly token: string;
  readonly at: string;
  readonly done: Done;
}

/** Takes over what one store kept of all pages once: what waits of this page is sent, and nothing of it is left there. */
async function takeOver(token: string): Promise<void> {
  const db = await openDB('loxos-page', 1, {
    upgrade(made) {
      made.createObjectStore('pages');
      made.createObjectStore('entries', { keyPath: 'id' }).createIndex('order', 'order');
    },
  });
  const all = (await db.getAll('entries')) as OldEntry[];
  for (const { id, order, at, done } of all.filter((entry) => entry.token === token)) {
    const change = { steps: [{ ...pageStep(done, id), seen: null }] } as const;
    await putEntry({ id, order, at, change, refusal: null });
    await db.delete('entries', id);
  }
  const page = (await db.get('pages', token)) as PlayerPage | undefined;
  if (page !== undefined) await keepPage(page);
  await db.delete('pages', token);
  db.close();
}
