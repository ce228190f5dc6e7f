import { create } from 'zustand';
import type { PlayerPage } from '../api/client.ts';
import { newId } from '../sync/new-id.ts';
import { withEntries } from './entries.ts';
import type { Done, Entry } from './entries.ts';
import { Refusal, askPage, send } from './page-api.ts';
import { dropEntry, forgetPage, keepEntry, keepPage, keptEntries, keptPage } from './page-db.ts';

const FIRST_RETRY_MS = 2000;
const LAST_RETRY_MS = 60_000;
/** Answers that say "later", not "no". */
const LATER = new Set([0, 408, 425, 429]);

interface PageState {
  readonly token: string;
  /** What the server last said; null before it has. */
  readonly page: PlayerPage | null;
  /** What was done here and is not yet there, in order. */
  readonly entries: readonly Entry[];
  /** Why there is no page. */
  readonly trouble: string | null;
  /** Whether the server answers. */
  readonly isReached: boolean;
  /** What the server would not take, in its own words. */
  readonly refused: string | null;
  /** Whether the phone keeps what is done when the page is closed. */
  readonly isKept: boolean;
}

const EMPTY: PageState = {
  token: '',
  page: null,
  entries: [],
  trouble: null,
  isReached: true,
  refused: null,
  isKept: true,
};

export const usePageState = create<PageState>()(() => EMPTY);
const { getState: get, setState: set } = usePageState;

/** The page as it is with everything done on this phone. */
export const shownPage = ({ page, entries }: PageState): PlayerPage | null =>
  page === null ? null : withEntries(page, entries);

async function refresh(): Promise<void> {
  const { token } = get();
  try {
    const page = await askPage(token);
    set({ page, trouble: null, isReached: true });
    await keepPage(token, page).catch(() => undefined);
  } catch (error) {
    const { status, message } = error as Refusal;
    // Withdrawn, ended or never there: nothing of it stays on the phone.
    if (status === 404 || status === 410) {
      set({ page: null, trouble: message });
      await forgetPage(token).catch(() => undefined);
    } else set({ isReached: false, trouble: get().page === null ? message : null });
  }
}

const isLater = (error: unknown): boolean =>
  !(error instanceof Refusal) || LATER.has(error.status) || error.status >= 500;

let isSending = false;
let tries = 0;
let timer: ReturnType<typeof setTimeout> | undefined;

async function sendOne(entry: Entry): Promise<boolean> {
  try {
    await send(entry);
  } catch (error) {
    if (isLater(error)) return false;
    set({ refused: (error as Refusal).message });
  }
  return true;
}

/** Sends what is waiting, in order; what the server cannot take just now is tried again. */
export async function sendAll(): Promise<void> {
  if (isSending) return;
  isSending = true;
  clearTimeout(timer);
  const sent: string[] = [];
  for (let entry = get().entries[0]; entry !== undefined;) {
    if (!(await sendOne(entry))) {
      set({ isReached: false });
      timer = setTimeout(
        () => void sendAll(),
        Math.min(LAST_RETRY_MS, FIRST_RETRY_MS * 2 ** tries),
      );
      tries += 1;
      break;
    }
    tries = 0;
    sent.push(entry.id);
    await dropEntry(entry.id).catch(() => undefined);
    entry = get().entries.find(({ id }) => !sent.includes(id));
  }
  // The page is asked anew before what was sent is let go: nothing goes from the screen meanwhile.
  if (sent.length > 0) await refresh();
  set({ entries: get().entries.filter(({ id }) => !sent.includes(id)) });
  isSending = false;
  if (get().isReached && get().entries.length > 0) void sendAll();
}

/** Does something at the page: it shows at once, is kept on the phone, and is sent when it can be. */
export async function doAtPage(done: Done): Promise<void> {
  const { token, entries } = get();
  const order = Math.max(Date.now(), (entries.at(-1)?.order ?? 0) + 1);
  const entry = { id: newId(), order, token, at: new Date().toISOString(), done };
  set({ entries: [...entries, entry], refused: null });
  await keepEntry(entry).catch(() => set({ isKept: false }));
  await sendAll();
}

/** Opens the page of a token: what the phone keeps at once, then what the server says. */
export async function openPage(token: string): Promise<void> {
  clearTimeout(timer);
  set({ ...EMPTY, token });
  const [page, entries] = await Promise.all([keptPage(token), keptEntries(token)]).catch(
    () => [null, []] as const,
  );
  set({ page, entries });
  await refresh();
  await sendAll();
}

/** Tries at once: the network is back, or somebody looks again. */
export async function lookAgain(): Promise<void> {
  tries = 0;
  await refresh();
  await sendAll();
}
