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

const SENSITIVE = ['faceAngleDeg', 'clubPathDeg', 'dynamicLoftDeg', 'attackAngleDeg'] as const;
type Sensitive = (typeof SENSITIVE)[number];
const STEP_DEG = 0.05;

/** Errors of the delivery's own figures, one standard deviation each, degrees. */
function errorsOf(
  { assumed }: AssumedDelivery,
  accuracy: DeviceAccuracy,
): Record<Sensitive, number> {
  const of = (what: 'loft' | 'attack', measured: number, usual: number): number =>
    assumed.includes(what) ? usual : measured;
  return {
    faceAngleDeg: accuracy.faceAngleDeg,
    clubPathDeg: accuracy.clubPathDeg,
    dynamicLoftDeg: of('loft', accuracy.dynamicLoftDeg, ASSUMED_SPREAD.dynamicLoftDeg),
    attackAngleDeg: of('attack', accuracy.attackAngleDeg, ASSUMED_SPREAD.attackAngleDeg),
  };
}

interface Covariance {
  readonly start: number;
  readonly tilt: number;
  readonly both: number;
}

function modelCovariance(
  assumed: AssumedDelivery,
  accuracy: DeviceAccuracy,
  at: { readonly startDirectionDeg: number; readonly spinAxisTiltDeg: number },
): Covariance {
  const { delivery, head } = assumed;
  const errors = errorsOf(assumed, accuracy);
  const moved: { -readonly [K in keyof Delivery]: Delivery[K] } = { ...delivery };
  let [start, tilt, both] = [0, 0, 0];
  for (const field of SENSITIVE) {
    moved[field] = delivery[field] + STEP_DEG;
    const there = strike(moved, head);
    moved[field] = delivery[field];
    const startBy = ((there.startDirectionDeg - at.startDirectionDeg) / STEP_DEG) * errors[field];
    const tiltBy = ((there.spinAxisTiltDeg - at.spinAxisTiltDeg) / STEP_DEG) * errors[field];
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

const edge = (field: Sensitive, delivery: Delivery): boolean =>
  Math.abs(delivery[field]) > (field === 'dynamicLoftDeg' ? 80 : 55);

/** Null where nothing of the departure was measured, or the delivery strikes nothing. */
export function checkImpact(
  assumed: AssumedDelivery,
  seen: Departure,
  accuracy: DeviceAccuracy,
): ImpactCheck | null {
  const { delivery, head } = assumed;
  if (seen.startDeg === null && seen.tiltDeg === null) return null;
  if (SENSITIVE.some((field) => edge(field, delivery))) return null;
  const model = strike(delivery, head);
  if (model.contact === 'none') return null;
  const own = modelCovariance(assumed, accuracy, model);
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

/** The same head and seen departure with the ball struck elsewhere, or its face and path read otherwise. */
export const withDelivery = (
  assumed: AssumedDelivery,
  changes: Partial<Delivery>,
): AssumedDelivery => ({ ...assumed, delivery: { ...assumed.delivery, ...changes } });

/** Furthest strike across the face that is looked for, mm: a guess there is no guess. */
const FURTHEST_MM = 30;
const STEP_MM = 2;

/**
 * The strike across the face, mm to the toe, that explains a departure best; null where the best lies at the
 * limit of its range, or explains no more than a centred strike does.
 */
export function guessStrikeMm(
  distanceAt: (strikeToeMm: number) => number,
  limit2: number,
): number | null {
  let best = 0;
  for (let mm = -FURTHEST_MM; mm <= FURTHEST_MM; mm += STEP_MM) {
    if (distanceAt(mm) < distanceAt(best)) best = mm;
  }
  if (Math.abs(best) >= FURTHEST_MM) return null;
  for (const mm of [best - 1, best + 1]) if (distanceAt(mm) < distanceAt(best)) best = mm;
  const [centred, struck] = [distanceAt(0), distanceAt(best)];
  return struck <= limit2 && centred - struck >= limit2 ? best : null;
}

/** Kinds of head on which a strike across the face shows in start and axis. */
export const showsStrike = ({ kind }: ClubHead): boolean => kind === 'driver' || kind === 'fairway';
