import { queryClient } from '../api/client.ts';
import { readDevice } from './device.ts';
import { inOneTab } from './lock.ts';
import { followTabs, readLog, useLog } from './log.ts';
import { isOfLesson } from './pending.ts';
import { Sender } from './sender.ts';
import { keys } from '../api/keys.ts';

/** Another tab changed the log: what it had sent is asked for before it is let go here. */
async function follow(): Promise<void> {
  const before = useLog.getState().entries;
  const lessons = new Set(
    before.flatMap(({ change }) => (isOfLesson(change) ? [change.lessonId] : [])),
  );
  await Promise.allSettled(
    [...lessons].map((id) => queryClient.refetchQueries({ queryKey: keys.lesson(id) })),
  );
  await readLog();
}

/** Reads what the browser keeps, and sends it for as long as the page lives. */
export async function startSync(): Promise<void> {
  await readDevice();
  await readLog();
  followTabs(() => void follow());
  inOneTab(() => {
    const sender = new Sender();
    useLog.subscribe(sender.kick);
    window.addEventListener('online', sender.hurry);
    sender.kick();
  });
}
