import type { MeasuredBall } from '../intake/quantities.ts';

/** Whether a ball counts in averages: decided by its agreement (`auto`), or by the coach. */
export const KEEPS = ['auto', 'in', 'out'] as const;
export type Keep = (typeof KEEPS)[number];

/** A ball of a lesson, as read. Without an id its place in the list serves. */
export interface LessonBall extends MeasuredBall {
  readonly id?: string;
  readonly keep?: Keep;
}
