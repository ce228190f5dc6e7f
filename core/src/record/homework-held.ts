/**
 * Whether a number held better from one visit to the next where the homework between them was done. It is an association:
 * who does their homework may differ in more than that.
 */
import { differenceOf, halfOf } from '../proof/difference.ts';
import type { Followed } from './follow.ts';
import { awayFrom } from './points.ts';

/** A day on which homework was due. */
export interface HomeworkDue {
  /** ISO date. */
  readonly date: string;
  readonly isDone: boolean;
}

/** Of the days between two visits, done of due, from which it counts as done (common practice, no source). */
const DONE_SHARE = 0.5;
/** Days due between two visits from which they say anything. */
const DUE_AT_LEAST = 2;
const CONFIDENCE = 0.95;

export interface HomeworkHeld {
  /** Times between two visits with the homework done, and with it dropped. */
  readonly done: number;
  readonly dropped: number;
  /**
   * How much nearer to the wanted the next visit was where it was done than where it was not, in the figure's unit, with
   * its 95 % half-width; null for too few of either.
   */
  readonly nearer: { readonly by: number; readonly half95: number } | null;
}

/** Returns what homework between visits goes with, of a figure; null where nothing is wanted of it or no homework was due between visits. */
export function homeworkHeld(
  { points, target }: Followed,
  homework: readonly HomeworkDue[],
): HomeworkHeld | null {
  if (target === null) return null;
  const nearer: Record<'done' | 'dropped', number[]> = { done: [], dropped: [] };
  points.slice(1).forEach((point, n) => {
    const before = points[n]!;
    const [from, to] = [before.day, point.day];
    const due = homework.filter(({ date }) => date > from && date <= to);
    if (due.length < DUE_AT_LEAST) return;
    const isDone = due.filter((day) => day.isDone).length >= DONE_SHARE * due.length;
    nearer[isDone ? 'done' : 'dropped'].push(
      awayFrom(before.middle, target) - awayFrom(point.middle, target),
    );
  });
  const { done, dropped } = nearer;
  if (done.length + dropped.length === 0) return null;
  const difference = differenceOf(dropped, done);
  return {
    done: done.length,
    dropped: dropped.length,
    nearer:
      difference === null
        ? null
        : { by: difference.by, half95: halfOf({ ...difference, isTiny: false }, CONFIDENCE) },
  };
}
