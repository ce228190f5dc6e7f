/**
 * Is it holding: the levels a figure stood at, where it stands now against the wanted, whether the last visits lean
 * off it, and whether the last visit drifted from what was held before.
 */
import { commonest } from '../maths/commonest.ts';
import { NORMAL_975 } from '../maths/statistics.ts';
import { tQuantile } from '../maths/student.ts';
import { CLOSE_WINDOWS } from '../plan/off.ts';
import { costOfChange, levelsOf } from './change-points.ts';
import type { Level, Reading } from './change-points.ts';
import { ewmaChart, limitsFor } from './control-chart.ts';
import type { ChartPoint } from './control-chart.ts';
import { awayFrom, dayScatter, readingsOf } from './points.ts';
import type { DayScatter, FollowedFigure, Target, VisitPoint } from './points.ts';
import type { SourceOffset } from './sources.ts';

/** Scatter from day to day before a player's own is known, as a share of the smallest change that matters (common practice, no source). */
const USUAL_DAY_SHARE = 0.7;

export interface Now {
  readonly value: number;
  /** 95 % half-width, with the error all visits share. */
  readonly half95: number;
  readonly state: 'within' | 'off' | 'cannot tell';
}

/** What the last visit is to the level before it, away from the wanted or nearer to it. */
export interface Drift {
  readonly lessonId: string;
  readonly by: number;
  readonly half95: number;
  readonly state: 'away' | 'nearer' | 'none' | 'not clear';
  /** Whether another source wrote the last visit down. */
  readonly isOfSource: boolean;
}

export interface Change {
  /** Place of the first point of the new level. */
  readonly at: number;
  readonly from: number;
  readonly to: number;
  readonly half95: number;
  /** Whether it came nearer to the wanted; null where nothing is. */
  readonly isNearer: boolean | null;
  /** Whether it stood there before, or further out to the same side. */
  readonly isReturn: boolean;
  /** Whether another source wrote the figures down since, so that it may be the monitor that changed. */
  readonly isOfSource: boolean;
}

export interface Followed {
  readonly figure: FollowedFigure;
  /** Earlier sources whose figures are taken as the one used last would have read them. */
  readonly sources: readonly SourceOffset[];
  readonly points: readonly VisitPoint[];
  readonly target: Target | null;
  readonly levels: readonly Level[];
  readonly changes: readonly Change[];
  /** The moving average over the last points, in the figure's unit, and its band to each side of what was held. */
  readonly chart: readonly ChartPoint[];
  readonly now: Now | null;
  readonly drift: Drift | null;
}

export interface FollowOptions {
  readonly sources?: readonly SourceOffset[];
  readonly target: Target | null;
  /** The smallest change that matters, in the figure's unit. */
  readonly smallest: number;
  /** The error all visits share, one standard deviation. */
  readonly sharedSd: number;
}

/** Visits at the start of a level that say what was held: later ones are looked at against them. */
const LEARN_VISITS = 5;
/** What a change costs more where the scatter itself is known of few visits (by simulation, follow.test.ts). */
const UNSURE_COST = 8;
const COST_SHARE = 1.1;

const changeCost = (count: number, { degrees }: DayScatter): number =>
  costOfChange(count) * (COST_SHARE + UNSURE_COST / degrees);

const distance = (value: number, target: Target | null): number =>
  target === null ? 0 : awayFrom(value, target);

/** Returns how a value stands to the wanted, as a lesson's numbers are judged. */
export function standsAt(value: number, half95: number, target: Target): Now['state'] {
  const away = awayFrom(value, target);
  if (away - target.window > half95) return 'off';
  return away + half95 <= CLOSE_WINDOWS * target.window ? 'within' : 'cannot tell';
}

function nowOf({ value, error }: Level, point: number, { target, sharedSd }: FollowOptions): Now {
  const half95 = Math.hypot(point * error, NORMAL_975 * sharedSd);
  const state = target === null ? 'cannot tell' : standsAt(value, half95, target);
  return { value, half95, state };
}

/** Returns the source that wrote most of some visits, and how unsure it is that it reads as the one used last. */
function sourceOf(points: readonly VisitPoint[]) {
  const most = commonest(points.flatMap(({ source }) => source ?? []))?.value ?? null;
  const own = points.filter(({ source }) => source === most);
  const isCompared = own.every(({ sourceError }) => sourceError !== null);
  const error = Math.max(0, ...own.map(({ sourceError }) => sourceError ?? 0));
  return { source: most, error: isCompared ? error : Infinity };
}

/** Returns whether what is between two runs of visits may be that other sources wrote them down. */
function mayBeSource(
  before: readonly VisitPoint[],
  after: readonly VisitPoint[],
  by: number,
  half95: number,
): boolean {
  const [was, is] = [sourceOf(before), sourceOf(after)];
  if (was.source === null || is.source === null || was.source === is.source) return false;
  return Math.abs(by) <= half95 + NORMAL_975 * Math.hypot(was.error, is.error);
}

function changesOf(
  points: readonly VisitPoint[],
  levels: readonly Level[],
  point: number,
  target: Target | null,
): Change[] {
  const pointsOf = ({ from, to }: Level): readonly VisitPoint[] => points.slice(from, to);
  return levels.slice(1).map((level, n) => {
    const before = levels[n]!;
    const nearer = distance(before.value, target) - distance(level.value, target);
    const half95 = point * Math.hypot(before.error, level.error);
    const way = Math.sign(level.value - before.value);
    const [was, is] = [pointsOf(before), pointsOf(level)];
    const isReturn = levels.slice(0, n).some(({ value }) => way * (value - level.value) > -half95);
    return {
      at: level.from,
      from: before.value,
      to: level.value,
      half95,
      isNearer: target === null ? null : nearer > 0,
      isReturn,
      isOfSource: mayBeSource(was, is, level.value - before.value, half95),
    };
  });
}

/** Returns the last point against the level held before it; null for fewer than three. */
function driftOf(
  points: readonly VisitPoint[],
  readings: readonly Reading[],
  day: DayScatter,
  { target, smallest }: FollowOptions,
): Drift | null {
  if (points.length < 3) return null;
  const before = levelsOf(readings.slice(0, -1), changeCost(points.length - 1, day)).at(-1)!;
  const last = readings.at(-1)!;
  const by = last.value - before.value;
  const half95 = tQuantile(0.975, day.degrees) * Math.sqrt(last.variance + before.error ** 2);
  const { lessonId } = points.at(-1)!;
  const isClear = Math.abs(by) > half95 && Math.abs(by) >= smallest;
  const isNone = Math.abs(by) + half95 < smallest;
  const isAway = distance(last.value, target) > distance(before.value, target);
  const state = isClear ? (isAway ? 'away' : 'nearer') : isNone ? 'none' : 'not clear';
  const held = points.slice(before.from, before.to);
  const isOfSource = mayBeSource(held, points.slice(-1), by, half95);
  return { lessonId, by, half95, state, isOfSource };
}

/** Returns the moving average of a level's visits after those that say what was held; none of a level too young. */
function chartOf(readings: readonly Reading[], { from }: Level): ChartPoint[] {
  const learnt = levelsOf(readings.slice(from, from + LEARN_VISITS), Infinity)[0]!;
  const own = readings.slice(from + LEARN_VISITS);
  const sds = own.map(({ variance }) => Math.sqrt(variance));
  const scaled = own.map(({ value }, n) => (value - learnt.value) / sds[n]!);
  const levelError = own.length === 0 ? 0 : learnt.error / Math.min(...sds);
  return ewmaChart(scaled, limitsFor(), { levelError }).map(({ average, limit, signal }, n) => ({
    average: learnt.value + sds[n]! * average,
    limit: sds[n]! * limit,
    signal,
  }));
}

/** Follows a figure through a player's visits. */
export function follow(
  figure: FollowedFigure,
  points: readonly VisitPoint[],
  options: FollowOptions,
): Followed {
  const { target, smallest } = options;
  const day = dayScatter(points, USUAL_DAY_SHARE * smallest);
  const readings = readingsOf(points, day.variance);
  const levels = levelsOf(readings, changeCost(points.length, day));
  const point = tQuantile(0.975, day.degrees);
  const last = levels.at(-1);
  return {
    figure,
    sources: options.sources ?? [],
    points,
    target,
    levels,
    changes: changesOf(points, levels, point, target),
    chart: last === undefined ? [] : chartOf(readings, last),
    now: last === undefined ? null : nowOf(last, point, options),
    drift: driftOf(points, readings, day, options),
  };
}
