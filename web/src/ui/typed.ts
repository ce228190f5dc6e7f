/** What is typed and not kept yet, in the browser's own store as each letter comes: a page that is closed loses none of it. */
import { keptAccount } from '../api/who.ts';

const PREFIX = 'loxos.typed ';
/** What was left so long ago is nobody's any more, ms. */
const LEFT_MS = 3 * 24 * 3600 * 1000;

interface Typed {
  /** What stood there when it was begun: where something else stands now, somebody was faster. */
  readonly base: string;
  readonly text: string;
  readonly at: number;
}

/** One field of one address, of whoever is signed in. */
const keyOf = (label: string): string =>
  `${PREFIX}${keptAccount()?.id ?? ''} ${window.location.pathname} ${label}`;

/** Keeps what stands in a field. */
export function keepTyped(label: string, base: string, text: string): void {
  const typed: Typed = { base, text, at: Date.now() };
  try {
    localStorage.setItem(keyOf(label), JSON.stringify(typed));
  } catch {
    // A store that is full or closed: it is kept when the hand rests.
  }
}

/** Returns what was typed here and never kept; null where nothing was, or the field holds something else by now. */
export function leftTyped(label: string, value: string): string | null {
  try {
    const { base, text, at } = JSON.parse(localStorage.getItem(keyOf(label))!) as Typed;
    return base === value && text !== value && Date.now() - at < LEFT_MS ? text : null;
  } catch {
    return null;
  }
}

export function dropTyped(label: string): void {
  localStorage.removeItem(keyOf(label));
}

/** Drops all that was typed and never kept: whoever signs out leaves nothing. */
export function dropAllTyped(): void {
  for (const key of Object.keys(localStorage))
    if (key.startsWith(PREFIX)) localStorage.removeItem(key);
}

/** Does something as soon as the page is no longer seen; what ends that. */
export function onHide(keep: () => void): () => void {
  const hidden = (): void => {
    if (document.visibilityState === 'hidden') keep();
  };
  window.addEventListener('pagehide', keep);
  document.addEventListener('visibilitychange', hidden);
  return () => {
    window.removeEventListener('pagehide', keep);
    document.removeEventListener('visibilitychange', hidden);
  };
}
