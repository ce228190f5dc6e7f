import { logDb } from './log-db.ts';
import { newId } from './new-id.ts';

/** How long a tab that has said nothing is taken to be there, ms; it says so three times as often. */
const LEASE_MS = 6000;

interface Lease {
  readonly owner: string;
  readonly until: number;
}

/** Takes the lease in one step, or keeps it; false where another tab has it. */
export async function takeLease(owner: string, now: number): Promise<boolean> {
  const tx = (await logDb()).transaction('single', 'readwrite');
  const held = (await tx.store.get('sender')) as Lease | undefined;
  const isOurs = held === undefined || held.owner === owner || held.until <= now;
  if (isOurs) await tx.store.put({ owner, until: now + LEASE_MS }, 'sender');
  await tx.done;
  return isOurs;
}

/**
 * Runs in one tab of the browser at a time. By a Web Lock where there is one; plain http on a studio's
 * network has none, and there the tabs agree by a lease in the browser's store.
 */
export function inOneTab(run: () => void): void {
  const locks = (navigator as { readonly locks?: LockManager }).locks;
  if (locks !== undefined) {
    void locks.request('loxos-sender', () => {
      run();
      // Held for as long as the page lives.
      return new Promise<never>(() => undefined);
    });
    return;
  }
  const owner = newId();
  let isRunning = false;
  const ask = async (): Promise<void> => {
    const isOurs = await takeLease(owner, Date.now()).catch(() => true);
    if (isOurs && !isRunning) {
      isRunning = true;
      run();
    }
    setTimeout(() => void ask(), LEASE_MS / 3);
  };
  void ask();
}
