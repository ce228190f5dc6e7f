/**
 * What an eye's taps say of the middle delivery. A tap is a place out of five to each side, not a figure with an error: "much" has
 * no end, and eight taps in one place say that most balls are there. So what may be is drawn wider than the taps' means say, and each
 * draw is weighed by the chance that it would have been tapped so (importance sampling with systematic resampling; Gelman et
 * al., *Bayesian Data Analysis*, 3rd ed., §10.4, and Kitagawa 1996, J. Comput. Graph. Stat. 5:1, from memory).
 */
import { USUAL_SWINGS } from '../delivery/usual.ts';
import { ASSUMED_SPREAD } from '../inverse/accuracy.ts';
import { EYE_ACCURACY, EYE_EDGES, POST_HALF_DEG } from '../inverse/eye.ts';
import type { DeliveryField } from '../inverse/fit-delivery.ts';
import { drawsOf, normalPoints } from '../maths/joint-normal.ts';
import type { JointNormal } from '../maths/joint-normal.ts';
import { normalTail } from '../maths/normal.ts';
import { standardDeviation } from '../maths/statistics.ts';
import { isBendOpen, isStartOpen, isStartReadOff } from '../reading/ball.ts';
import { SEEN_STRIKE_SD_MM } from '../reading/error.ts';
import { figureOf } from '../reading/group.ts';
import type { ReadGroup } from '../reading/group.ts';
import type { BallView } from '../reading/read-ball.ts';
import { deliveryAt } from './belief.ts';
import type { Belief } from './belief.ts';
import { NO_MOVE, afterMove, ballsAfter } from './chance.ts';
import type { ChanceContext, Possible } from './chance.ts';
import type { Middle } from './outcome.ts';

/** Draws weighed, and how many equally likely ones are kept. */
const DRAWN = 256;
const KEPT = 64;
/** How much wider than the taps' means say face and path are drawn. */
const WIDER = 1.7;
/** How the eye errs from ball to ball beside what it errs by for all, one standard deviation (common practice, no source). */
const BALL_ERROR = { startDeg: 0.7, bendShare: 0.015 } as const;
/** Points of the error that all balls share. */
const SHARED_POINTS = [-1.8, -1.1, -0.55, 0, 0.55, 1.1, 1.8] as const;
const SHARED_WEIGHTS = SHARED_POINTS.map((z) => Math.exp((-z * z) / 2));

const bendShareOf = ({ curveM, carryM }: Pick<Middle, 'curveM' | 'carryM'>): number =>
  curveM / Math.max(1, carryM);

/** Between which two ends a ball was tapped. */
type Place = readonly [from: number, to: number];

/** Returns the place of a start or a bend: one of five from much left to much right, a whole side where how much was left open. */
function placeOf(value: number, isOpen: boolean, [little, much]: Place): Place {
  const size = Math.abs(value);
  const [near, far] = isOpen
    ? [little, Infinity]
    : size < little
      ? [-little, little]
      : size < much
        ? [little, much]
        : [much, Infinity];
  return value < 0 ? [-far, -near] : [near, far];
}

/** Returns where a start was tapped, degrees: one read off a post within half of its step. */
function startPlaceOf(view: BallView): Place[] {
  const value = figureOf(view, 'startDirectionDeg');
  if (value === null) return [];
  if (isStartReadOff(view.ball)) return [[value - POST_HALF_DEG, value + POST_HALF_DEG]];
  return [placeOf(value, isStartOpen(view.ball), EYE_EDGES.startDeg)];
}

/** Returns where a bend was tapped, as a share of `carryM`. */
function bendPlaceOf(view: BallView, carryM: number): Place[] {
  const value = figureOf(view, 'curveM');
  return value === null
    ? []
    : [placeOf(value / carryM, isBendOpen(view.ball), EYE_EDGES.bendShare)];
}

/** Balls tapped in one place. */
interface Counted {
  readonly place: Place;
  readonly count: number;
}

/** Returns how many were tapped in each place: most of many balls share a few. */
function countsOf(places: readonly Place[]): Counted[] {
  const counts = new Map<string, Counted>();
  for (const place of places) {
    const key = place.join();
    counts.set(key, { place, count: (counts.get(key)?.count ?? 0) + 1 });
  }
  return [...counts.values()];
}

/** Logarithm of the chance that balls scattered so round a middle are tapped in these places. */
function logChance(
  counts: readonly Counted[],
  middle: number,
  sd: number,
  sharedSd: number,
): number {
  const logs = SHARED_POINTS.map((z, i) => {
    const at = middle + sharedSd * z;
    let log = Math.log(SHARED_WEIGHTS[i]!);
    for (const {
      place: [from, to],
      count,
    } of counts) {
      const inside = normalTail((from - at) / sd) - normalTail((to - at) / sd);
      log += count * Math.log(Math.max(1e-12, inside));
    }
    return log;
  });
  const most = Math.max(...logs);
  return most + Math.log(logs.reduce((sum, log) => sum + Math.exp(log - most), 0));
}

/** Returns the belief drawn from: face and path wider than it, all else as usual. */
function proposalOf({ fields, normal }: Belief, isStrikeSeen: boolean): JointNormal {
  const size = fields.length;
  const usual: Partial<Record<DeliveryField, number>> = {
    attackAngleDeg: ASSUMED_SPREAD.attackAngleDeg,
    dynamicLoftDeg: ASSUMED_SPREAD.dynamicLoftDeg,
    strikeToeMm: isStrikeSeen ? SEEN_STRIKE_SD_MM : ASSUMED_SPREAD.strikeToeMm,
    strikeHighMm: ASSUMED_SPREAD.strikeHighMm,
  };
  const isSwing = (i: number): boolean =>
    fields[i] === 'clubPathDeg' || fields[i] === 'faceAngleDeg';
  const covariance = normal.covariance.map((c, at) => {
    const [i, j] = [Math.floor(at / size), at % size];
    if (isSwing(i) && isSwing(j)) return WIDER ** 2 * c;
    if (i !== j) return 0;
    const sd = usual[fields[i]!];
    return sd === undefined ? c : sd ** 2;
  });
  return { mean: normal.mean, covariance };
}

/** Logarithm of the density of face and path as drawn, up to a constant. */
function logDrawn(
  { mean: m, covariance }: JointNormal,
  path: number,
  face: number,
  values: readonly number[],
) {
  const size = m.length;
  const [a, b] = [values[path]! - m[path]!, values[face]! - m[face]!];
  const [pp, ff, pf] = [
    covariance[path * size + path]!,
    covariance[face * size + face]!,
    covariance[path * size + face]!,
  ];
  return -(a * a * ff - 2 * a * b * pf + b * b * pp) / (2 * (pp * ff - pf * pf));
}

/** Of weighed things as many, each as often as its weight says, evenly. */
function resampled<T>(things: readonly T[], weights: readonly number[], count: number): T[] {
  const total = weights.reduce((sum, w) => sum + w, 0);
  const kept: T[] = [];
  let reached = 0;
  for (let i = 0; i < things.length; i++) {
    reached += weights[i]! / total;
    while (kept.length < count && (kept.length + 0.5) / count <= reached) kept.push(things[i]!);
  }
  return kept;
}

function momentsOf(
  values: readonly (readonly number[])[],
  weights: readonly number[],
): JointNormal {
  const total = weights.reduce((sum, w) => sum + w, 0);
  const size = values[0]!.length;
  const middle = Array.from(
    { length: size },
    (_, i) => values.reduce((sum, v, k) => sum + weights[k]! * v[i]!, 0) / total,
  );
  const covariance = Array.from({ length: size * size }, (_, at) => {
    const [i, j] = [Math.floor(at / size), at % size];
    return (
      values.reduce(
        (sum, v, k) => sum + weights[k]! * (v[i]! - middle[i]!) * (v[j]! - middle[j]!),
        0,
      ) / total
    );
  });
  return { mean: middle, covariance };
}

export interface Tapped {
  readonly belief: Belief;
  readonly possible: readonly Possible[];
}

/** Returns what may be, once it is weighed by how it would have been tapped. */
export function weighedByTaps(
  read: ReadGroup,
  belief: Belief,
  lieDeg: number,
  context: ChanceContext,
): Tapped {
  const counted = new Set(read.group.countedIds);
  const views = read.views.filter(({ id }) => counted.has(id));
  const carryM = Math.max(1, read.group.figures.carryM?.mean ?? 1);
  const starts = countsOf(views.flatMap(startPlaceOf));
  const bends = countsOf(views.flatMap((view) => bendPlaceOf(view, carryM)));
  const hasPost = views.every(({ ball }) => ball.seen === 'post');
  const startSd = hasPost ? EYE_ACCURACY.startSdWithPostDeg : EYE_ACCURACY.startSdDeg;
  const isStrikeSeen = read.group.figures.strikeToeMm !== undefined;
  const proposal = proposalOf(belief, isStrikeSeen);
  const { fields } = belief;
  const [path, face] = [fields.indexOf('clubPathDeg'), fields.indexOf('faceAngleDeg')];
  const { pathSdDeg, faceToPathSdDeg } = USUAL_SWINGS;
  const typicalBalls = ballsAfter(context.typical, NO_MOVE, context);
  const startScatter = Math.hypot(
    standardDeviation(typicalBalls.map(({ startDeg }) => startDeg)),
    BALL_ERROR.startDeg,
  );
  const bendScatter = Math.hypot(
    standardDeviation(typicalBalls.map((ball) => bendShareOf(ball))),
    BALL_ERROR.bendShare,
  );
  const drawn = drawsOf(proposal, normalPoints(DRAWN, fields.length)).map((values) => {
    const delivery = deliveryAt(belief, values, context.typical, lieDeg);
    const now = afterMove(delivery, NO_MOVE, context);
    const log =
      logChance(starts, now.startDeg, startScatter, startSd) +
      logChance(bends, bendShareOf(now), bendScatter, EYE_ACCURACY.finishShare) -
      values[path]! ** 2 / (2 * pathSdDeg ** 2) -
      (values[face]! - values[path]!) ** 2 / (2 * faceToPathSdDeg ** 2) -
      logDrawn(proposal, path, face, values);
    return { values, possible: { delivery, now }, log };
  });
  const most = Math.max(...drawn.map(({ log }) => log));
  const weights = drawn.map(({ log }) => Math.exp(log - most));
  return {
    belief: {
      ...belief,
      normal: momentsOf(
        drawn.map(({ values }) => values),
        weights,
      ),
    },
    possible: resampled(
      drawn.map(({ possible }) => possible),
      weights,
      KEPT,
    ),
  };
}
