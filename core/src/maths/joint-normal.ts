/**
 * What is believed of several numbers at once: their means and covariance, as a normal distribution. Observations change it by
 * Kalman's update (Gelman et al., *Bayesian Data Analysis*, 3rd ed., §14.8, from memory); it is drawn from by its Cholesky factor
 * over points that are the same each time.
 */
import { tQuantile } from './student.ts';

export interface JointNormal {
  readonly mean: readonly number[];
  /** Row after row. */
  readonly covariance: readonly number[];
}

/** An observation of a weighed sum of the numbers, with its variance. */
export interface SeenSum {
  readonly weights: readonly number[];
  readonly value: number;
  readonly variance: number;
}

/** Variance of a weighed sum. */
export const varianceOf = ({ covariance }: JointNormal, weights: readonly number[]): number => {
  const n = weights.length;
  let sum = 0;
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) sum += weights[i]! * weights[j]! * covariance[i * n + j]!;
  return sum;
};

/** Returns what is believed once a sum was seen. */
export function observed(belief: JointNormal, { weights, value, variance }: SeenSum): JointNormal {
  const { mean, covariance } = belief;
  const n = mean.length;
  const along = mean.map((_, i) =>
    weights.reduce((sum, weight, j) => sum + covariance[i * n + j]! * weight, 0),
  );
  const total = variance + weights.reduce((sum, weight, i) => sum + weight * along[i]!, 0);
  if (!(total > 0)) return belief;
  const expected = weights.reduce((sum, weight, i) => sum + weight * mean[i]!, 0);
  const gain = along.map((a) => a / total);
  return {
    mean: mean.map((m, i) => m + gain[i]! * (value - expected)),
    covariance: covariance.map((c, at) => c - gain[Math.floor(at / n)]! * along[at % n]!),
  };
}

/** Lower triangle L with L Lᵀ the covariance; directions without variance are left out. */
export function choleskyOf({ mean, covariance }: JointNormal): Float64Array {
  const n = mean.length;
  const lower = new Float64Array(n * n);
  for (let j = 0; j < n; j++) {
    for (let i = j; i < n; i++) {
      let sum = covariance[i * n + j]!;
      for (let k = 0; k < j; k++) sum -= lower[i * n + k]! * lower[j * n + k]!;
      if (i === j) lower[i * n + j] = Math.sqrt(Math.max(0, sum));
      else lower[i * n + j] = lower[j * n + j]! > 1e-12 ? sum / lower[j * n + j]! : 0;
    }
  }
  return lower;
}

/** Degrees of freedom at which Student's t is the normal to four digits. */
const AS_NORMAL = 1e5;
const normalPoint = (u: number): number =>
  u < 0.5 ? -tQuantile(1 - u, AS_NORMAL) : tQuantile(u, AS_NORMAL);

/**
 * Points of the unit normal in some dimensions, spread evenly: the additive recurrence of the generalised golden ratio
 * (Roberts 2018, "The unreasonable effectiveness of quasirandom sequences", from memory), each with its mirror image, so that
 * their mean is nothing.
 */
export function normalPoints(count: number, dimensions: number): readonly (readonly number[])[] {
  let ratio = 2;
  for (let i = 0; i < 40; i++) ratio = (1 + ratio) ** (1 / (dimensions + 1));
  const half = Array.from({ length: Math.ceil(count / 2) }, (_, n) =>
    Array.from({ length: dimensions }, (_unused, d) => {
      const u = (0.5 + (n + 1) * ratio ** -(d + 1)) % 1;
      // Rounded, so that the points are found once: the table of quantiles remembers each.
      return normalPoint(Math.min(0.999, Math.max(0.001, Math.round(u * 1000) / 1000)));
    }),
  );
  return [...half, ...half.map((point) => point.map((x) => -x))];
}

/** Draws of a belief, at some points of the unit normal. */
export function drawsOf(
  belief: JointNormal,
  points: readonly (readonly number[])[],
): readonly (readonly number[])[] {
  const lower = choleskyOf(belief);
  const n = belief.mean.length;
  return points.map((point) =>
    belief.mean.map((m, i) => {
      let value = m;
      for (let k = 0; k <= i; k++) value += lower[i * n + k]! * point[k]!;
      return value;
    }),
  );
}
