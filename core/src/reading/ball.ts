import { findClub } from '../delivery/club.ts';
import { BALL_QUANTITIES, EMPTY_BALL, infoOf } from '../intake/quantities.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import { isReadOff } from '../inverse/eye.ts';
import type { EyeTold, OpenAmount } from '../inverse/eye.ts';

/** Whether a ball counts in averages: decided by its agreement (`auto`), or by the coach; a rehearsal or a demonstration never does. */
export const KEEPS = ['auto', 'in', 'out', 'shown'] as const;
export type Keep = (typeof KEEPS)[number];

/** What saw it: a monitor, a coach's eye, or the eye with a start post laid on the line. The eye is far less sure. */
export const SEEN_BY = ['monitor', 'eye', 'post'] as const;
export type SeenBy = (typeof SEEN_BY)[number];
export const isByEye = ({ seen }: { readonly seen?: SeenBy | undefined }): boolean =>
  seen === 'eye' || seen === 'post';

/** How far what is known of a ball goes: to tenths, to about so much, or to a side. */
export type Sureness = 'measured' | 'about' | 'side';
export function surenessOf(ball: Told): Sureness {
  if (!isByEye(ball)) return 'measured';
  return ball.openAmount == null ? 'about' : 'side';
}

/** Returns the same of an average: as far as its least sure ball. */
export function surenessOfAll(balls: readonly Told[]): Sureness {
  const all = new Set(balls.map(surenessOf));
  return all.has('side') ? 'side' : all.has('about') ? 'about' : 'measured';
}

type Told = Pick<LessonBall, 'seen' | 'openAmount'>;
export const isStartOpen = ({ openAmount }: Told): boolean =>
  openAmount === 'start' || openAmount === 'both';
export const isBendOpen = ({ openAmount }: Told): boolean =>
  openAmount === 'bend' || openAmount === 'both';

/** Returns whether a start was read off the post it passed, and is no place of the eye. */
export const isStartReadOff = (ball: LessonBall): boolean =>
  ball.seen === 'post' &&
  !isStartOpen(ball) &&
  ball.startDirectionDeg !== null &&
  isReadOff(ball.startDirectionDeg);

/** Returns what the eye told of some balls: whether a post was laid for all, and of how many it gave no size. */
export const toldOf = (balls: readonly Told[]): EyeTold => ({
  hasPost: balls.length > 0 && balls.every(({ seen }) => seen !== 'eye'),
  openStartShare: balls.filter(isStartOpen).length / Math.max(1, balls.length),
  openBendShare: balls.filter(isBendOpen).length / Math.max(1, balls.length),
});

/** How the ground was met, where that was seen. */
export const CONTACTS = ['fat', 'thin'] as const;
export type Contact = (typeof CONTACTS)[number];

/** What a run of balls was hit as; a demonstration never enters an average. */
export const BLOCK_KINDS = ['baseline', 'drill', 'toned', 'play', 'demonstration'] as const;
export type BlockKind = (typeof BLOCK_KINDS)[number];

/** A ball of a lesson, as read. Without an id its place in the list serves. */
export interface LessonBall extends MeasuredBall {
  readonly id?: string;
  readonly keep?: Keep;
  readonly seen?: SeenBy;
  /** What the eye that saw it gave no size: only the side of it is told. */
  readonly openAmount?: OpenAmount | null;
  readonly contact?: Contact | null;
  /** The block it was hit in, as begun; balls without one are in the run they were hit in. */
  readonly blockId?: string | null;
  readonly block?: BlockKind | null;
  /** The drill of a drill block. */
  readonly drillId?: string | null;
  /** What wrote its figures down, as a key; null where nobody said. */
  readonly source?: string | null;
}

/** The ranges of the figures as a list, made once: every reading cleans its ball. */
const RANGES = BALL_QUANTITIES.map((quantity) => {
  const { min, max } = infoOf(quantity);
  return { quantity, min, max };
});

/** What is said of a ball beside its figures. */
const SAID = [
  ...(['id', 'keep', 'seen', 'openAmount', 'contact'] as const),
  ...(['blockId', 'block', 'drillId', 'source'] as const),
] as const;

const isFigure = (value: unknown, min: number, max: number): value is number =>
  typeof value === 'number' && value >= min && value <= max;

/** A ball of a lesson with nothing said of it, every field in its place: readings copy it, and are of one shape. */
const UNSAID = {
  ...EMPTY_BALL,
  id: undefined,
  keep: undefined,
  seen: undefined,
  openAmount: undefined,
  contact: undefined,
  blockId: undefined,
  block: undefined,
  drillId: undefined,
  source: undefined,
} as unknown as LessonBall;

/** Returns the ball with every figure a finite number in its range, or null, and a club of the bag, or null. */
export function cleanBall(ball: Partial<LessonBall> | null | undefined): LessonBall {
  const given: Partial<LessonBall> = typeof ball === 'object' && ball !== null ? ball : {};
  const clean: { -readonly [K in keyof LessonBall]?: unknown } = { ...UNSAID };
  for (const { quantity, min, max } of RANGES) {
    const value: unknown = given[quantity];
    if (isFigure(value, min, max)) clean[quantity] = value;
  }
  clean.club = findClub(given.club)?.id ?? null;
  clean.clubText = typeof given.clubText === 'string' ? given.clubText : null;
  clean.hitAt = typeof given.hitAt === 'string' ? given.hitAt : null;
  for (const name of SAID) clean[name] = given[name];
  return clean as LessonBall;
}
