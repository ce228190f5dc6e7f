import { parseLaunchFile } from '@loxos/core';
import type { IntakeOptions } from '@loxos/core';
import { fingerprintOf } from '../intake/fingerprint.ts';
import { figuresOf } from '../intake/measured.ts';
import { makeMoved, makeRecord, makeStandings } from './player-record.ts';
import { readLessons } from './read-lessons.ts';

/** Work too long for the thread that answers requests: plain values in, plain values out. */
export const TASKS = {
  readLessons,
  makeRecord,
  makeStandings,
  makeMoved,
  /** A launch file read: each ball's figures and its fingerprint. */
  readFile: ({ text, options }: { readonly text: string; readonly options: IntakeOptions }) => {
    const { balls, rows, columns, questions } = parseLaunchFile(text, options);
    const [figures, prints] = [balls.map(figuresOf), balls.map(fingerprintOf)];
    return { rows, columns, questions, figures, prints };
  },
} as const;

export type Tasks = typeof TASKS;
export type TaskName = keyof Tasks;

/** What a worker thread is handed, and does. */
export default function work({ name, input }: { name: TaskName; input: never }): unknown {
  return TASKS[name](input);
}
