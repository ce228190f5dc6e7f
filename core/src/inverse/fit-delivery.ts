/**
 * The forward model run backwards: the delivery whose ball best fits what was observed, by weighted
 * least squares. What nothing measured enters as a prior: one more unknown and one more residual. The 95 %
 * intervals hold the observations' errors and the priors' together.
 */
import { DELIVERY_RANGES, bindDelivery } from '../delivery/delivery.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { loftOfTurnDeg } from '../delivery/turn.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';
import { strike } from '../impact/strike.ts';
import { leastSquares } from '../maths/least-squares.ts';
import type { Fit } from '../maths/least-squares.ts';
import { NORMAL_975 } from '../maths/statistics.ts';

export type DeliveryField = Exclude<keyof Delivery, 'hand'>;
export type ObservedQuantity =
  | 'ballSpeedMps'
  | 'launchAngleDeg'
  | 'startDirectionDeg'
  | 'spinRateRpm'
  | 'spinAxisTiltDeg'
  | 'carryM'
  | 'offlineM'
  | 'curveM';

export interface Observation {
  readonly quantity: ObservedQuantity;
  readonly value: number;
  /** Its standard deviation, above 0. */
  readonly sd: number;
}

/** A field that nothing measured: what is usual, and how far it may be off, one standard deviation. */
export interface Prior {
  readonly field: DeliveryField;
  readonly mean: number;
  readonly sd: number;
}

export interface DeliveryProblem {
  readonly observed: readonly Observation[];
  readonly head: ClubHead;
  /** First guess, and the value of every field that is neither unknown nor a prior's. */
  readonly start: Delivery;
  readonly unknown: readonly DeliveryField[];
  readonly priors: readonly Prior[];
  readonly flight: FlightOptions;
  /**
   * What the loft (its value is that at `start`) follows as the search turns it: the face, or the face against
   * the path, as for a player who aims along the path and turns the club in the hands.
   */
  readonly loftFollows?: 'face' | 'faceToPath';
}

/** How unsure the fields of a delivery are together: their covariance, row after row, in the units of the fields. */
export interface JointError {
  readonly fields: readonly DeliveryField[];
  readonly covariance: readonly number[];
  /** Whether the loft was assumed, and follows the face beyond what stands here. */
  readonly loftFollows: boolean;
}

export interface FittedDelivery {
  readonly delivery: Delivery;
  /** Half-widths of the 95 % intervals of the unknown fields. */
  readonly half95: Readonly<Partial<Record<DeliveryField, number>>>;
  /** The same of face to path, degrees; Infinity where intervals were not asked for. */
  readonly faceToPathHalf95Deg: number;
  /** Of the unknown fields and the priors; null where intervals were not asked for, or the observations do not settle them. */
  readonly joint: JointError | null;
  /** Root mean square of the residuals in standard deviations: above about 3 the fit explains little. */
  readonly misfit: number;
}

/** Half steps of the differences: of a strike's figures, and of a flight's, which come in steps of up to a millimetre. */
const HALF_STEPS: Readonly<Record<DeliveryField, number>> = {
  clubSpeedMps: 1e-3,
  attackAngleDeg: 1e-3,
  clubPathDeg: 1e-3,
  faceAngleDeg: 1e-3,
  dynamicLoftDeg: 1e-3,
  strikeToeMm: 1e-2,
  strikeHighMm: 1e-2,
};
const OF_FLIGHT = 50;
/** An unknown this near the end of its range has run away, in the unit of the field. */
const AT_END = 1e-6;
const FLIGHT_QUANTITIES: ReadonlySet<ObservedQuantity> = new Set(['carryM', 'offlineM', 'curveM']);

const needsFlight = ({ observed }: DeliveryProblem): boolean =>
  observed.some(({ quantity }) => FLIGHT_QUANTITIES.has(quantity));

/** Writes how far each figure of a delivery's ball is from the one observed, in standard deviations. */
function misses(
  problem: DeliveryProblem,
  delivery: Delivery,
  isFlown: boolean,
  out: Float64Array,
): boolean {
  const { observed, head, flight } = problem;
  const shot = isFlown ? simulateShot(delivery, head, flight) : null;
  const launch = shot?.launch ?? strike(delivery, head);
  if (launch.contact === 'none' || (shot !== null && shot.flight.outcome !== 'landed'))
    return false;
  for (let i = 0; i < observed.length; i++) {
    const { quantity, value, sd } = observed[i]!;
    const seen =
      quantity === 'carryM' || quantity === 'offlineM' || quantity === 'curveM'
        ? shot!.flight[quantity]
        : launch[quantity];
    out[i] = (seen - value) / sd;
  }
  return true;
}

/** Writes the delivery that the unknowns and the priors stand for, as far as a club can be swung. */
function place(
  problem: DeliveryProblem,
  x: Float64Array,
  delivery: { -readonly [K in keyof Delivery]: Delivery[K] },
): void {
  const { start, head, loftFollows, unknown, priors } = problem;
  delivery.dynamicLoftDeg = start.dynamicLoftDeg;
  for (let i = 0; i < unknown.length; i++) delivery[unknown[i]!] = x[i]!;
  for (let i = 0; i < priors.length; i++) delivery[priors[i]!.field] = x[unknown.length + i]!;
  if (loftFollows !== undefined) {
    const faceBy = delivery.faceAngleDeg - start.faceAngleDeg;
    const pathBy = delivery.clubPathDeg - start.clubPathDeg;
    const turnedBy = loftFollows === 'faceToPath' ? faceBy - pathBy : faceBy;
    delivery.dynamicLoftDeg += loftOfTurnDeg(turnedBy, head.lieDeg, start.hand);
  }
  bindDelivery(delivery);
}

function search(problem: DeliveryProblem, withCovariance: boolean): Fit | null {
  const { start, observed, unknown, priors } = problem;
  const isFlown = needsFlight(problem);
  const fields = [...unknown, ...priors.map(({ field }) => field)];
  const tried = { ...start };
  return leastSquares(
    {
      count: observed.length + priors.length,
      start: [...unknown.map((field) => start[field]), ...priors.map(({ mean }) => mean)],
      steps: fields.map((field) => HALF_STEPS[field] * (isFlown ? OF_FLIGHT : 1)),
      residuals: (x, out) => {
        place(problem, x, tried);
        for (let i = 0; i < priors.length; i++) {
          const { mean, sd } = priors[i]!;
          out[observed.length + i] = (x[unknown.length + i]! - mean) / sd;
        }
        return misses(problem, tried, isFlown, out);
      },
    },
    withCovariance,
  );
}

const ranAway = (problem: DeliveryProblem, x: Float64Array): boolean =>
  problem.unknown.some((field, i) => {
    const [min, max] = DELIVERY_RANGES[field];
    return !(x[i]! > min + AT_END && x[i]! < max - AT_END);
  });

/** Returns the fitted delivery; null when the model has no ball like the one observed, or the search came to no rest. */
export function fitDelivery(problem: DeliveryProblem, withIntervals = true): FittedDelivery | null {
  const fit = search(problem, withIntervals);
  if (fit === null || !fit.isConverged) return null;
  if (!Number.isFinite(fit.cost) || ranAway(problem, fit.x)) return null;
  const misfit = Math.sqrt(fit.cost / problem.observed.length);
  const delivery = { ...problem.start };
  place(problem, fit.x, delivery);
  if (!withIntervals)
    return { delivery, half95: {}, faceToPathHalf95Deg: Infinity, joint: null, misfit };
  const size = fit.x.length;
  const of = (i: number, j: number): number =>
    i < 0 || j < 0 ? Infinity : (fit.covariance?.[i * size + j] ?? Infinity);
  const half = (variance: number): number => NORMAL_975 * Math.sqrt(Math.max(0, variance));
  const half95 = Object.fromEntries(problem.unknown.map((field, i) => [field, half(of(i, i))]));
  const face = problem.unknown.indexOf('faceAngleDeg');
  const path = problem.unknown.indexOf('clubPathDeg');
  const faceToPath = of(face, face) + of(path, path) - 2 * of(face, path);
  const fields = [...problem.unknown, ...problem.priors.map(({ field }) => field)];
  const joint: JointError | null =
    fit.covariance === null
      ? null
      : {
          fields,
          covariance: [...fit.covariance],
          loftFollows: problem.loftFollows !== undefined,
        };
  return {
    delivery,
    half95,
    faceToPathHalf95Deg: Number.isNaN(faceToPath) ? Infinity : half(faceToPath),
    joint,
    misfit,
  };
}
