import { drillEffects, resolveContext } from '@loxos/core';
import type { DrillEffect, LessonBall, ReadingContext } from '@loxos/core';

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
} as const;

export type Tasks = typeof TASKS;
export type TaskName = keyof Tasks;

/** What a worker thread is handed, and does. */
export default function work({ name, input }: { name: TaskName; input: never }): unknown {
  return TASKS[name](input);
}
