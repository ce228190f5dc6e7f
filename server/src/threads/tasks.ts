import { drillEffects, parseLaunchFile, resolveContext } from '@loxos/core';
import type { DrillEffect, IntakeOptions, LessonBall, ReadingContext } from '@loxos/core';
import { fingerprintOf } from '../intake/fingerprint.ts';
import { figuresOf } from '../intake/measured.ts';

/** Work too long for the thread that answers requests: plain values in, plain values out. */
export const TASKS = {
  /** What the drills of each lesson moved. */
  effects: (asked: {
    readonly lessons: readonly (readonly LessonBall[])[];
    readonly context: ReadingContext;
  }): DrillEffect[][] => {
    const context = resolveContext(asked.context);
    return asked.lessons.map((balls) => drillEffects(balls, context));
  },
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
