/**
 * The forward model run backwards: the delivery whose ball best fits what was observed, by weighted
 * least squares, with 95 % intervals from the observations' errors and from what had to be assumed.
 */
import { DELIVERY_RANGES } from '../delivery/delivery.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot, strike } from '../flight/simulate.ts';
import { leastSquares } from '../maths/least-squares.ts';
import type { Fit } from '../maths/least-squares.ts';

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

export interface DeliveryProblem {
  readonly observed: readonly Observation[];
  readonly head: ClubHead;
  /** First guess, and the value of every field that is not unknown. */
  readonly start: Delivery;
  readonly unknown: readonly DeliveryField[];
  /** Fields taken for granted, with the standard deviation of the assumption. */
  readonly assumed: readonly (readonly [DeliveryField, number])[];
  readonly flight: FlightOptions;
}

export interface FittedDelivery {
  readonly delivery: Delivery;
  /** Half-widths of the 95 % intervals of the unknown fields. */
  readonly half95: Readonly<Partial<Record<DeliveryField, number>>>;
  /** Root mean square of the residuals in standard deviations: above about 3 the fit explains little. */
  readonly misfit: number;
}

const HALF_STEPS: Readonly<Record<DeliveryField, number>> = {
  clubSpeedMps: 1e-3,
  attackAngleDeg: 1e-3,
  clubPathDeg: 1e-3,
  faceAngleDeg: 1e-3,
  dynamicLoftDeg: 1e-3,
  strikeToeMm: 1e-2,
  strikeHighMm: 1e-2,
};
const NORMAL_95 = 1.96;
const FLIGHT_QUANTITIES: ReadonlySet<ObservedQuantity> = new Set(['carryM', 'offlineM', 'curveM']);

const inRange = (field: DeliveryField, value: number): boolean =>
  value >= DELIVERY_RANGES[field][0] && value <= DELIVERY_RANGES[field][1];

function observe(problem: DeliveryProblem, delivery: Delivery): readonly number[] | null {
  const { observed, head, flight } = problem;
  const needsFlight = observed.some(({ quantity }) => FLIGHT_QUANTITIES.has(quantity));
  const shot = needsFlight ? simulateShot(delivery, head, flight) : null;
  const launch = shot?.launch ?? strike(delivery, head);
  if (launch.contact === 'none' || (shot !== null && shot.flight.outcome !== 'landed')) return null;
  return observed.map(({ quantity }) =>
    quantity === 'carryM' || quantity === 'offlineM' || quantity === 'curveM'
      ? shot!.flight[quantity]
      : launch[quantity],
  );
}

const withValues = (problem: DeliveryProblem, x: readonly number[]): Delivery => ({
  ...problem.start,
  ...Object.fromEntries(problem.unknown.map((field, i) => [field, x[i]!])),
});

function search(problem: DeliveryProblem, withCovariance: boolean): Fit | null {
  const { unknown, start, observed } = problem;
  const fit = {
    start: unknown.map((field) => start[field]),
    steps: unknown.map((field) => HALF_STEPS[field]),
    residuals: (x: readonly number[]) => {
      if (!unknown.every((field, i) => inRange(field, x[i]!))) return null;
      const seen = observe(problem, withValues(problem, x));
      return seen === null ? null : observed.map(({ value, sd }, i) => (seen[i]! - value) / sd);
    },
  };
  return leastSquares(fit, withCovariance);
}

/** Variance each unknown gets from an assumption: the fit moved by one of its standard deviations. */
function assumedVariance(problem: DeliveryProblem, fit: Fit): number[] {
  const variance = problem.unknown.map(() => 0);
  for (const [field, sd] of problem.assumed) {
    const moved = withValues(problem, fit.x);
    const shifted = { ...moved, [field]: moved[field] + sd };
    if (!inRange(field, shifted[field])) continue;
    const other = search({ ...problem, start: shifted }, false);
    if (other === null) continue;
    problem.unknown.forEach((_, i) => (variance[i]! += (other.x[i]! - fit.x[i]!) ** 2));
  }
  return variance;
}

/** The fitted delivery; null when the model has no ball like the one observed. */
export function fitDelivery(problem: DeliveryProblem, withIntervals = true): FittedDelivery | null {
  const fit = search(problem, withIntervals);
  if (fit === null) return null;
  const misfit = Math.sqrt(fit.cost / problem.observed.length);
  const delivery = withValues(problem, fit.x);
  if (!withIntervals) return { delivery, half95: {}, misfit };
  const assumed = assumedVariance(problem, fit);
  const half95 = Object.fromEntries(
    problem.unknown.map((field, i) => {
      const own = fit.covariance?.[i]?.[i] ?? Infinity;
      return [field, NORMAL_95 * Math.sqrt(own + assumed[i]!)];
    }),
  );
  return { delivery, half95, misfit };
}
