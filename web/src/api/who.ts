import type { components } from './schema.gen.ts';

export type Account = components['schemas']['Account'];

const KEPT = 'loxos.account';
/** Whose changes the browser's first store keeps: it is from before there were accounts. */
const FIRST = 'loxos.first';

/** Who is signed in in this browser, as it was last known; null where nobody is. */
export function keptAccount(): Account | null {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? 'null') as Account | null;
  } catch {
    return null;
  }
}

/** Keeps who is signed in, so that the app opens with the network gone. */
export function keepAccount(account: Account): void {
  if (localStorage.getItem(FIRST) === null) localStorage.setItem(FIRST, account.id);
  localStorage.setItem(KEPT, JSON.stringify(account));
}

export function forgetAccount(): void {
  localStorage.removeItem(KEPT);
}

/** The name of the store that keeps this account's changes and answers: nobody else's are in it. */
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
