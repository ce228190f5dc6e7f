import { readLaunchFile, rowsAsTheyCame } from '../intake/read-launch-file.ts';
import { checkCopy, openFile, sealFile, writeCopy } from './copy-files.ts';
import { makeMoved, makeRecord, makeStandings } from './player-record.ts';
import { readLessons } from './read-lessons.ts';

/** Work too long for the thread that answers requests: plain values in, plain values out. */
export const TASKS = {
  readLessons,
  makeRecord,
  makeStandings,
  makeMoved,
  readLaunchFile,
  rowsAsTheyCame,
  writeCopy,
  checkCopy,
  sealFile,
  openFile,
} as const;

export type Tasks = typeof TASKS;
export type TaskName = keyof Tasks;

/** What a worker thread is handed, and does. */
export default function work({ name, input }: { name: TaskName; input: never }): unknown {
  return TASKS[name](input);
}
