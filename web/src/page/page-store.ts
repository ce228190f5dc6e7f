import { create } from 'zustand';
import type { PlayerPage } from '../api/client.ts';
import { ApiError } from '../api/error.ts';
import { add, drop, readLog, useLog, waiting } from '../sync/log.ts';
import type { Entry } from '../sync/entry.ts';
import { newId } from '../sync/new-id.ts';
import { Sender } from '../sync/sender.ts';
import type { Wire } from '../sync/sender.ts';
import { askPage, sendFrom } from './page-api.ts';
import { forgetPage, keepPage, keptPage, openPageDb } from './page-db.ts';
import { pageStep, withEntries } from './page-steps.ts';
import type { Done } from './page-steps.ts';

interface PageState {
  readonly token: string;
  /** What the server last said, and what it has taken since; null before it has said anything. */
  readonly page: PlayerPage | null;
  /** Why there is no page. */
  readonly trouble: string | null;
  /** Whether the server answers. */
  readonly isReached: boolean;
}

const EMPTY: PageState = { token: '', page: null, trouble: null, isReached: true };

export const usePageState = create<PageState>()(() => EMPTY);
const { getState: get, setState: set } = usePageState;

/** Returns the page as it is with everything done on this phone. */
export const shownPage = (
  { page }: Pick<PageState, 'page'>,
  entries: readonly Entry[],
): PlayerPage | null => (page === null ? null : withEntries(page, waiting(entries)));

async function refresh(): Promise<void> {
  const { token } = get();
  try {
    const page = await askPage(token);
    set({ page, trouble: null, isReached: true });
    await keepPage(page).catch(() => undefined);
  } catch (error) {
    const { status, message } = error as ApiError;
    // Withdrawn, ended or never there: nothing of it stays on the phone.
    if (status === 404 || status === 410) {
      set({ page: null, trouble: message });
      await forgetPage().catch(() => undefined);
      for (const { id } of useLog.getState().entries) await drop(id);
    } else set({ isReached: false, trouble: get().page === null ? message : null });
  }
}

/** How what is done at a page reaches the server. */
const wire: Wire<null> = {
  async send(entries) {
    const answers = await sendFrom(get().token, entries);
    const isTaken = answers.some(({ answer }) => !(answer instanceof ApiError));
    set({ isReached: isTaken || answers.every(({ answer }) => (answer?.status ?? 0) < 500) });
    return answers;
  },
  async taken(entry, _answer, isLast) {
    const { page } = get();
    if (page !== null) set({ page: withEntries(page, [entry]) });
    if (isLast) await refresh();
  },
  async refused(_entry, isLast) {
    if (isLast) await refresh();
  },
  reached: (isReached) => {
    if (!isReached) set({ isReached });
  },
};
let sender = new Sender(wire);
let unfollow = (): void => undefined;

/** Does something at the page: it shows at once, is kept on the phone, and is sent when it can be. */
export async function doAtPage(done: Done): Promise<void> {
  // What was not taken was read: it is said until the next thing is done.
  for (const { id, refusal } of useLog.getState().entries) if (refusal !== null) await drop(id);
  const id = newId();
  await add({ steps: [{ ...pageStep(done, id), seen: null }] }, id);
}

/** Opens the page of a token: what the phone keeps at once, then what the server says. */
export async function openPage(token: string): Promise<void> {
  unfollow();
  sender.stop();
  useLog.setState({ entries: [], isKept: true });
  set({ ...EMPTY, token });
  await openPageDb(token).catch(() => undefined);
  await readLog();
  set({ page: await keptPage().catch(() => null) });
  await refresh();
  sender = new Sender(wire);
  unfollow = useLog.subscribe(sender.kick);
  sender.kick();
}

/** Tries at once: the network is back, or somebody looks again. */
export async function lookAgain(): Promise<void> {
  await refresh();
  sender.hurry();
}
