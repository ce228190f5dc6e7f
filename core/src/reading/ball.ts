import type { MeasuredBall } from '../intake/quantities.ts';

/** Whether a ball counts in averages: decided by its agreement (`auto`), or by the coach. */
export const KEEPS = ['auto', 'in', 'out'] as const;
export type Keep = (typeof KEEPS)[number];

/** Whether a monitor measured it or a coach's eye saw it: the eye is far less sure. */
export const SEEN_BY = ['monitor', 'eye'] as const;
export type SeenBy = (typeof SEEN_BY)[number];

/** A ball of a lesson, as read. Without an id its place in the list serves. */
export interface LessonBall extends MeasuredBall {
  readonly id?: string;
  readonly keep?: Keep;
  readonly seen?: SeenBy;
}
