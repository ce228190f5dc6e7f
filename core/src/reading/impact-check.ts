/**
 * Whether a ball left as its face and path say: start direction and spin axis, measured less modelled,
 * against what the monitor's errors can make of them. The errors of face, path, loft and attack reach both
 * through the collision (first-order propagation, JCGM 100:2008, §5.1), so the two are compared together by
 * their Mahalanobis distance, whose square is chi-squared with two degrees of freedom where all is well.
 */
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { strike } from '../impact/strike.ts';
import { ASSUMED_SPREAD } from '../inverse/accuracy.ts';
import type { DeviceAccuracy } from '../inverse/accuracy.ts';
import type { AssumedDelivery } from '../inverse/complete.ts';

/** What was seen of the ball's departure; sd of the tilt too, which a landing tells less well than an axis. */
export interface Departure {
  readonly startDeg: number | null;
  readonly tiltDeg: number | null;
  readonly tiltSdDeg: number;
  readonly startSdDeg: number;
}

export interface ImpactCheck {
  /** Measured less modelled, degrees, positive right; null where not measured. */
  readonly startLeftDeg: number | null;
  readonly tiltLeftDeg: number | null;
  /** Squared Mahalanobis distance, and of how many figures. */
  readonly distance2: number;
  readonly figures: number;
}

const SENSITIVE = [
  'faceAngleDeg',
  'clubPathDeg',
  'dynamicLoftDeg',
  'attackAngleDeg',
  'strikeToeMm',
] as const;
type Sensitive = (typeof SENSITIVE)[number];
/** One standard deviation of each, degrees and mm. */
export type DeliveryErrors = Readonly<Record<Sensitive, number>>;
/** Step of the differences, degrees and mm. */
const STEP = 0.05;

/** Standard deviations beyond which a strike was no ordinary one: ordinary ones are beyond it 1 time in 100. */
const FAR_SDS = 2.57;
/** Further off than this it is no strike, mm: something else is wrong. */
export const FURTHEST_STRIKE_MM = 30;

/** How strikes scatter across the face that were not measured, one standard deviation, mm (common practice, no source). */
export const STRIKE_SCATTER_MM = 6;

/** Errors of the delivery's own figures; of a strike that nothing measured `strikeSdMm`. */
export function errorsOf(
  { assumed }: AssumedDelivery,
  accuracy: DeviceAccuracy,
  strikeSdMm: number,
): DeliveryErrors {
  const of = (what: 'loft' | 'attack', measured: number, usual: number): number =>
    assumed.includes(what) ? usual : measured;
  return {
    faceAngleDeg: accuracy.faceAngleDeg,
    clubPathDeg: accuracy.clubPathDeg,
    dynamicLoftDeg: of('loft', accuracy.dynamicLoftDeg, ASSUMED_SPREAD.dynamicLoftDeg),
    attackAngleDeg: of('attack', accuracy.attackAngleDeg, ASSUMED_SPREAD.attackAngleDeg),
    strikeToeMm: strikeSdMm,
  };
}

/** Variances and covariance of start and tilt, degrees². */
export interface Covariance {
  readonly start: number;
  readonly tilt: number;
  readonly both: number;
}

/** Degrees that start and tilt move by for each degree, or mm, of a field of the delivery. */
type Slopes = Readonly<Record<Sensitive, { readonly start: number; readonly tilt: number }>>;

export function slopesOf(
  { delivery, head }: AssumedDelivery,
  at: { readonly startDirectionDeg: number; readonly spinAxisTiltDeg: number },
): Slopes {
  const moved: { -readonly [K in keyof Delivery]: Delivery[K] } = { ...delivery };
  const slopes: Partial<Record<Sensitive, { start: number; tilt: number }>> = {};
  for (const field of SENSITIVE) {
    moved[field] = delivery[field] + STEP;
    const there = strike(moved, head);
    moved[field] = delivery[field];
    slopes[field] = {
      start: (there.startDirectionDeg - at.startDirectionDeg) / STEP,
      tilt: (there.spinAxisTiltDeg - at.spinAxisTiltDeg) / STEP,
    };
  }
  return slopes as Slopes;
}

/** Returns what errors of the delivery make of start and tilt (first-order propagation). */
export function reachOf(slopes: Slopes, errors: DeliveryErrors): Covariance {
  let [start, tilt, both] = [0, 0, 0];
  for (const field of SENSITIVE) {
    const startBy = slopes[field].start * errors[field];
    const tiltBy = slopes[field].tilt * errors[field];
    start += startBy * startBy;
    tilt += tiltBy * tiltBy;
    both += startBy * tiltBy;
  }
  return { start, tilt, both };
}

function distance2(
  startDeg: number | null,
  tiltDeg: number | null,
  { start, tilt, both }: Covariance,
): number {
  if (startDeg === null) return tiltDeg === null ? 0 : (tiltDeg * tiltDeg) / tilt;
  if (tiltDeg === null) return (startDeg * startDeg) / start;
  const determinant = start * tilt - both * both;
  return (
    (startDeg * startDeg * tilt - 2 * startDeg * tiltDeg * both + tiltDeg * tiltDeg * start) /
    determinant
  );
}

const EDGES: Readonly<Partial<Record<Sensitive, number>>> = { dynamicLoftDeg: 80, strikeToeMm: 58 };
const edge = (field: Sensitive, delivery: Delivery): boolean =>
  Math.abs(delivery[field]) > (EDGES[field] ?? 55);

/**
 * Null where nothing of the departure was measured, or the delivery strikes nothing. `strikeSdMm`: how strikes scatter round
 * that of the delivery; 0 where it was measured.
 */
export function checkImpact(
  assumed: AssumedDelivery,
  seen: Departure,
  accuracy: DeviceAccuracy,
  strikeSdMm = 0,
): ImpactCheck | null {
  const { delivery, head } = assumed;
  if (seen.startDeg === null && seen.tiltDeg === null) return null;
  if (SENSITIVE.some((field) => edge(field, delivery))) return null;
  const model = strike(delivery, head);
  if (model.contact === 'none') return null;
  const slopes = slopesOf(assumed, model);
  const own = reachOf(slopes, errorsOf(assumed, accuracy, strikeSdMm));
  const startLeftDeg = seen.startDeg === null ? null : seen.startDeg - model.startDirectionDeg;
  const tiltLeftDeg = seen.tiltDeg === null ? null : seen.tiltDeg - model.spinAxisTiltDeg;
  const covariance = {
    start: own.start + seen.startSdDeg ** 2,
    tilt: own.tilt + seen.tiltSdDeg ** 2,
    both: own.both,
  };
  return {
    startLeftDeg,
    tiltLeftDeg,
    distance2: distance2(startLeftDeg, tiltLeftDeg, covariance),
    figures: Number(startLeftDeg !== null) + Number(tiltLeftDeg !== null),
  };
}

/** Returns the same head and seen departure with the ball struck elsewhere, or its face and path read otherwise. */
export const withDelivery = (
  assumed: AssumedDelivery,
  changes: Partial<Delivery>,
): AssumedDelivery => ({ ...assumed, delivery: { ...assumed.delivery, ...changes } });

/** Kinds of head on which a single ball's start and axis tell where it was struck across the face. */
export const showsStrike = ({ kind }: ClubHead): boolean =>
  kind === 'driver' || kind === 'fairway' || kind === 'hybrid';

/** Where one ball was struck across the face, and how sure that is. */
export interface BallStrike {
  /** mm to the toe. */
  readonly toeMm: number;
  readonly sdMm: number;
  /** Millimetres of strike for each degree of start and of tilt. */
  readonly weights: { readonly start: number; readonly tilt: number };
}

/** Returns whether a ball was struck further off the middle of the others than ordinary scatter and the monitor's errors make of it. */
export const isFarStrike = ({ toeMm, sdMm }: BallStrike, middleMm = 0): boolean =>
  Math.abs(toeMm - middleMm) > FAR_SDS * Math.hypot(STRIKE_SCATTER_MM, sdMm);

/** Returns the strike that explains a departure best, by generalised least squares over start and tilt; null where both were not measured. */
export function strikeOf(
  assumed: AssumedDelivery,
  seen: Departure,
  accuracy: DeviceAccuracy,
): BallStrike | null {
  const check = checkImpact(assumed, seen, accuracy);
  if (check === null || check.startLeftDeg === null || check.tiltLeftDeg === null) return null;
  const slopes = slopesOf(assumed, strike(assumed.delivery, assumed.head));
  const { start, tilt, both } = reachOf(slopes, errorsOf(assumed, accuracy, 0));
  const [ss, tt] = [start + seen.startSdDeg ** 2, tilt + seen.tiltSdDeg ** 2];
  const determinant = ss * tt - both * both;
  const { start: a, tilt: b } = slopes.strikeToeMm;
  // Rows of a' V⁻¹.
  const [u, v] = [(a * tt - b * both) / determinant, (b * ss - a * both) / determinant];
  const information = u * a + v * b;
  if (!(information > 0)) return null;
  const weights = { start: u / information, tilt: v / information };
  const toeMm =
    assumed.delivery.strikeToeMm +
    weights.start * check.startLeftDeg +
    weights.tilt * check.tiltLeftDeg;
  return { toeMm, sdMm: Math.sqrt(1 / information), weights };
}
