import type { components } from './schema.gen.ts';

export type Account = components['schemas']['Account'];

const KEPT = 'loxos.account';
/** Whose changes the browser's first store keeps: it is from before there were accounts. */
const FIRST = 'loxos.first';

/** Read once for each text: every time of day on a screen asks for it. */
let read: { readonly text: string | null; readonly account: Account | null } | null = null;

function parsed(text: string | null): Account | null {
  try {
    return JSON.parse(text ?? 'null') as Account | null;
  } catch {
    return null;
  }
}

/** Returns who is signed in in this browser, as it was last known; null where nobody is. */
export function keptAccount(): Account | null {
  const text = localStorage.getItem(KEPT);
  if (read === null || read.text !== text) read = { text, account: parsed(text) };
  return read.account;
}

/** Keeps who is signed in, so that the app opens with the network gone. */
export function keepAccount(account: Account): void {
  if (localStorage.getItem(FIRST) === null) localStorage.setItem(FIRST, account.id);
  localStorage.setItem(KEPT, JSON.stringify(account));
}

export function forgetAccount(): void {
  localStorage.removeItem(KEPT);
}

/** Returns the name of the store that keeps this account's changes and answers: nobody else's are in it. */
export function storeName(): string {
  const id = keptAccount()?.id;
  return id === undefined || id === localStorage.getItem(FIRST) ? 'loxos' : `loxos ${id}`;
}

/** Tells when somebody else signs in, or out, in another tab. */
export function followAccount(changed: () => void): void {
  const id = keptAccount()?.id;
  window.addEventListener('storage', ({ key }) => {
    if (key === KEPT && keptAccount()?.id !== id) changed();
  });
}
