/**
 * The forward model run backwards: the delivery whose ball best fits what was observed, by weighted
 * least squares. What nothing measured enters as a prior: one more unknown and one more residual. The 95 %
 * intervals hold the observations' errors and the priors' together.
 */
import { DELIVERY_RANGES, boundDelivery } from '../delivery/delivery.ts';
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
  readonly loftFollows?: 'face' | 'gap';
}

export interface FittedDelivery {
  readonly delivery: Delivery;
  /** Half-widths of the 95 % intervals of the unknown fields. */
  readonly half95: Readonly<Partial<Record<DeliveryField, number>>>;
  /** The same of face to path, degrees; Infinity where intervals were not asked for. */
  readonly gapHalf95Deg: number;
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
/** An unknown this near the end of its range has run away, in the unit of the field. */
const AT_END = 1e-6;
const FLIGHT_QUANTITIES: ReadonlySet<ObservedQuantity> = new Set(['carryM', 'offlineM', 'curveM']);

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

const fieldsOf = ({ unknown, priors }: DeliveryProblem): readonly DeliveryField[] => [
  ...unknown,
  ...priors.map(({ field }) => field),
];

function withValues(problem: DeliveryProblem, x: readonly number[]): Delivery {
  const { start, head, loftFollows } = problem;
  const given = Object.fromEntries(fieldsOf(problem).map((field, i) => [field, x[i]!]));
  const delivery: Delivery = { ...start, ...given };
  const faceBy = delivery.faceAngleDeg - start.faceAngleDeg;
  const pathBy = delivery.clubPathDeg - start.clubPathDeg;
  const turnedBy = loftFollows === undefined ? 0 : loftFollows === 'gap' ? faceBy - pathBy : faceBy;
  const followed = loftOfTurnDeg(turnedBy, head.lieDeg, start.hand);
  return boundDelivery({ ...delivery, dynamicLoftDeg: delivery.dynamicLoftDeg + followed });
}

function search(problem: DeliveryProblem, withCovariance: boolean): Fit | null {
  const { start, observed, unknown, priors } = problem;
  const fields = fieldsOf(problem);
  return leastSquares(
    {
      start: [...unknown.map((field) => start[field]), ...priors.map(({ mean }) => mean)],
      steps: fields.map((field) => HALF_STEPS[field]),
      residuals: (x) => {
        const seen = observe(problem, withValues(problem, x));
        if (seen === null) return null;
        const own = observed.map(({ value, sd }, i) => (seen[i]! - value) / sd);
        const usual = priors.map(({ mean, sd }, i) => (x[unknown.length + i]! - mean) / sd);
        return [...own, ...usual];
      },
    },
    withCovariance,
  );
}

const ranAway = (problem: DeliveryProblem, x: readonly number[]): boolean =>
  problem.unknown.some((field, i) => {
    const [min, max] = DELIVERY_RANGES[field];
    return !(x[i]! > min + AT_END && x[i]! < max - AT_END);
  });

/** The fitted delivery; null when the model has no ball like the one observed. */
export function fitDelivery(problem: DeliveryProblem, withIntervals = true): FittedDelivery | null {
  const fit = search(problem, withIntervals);
  if (fit === null || !Number.isFinite(fit.cost) || ranAway(problem, fit.x)) return null;
  const misfit = Math.sqrt(fit.cost / problem.observed.length);
  const delivery = withValues(problem, fit.x);
  if (!withIntervals) return { delivery, half95: {}, gapHalf95Deg: Infinity, misfit };
  const of = (i: number, j: number): number => fit.covariance?.[i]?.[j] ?? Infinity;
  const half = (variance: number): number => NORMAL_975 * Math.sqrt(Math.max(0, variance));
  const half95 = Object.fromEntries(problem.unknown.map((field, i) => [field, half(of(i, i))]));
  const face = problem.unknown.indexOf('faceAngleDeg');
  const path = problem.unknown.indexOf('clubPathDeg');
  const gap = of(face, face) + of(path, path) - 2 * of(face, path);
  return { delivery, half95, gapHalf95Deg: Number.isNaN(gap) ? Infinity : half(gap), misfit };
}
