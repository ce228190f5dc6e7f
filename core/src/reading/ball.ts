import { findClub } from '../delivery/club.ts';
import { BALL_QUANTITIES, EMPTY_BALL, infoOf } from '../intake/quantities.ts';
import type { BallFigures, MeasuredBall } from '../intake/quantities.ts';

/** Whether a ball counts in averages: decided by its agreement (`auto`), or by the coach. */
export const KEEPS = ['auto', 'in', 'out'] as const;
export type Keep = (typeof KEEPS)[number];

/** Whether a monitor measured it or a coach's eye saw it: the eye is far less sure. */
export const SEEN_BY = ['monitor', 'eye'] as const;
export type SeenBy = (typeof SEEN_BY)[number];

/** What a run of balls was hit as; a demonstration never enters an average. */
export const BLOCK_KINDS = ['baseline', 'drill', 'toned', 'play', 'demonstration'] as const;
export type BlockKind = (typeof BLOCK_KINDS)[number];

/** A ball of a lesson, as read. Without an id its place in the list serves. */
export interface LessonBall extends MeasuredBall {
  readonly id?: string;
  readonly keep?: Keep;
  readonly seen?: SeenBy;
  /** The block it was hit in, as begun; balls without one are in the run they were hit in. */
  readonly blockId?: string | null;
  readonly block?: BlockKind | null;
  /** The drill of a drill block. */
  readonly drillId?: string | null;
}

function figureOf(ball: Partial<BallFigures>, quantity: keyof BallFigures): number | null {
  const value: unknown = ball[quantity];
  const { min, max } = infoOf(quantity);
  const usable =
    typeof value === 'number' && Number.isFinite(value) && value >= min && value <= max;
  return usable ? value : null;
}

/** The ball with every figure a finite number in its range, or null, and a club of the bag, or null. */
export function cleanBall(ball: Partial<LessonBall> | null | undefined): LessonBall {
  const given: Partial<LessonBall> = typeof ball === 'object' && ball !== null ? ball : {};
  const figures = Object.fromEntries(BALL_QUANTITIES.map((name) => [name, figureOf(given, name)]));
  return {
    ...EMPTY_BALL,
    ...given,
    ...figures,
    club: findClub(given.club)?.id ?? null,
    clubText: typeof given.clubText === 'string' ? given.clubText : null,
  };
}
