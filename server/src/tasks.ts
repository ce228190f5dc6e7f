import { CHECK_COPY, OPEN_FILE, SEAL_FILE, WRITE_COPY } from './backups/copy-files.ts';
import { READ_LAUNCH_FILE, ROWS_AS_THEY_CAME } from './intake/read-launch-file.ts';
import { MAKE_PAGE } from './pages/make-page.ts';
import { READ_LESSONS } from './readings/read-lessons.ts';
import { MAKE_MOVED, MAKE_RECORD, MAKE_STANDINGS } from './record/make-record.ts';
import type { Task } from './threads/task.ts';

/** Everything that is done in threads. */
export const TASKS = [
  ...[READ_LESSONS, MAKE_RECORD, MAKE_STANDINGS, MAKE_MOVED, MAKE_PAGE],
  ...[READ_LAUNCH_FILE, ROWS_AS_THEY_CAME],
  ...[WRITE_COPY, CHECK_COPY, SEAL_FILE, OPEN_FILE],
] as readonly Task<never, unknown>[];

/** Returns what a worker thread is handed, and does. Throws where it knows no such task. */
export default function work({ name, input }: { name: string; input: never }): unknown {
  const task = TASKS.find((one) => one.name === name);
  if (task === undefined) throw new Error(`no thread does ${name}`);
  return task.work(input);
}
