/** A figure visit by visit: its middle, its spread, how sure it is, and how many balls were within the window. */
import type { ClubKind } from '../delivery/head.ts';
import { robustOf } from '../maths/robust.ts';
import { NORMAL_975, mean } from '../maths/statistics.ts';
import { eyeSdOf } from '../reading/error.ts';
import type { Reading } from './change-points.ts';
import type { RecordBalls, RecordFigure } from './lesson-record.ts';
import { asLastSource, lastSource, mainSource, offsetsOf } from './sources.ts';
import { ownOf } from './visit.ts';
import type { Visit } from './visit.ts';

/** The figures followed from visit to visit; degrees, m and mm, positive right and to the toe. */
export const FOLLOWED = [
  'faceToPathDeg',
  'clubPathDeg',
  'faceAngleDeg',
  'startDirectionDeg',
  'curveM',
  'offlineM',
  'strikeToeMm',
] as const satisfies readonly RecordFigure[];
export type FollowedFigure = (typeof FOLLOWED)[number];

/** Balls of a visit from which it is a point. */
export const POINT_AT_LEAST = 3;
/** Of balls whose face and path were read backwards: what all of a visit share, degrees, one standard deviation (common practice, no source). */
const INFERRED_SD_DEG = 1.5;
/** The figures of the delivery itself. */
export const DELIVERY: ReadonlySet<FollowedFigure> = new Set([
  'faceToPathDeg',
  'clubPathDeg',
  'faceAngleDeg',
]);

export interface VisitPoint {
  readonly lessonId: string;
  readonly at: string;
  readonly day: string;
  readonly count: number;
  readonly middle: number;
  /** As a standard deviation of the balls. */
  readonly spread: number;
  /** Standard error of the middle, with what all balls of the visit share. */
  readonly error: number;
  /** 95 % half-width of the middle. */
  readonly half95: number;
  /** Where its 95 % interval is of ratios: how many times less and more than the middle it reaches. */
  readonly times95?: number;
  /** Balls within the window; null where there is none. */
  readonly inside: number | null;
  /** What wrote most of its balls down, as a key; null where nobody said, or the coach's eye did. */
  readonly source: string | null;
  /** How unsure it is that the source reads as the one used last: a standard error; null where they were never compared. */
  readonly sourceError: number | null;
}

/** Returns the 95 % interval of a point. */
export const endsOf = ({
  middle,
  half95,
  times95,
}: Pick<VisitPoint, 'middle' | 'half95' | 'times95'>): readonly [low: number, high: number] =>
  times95 === undefined ? [middle - half95, middle + half95] : [middle / times95, middle * times95];

/** What is wanted of a figure, and how far to each side is within. */
export interface Target {
  readonly wanted: number;
  readonly window: number;
}

/** Returns how far a value is from the wanted, to either side. */
export const awayFrom = (value: number, { wanted }: Pick<Target, 'wanted'>): number =>
  Math.abs(value - wanted);

/** By how much a value is outside the window; 0 within. */
export const outsideOf = (value: number, target: Target): number =>
  Math.max(0, awayFrom(value, target) - target.window);

export const valuesAt = (
  balls: RecordBalls,
  places: readonly number[],
  figure: RecordFigure,
): number[] => places.map((n) => balls.figures[figure][n]!).filter((value) => !Number.isNaN(value));

/** Returns what all balls of a visit share beyond a monitor's own error, one standard deviation. */
function sharedOf(balls: RecordBalls, places: readonly number[], figure: FollowedFigure): number {
  const most = (is: (n: number) => boolean): boolean =>
    2 * places.filter(is).length > places.length;
  if (DELIVERY.has(figure)) return most(balls.isInferred) ? INFERRED_SD_DEG : 0;
  if (!most(balls.isSeen)) return 0;
  // No interval is narrower than the eye.
  const carries = valuesAt(balls, places, 'carryM');
  return eyeSdOf(figure, carries.length === 0 ? null : mean(carries)) ?? 0;
}

/** Returns the visits in which a figure is known of at least three own balls, the oldest first. */
export function pointsOf(
  visits: readonly Visit[],
  kind: ClubKind,
  figure: FollowedFigure,
  target: Target | null,
): VisitPoint[] {
  const offsets = offsetsOf(visits, kind, figure);
  const last = lastSource(visits, kind);
  return visits.flatMap((visit) => {
    const { balls, lessonId, at, day } = visit;
    const places = ownOf(visit, kind).filter((n) => !Number.isNaN(balls.figures[figure][n]!));
    if (places.length < POINT_AT_LEAST) return [];
    const { values, error: sourceError } = asLastSource(balls, places, figure, offsets);
    const source = mainSource(balls, places);
    const isCompared = source === null || source === last || offsets.has(source);
    const { count, middle, spread, error } = robustOf(values)!;
    const isInside = (value: number): boolean => target !== null && outsideOf(value, target) === 0;
    const sure = Math.hypot(error, sourceError, sharedOf(balls, places, figure));
    return [
      {
        lessonId,
        at,
        day,
        count,
        middle,
        spread,
        error: sure,
        half95: NORMAL_975 * sure,
        inside: target === null ? null : values.filter(isInside).length,
        source,
        sourceError: isCompared ? sourceError : null,
      },
    ];
  });
}

/** Visits the usual scatter from day to day stands for, before a player's own is known. */
const PRIOR_VISITS = 4;
/** Mean size of a standard normal deviate. */
const MEAN_SIZE = 0.797885;

/** How much a player's middle moves from visit to visit by itself. */
export interface DayScatter {
  readonly variance: number;
  /** Degrees of freedom it is known by. */
  readonly degrees: number;
}

/**
 * Returns the scatter from visit to visit, from successive differences, which a change of level moves little (von Neumann et al.
 * 1941, Ann. Math. Stat. 12:153; their mean size in place of their squares). Until a player's own is known it is taken to be
 * `usualSd` at least.
 */
export function dayScatter(points: readonly VisitPoint[], usualSd: number): DayScatter {
  const steps = Math.max(0, points.length - 1);
  const degrees = PRIOR_VISITS + steps;
  const usual = { variance: usualSd ** 2, degrees };
  if (steps === 0) return usual;
  const sizes = points.slice(1).map((point, n) => Math.abs(point.middle - points[n]!.middle));
  const known = points
    .slice(1)
    .reduce((sum, point, n) => sum + point.error ** 2 + points[n]!.error ** 2, 0);
  const size = sizes.reduce((sum, value) => sum + value, 0) / steps / MEAN_SIZE;
  const own = Math.max(0, (size ** 2 - known / steps) / 2);
  // More than usual is the player's own, known by their visits alone.
  if (own > usual.variance) return { variance: own, degrees: steps };
  return { variance: (PRIOR_VISITS * usual.variance + steps * own) / degrees, degrees };
}

/** Returns the points as readings of a level: each with its own error and the day's. */
export const readingsOf = (points: readonly VisitPoint[], day: number): Reading[] =>
  points.map(({ middle, error }) => ({ value: middle, variance: error ** 2 + day }));
