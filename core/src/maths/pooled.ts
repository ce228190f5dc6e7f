/**
 * One effect from several estimates that truly differ: random effects with the variance between them by Paule & Mandel
 * (1982, J. Res. Natl. Bur. Stand. 87:377), the interval by Hartung & Knapp (2001, Stat. Med. 20:3875). Each estimate leans to the common one by its error (empirical Bayes, Efron & Morris 1975).
 */
import { tQuantile } from './student.ts';

export interface Estimate {
  readonly value: number;
  /** Standard error, above 0. */
  readonly error: number;
}

export interface Pooled {
  readonly value: number;
  /** Standard error of the common value. */
  readonly error: number;
  /** Its 95 % interval; nulls for one estimate, of which nothing says how far another would be off. */
  readonly low: number | null;
  readonly high: number | null;
  /** Standard deviation of the true values between them. */
  readonly between: number;
  readonly count: number;
  /** Each estimate as it leans to the common one. */
  readonly shrunken: readonly number[];
}

const HALVINGS = 100;
/** Estimates that are nearer to each other than their errors by chance are no surer than this share of what the errors say. */
const LEAST_SCATTER = 0.2;

function weighed(estimates: readonly Estimate[], variance: number) {
  const weights = estimates.map(({ error }) => 1 / (error ** 2 + variance));
  const weight = weights.reduce((sum, w) => sum + w, 0);
  const value = estimates.reduce((sum, { value: v }, i) => sum + weights[i]! * v, 0) / weight;
  const q = estimates.reduce((sum, { value: v }, i) => sum + weights[i]! * (v - value) ** 2, 0);
  return { weight, value, q };
}

/** Returns the variance between at which the scatter is what the errors explain. */
function varianceBetween(estimates: readonly Estimate[]): number {
  const wanted = estimates.length - 1;
  if (weighed(estimates, 0).q <= wanted) return 0;
  let [low, high] = [0, 1];
  while (weighed(estimates, high).q > wanted) high *= 2;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (weighed(estimates, middle).q > wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Returns whether the whole interval is further from nothing than `by`; never for one estimate. */
export const isClearBy = ({ low, high }: Pooled, by: number): boolean =>
  low !== null && high !== null && (low > by || high < -by);

/** Pools estimates; null for none. Throws RangeError for an error that is not above 0. */
export function pooledOf(estimates: readonly Estimate[]): Pooled | null {
  const count = estimates.length;
  if (count === 0) return null;
  for (const { error } of estimates)
    if (!(error > 0)) throw new RangeError(`an estimate's error must be above 0, not ${error}`);
  const variance = varianceBetween(estimates);
  const { weight, value, q } = weighed(estimates, variance);
  const plain = 1 / Math.sqrt(weight);
  const error = count < 2 ? plain : plain * Math.sqrt(Math.max(LEAST_SCATTER, q / (count - 1)));
  const half = count < 2 ? null : tQuantile(0.975, count - 1) * error;
  const shrunken = estimates.map(({ value: own, error: e }) => {
    const share = variance / (variance + e ** 2);
    return value + share * (own - value);
  });
  return {
    value,
    error,
    low: half === null ? null : value - half,
    high: half === null ? null : value + half,
    between: Math.sqrt(variance),
    count,
    shrunken,
  };
}
