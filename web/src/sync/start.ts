import { askAnew } from './ask-anew.ts';
import { readDevice } from './device.ts';
import { readEntries } from './log-db.ts';
import { inOneTab } from './lock.ts';
import { followTabs, readLog, useLog } from './log.ts';
import { laneOf } from './pending.ts';
import { wire } from './send.ts';
import { Sender } from './sender.ts';

/** Another tab changed the log: what it had sent is asked for before it is let go here. */
async function follow(): Promise<void> {
  const kept = new Set((await readEntries().catch(() => [])).map(({ id }) => id));
  const gone = useLog.getState().entries.filter(({ id }) => !kept.has(id));
  const lanes = new Map(gone.map(({ change }) => [laneOf(change), change]));
  await Promise.allSettled([...lanes.values()].map(askAnew));
  await readLog();
}

/** Reads what the browser keeps, and sends it for as long as the page lives. */
export async function startSync(): Promise<void> {
  await readDevice();
  await readLog();
  followTabs(() => void follow());
  inOneTab(() => {
    const sender = new Sender(wire);
    useLog.subscribe(sender.kick);
    window.addEventListener('online', sender.hurry);
    sender.kick();
  });
}
