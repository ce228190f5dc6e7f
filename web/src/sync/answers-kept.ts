import type { PersistedClient, Persister } from '@tanstack/react-query-persist-client';
import { logDb } from './log-db.ts';

/** Answers that come one after the other are kept together, ms. */
const GATHER_MS = 2000;

/** What the answers kept are of: null where none are. */
interface Kept {
  readonly timestamp: number;
  readonly buster: string;
}

/**
 * What the server last said, kept in the browser, each answer by itself: a tap on one lesson writes that lesson's
 * changed piece, and not all that is kept. Tabs keep theirs beside each other's.
 */
export class AnswersKept implements Persister {
  /** When each answer that this tab has kept was given. */
  private readonly given = new Map<string, number>();
  private latest: PersistedClient | null = null;
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(private readonly gatherMs = GATHER_MS) {}

  persistClient = (client: PersistedClient): void => {
    this.latest = client;
    this.timer ??= setTimeout(() => {
      this.timer = null;
      // A browser that keeps nothing shows what is in hand all the same.
      void this.keep(this.latest!).catch(() => undefined);
    }, this.gatherMs);
  };

  restoreClient = async (): Promise<PersistedClient | undefined> => {
    const db = await logDb();
    const kept = (await db.get('single', 'answers')) as Kept | undefined;
    if (kept === undefined) return undefined;
    const queries = await db.getAll('answers');
    for (const { queryHash, state } of queries) this.given.set(queryHash, state.dataUpdatedAt);
    return { ...kept, clientState: { mutations: [], queries } };
  };

  removeClient = async (): Promise<void> => {
    if (this.timer !== null) clearTimeout(this.timer);
    this.timer = null;
    const db = await logDb();
    await Promise.all([db.clear('answers'), db.delete('single', 'answers')]);
    this.given.clear();
  };

  /** Writes down what is new, and forgets what this tab kept and no longer has. */
  private async keep({ timestamp, buster, clientState }: PersistedClient): Promise<void> {
    const tx = (await logDb()).transaction(['answers', 'single'], 'readwrite');
    const answers = tx.objectStore('answers');
    const there = new Set(clientState.queries.map(({ queryHash }) => queryHash));
    const gone = [...this.given.keys()].filter((hash) => !there.has(hash));
    const fresh = clientState.queries.filter(
      ({ queryHash, state }) => this.given.get(queryHash) !== state.dataUpdatedAt,
    );
    const kept: Kept = { timestamp, buster };
    await Promise.all([
      ...gone.map((hash) => answers.delete(hash)),
      ...fresh.map((query) => answers.put(query, query.queryHash)),
      tx.objectStore('single').put(kept, 'answers'),
      tx.done,
    ]);
    for (const hash of gone) this.given.delete(hash);
    for (const { queryHash, state } of fresh) this.given.set(queryHash, state.dataUpdatedAt);
  }
}
