/**
 * Whether the balls scatter less: the ratio of two standard deviations, with an interval that stands
 * heavy tails (Bonett 2006, *Applied Psychological Measurement* 30:432, from memory): the variance of ln s²
 * is taken from a pooled kurtosis about trimmed means. Small blocks are given Student's t for z.
 */
import { mean, standardDeviation } from '../maths/statistics.ts';
import { tQuantile } from '../maths/student.ts';

export interface SpreadChange {
  readonly beforeSd: number;
  readonly afterSd: number;
  /** After over before: below 1 is tighter. */
  readonly ratio: number;
  readonly low: number;
  readonly high: number;
  readonly state: 'tighter' | 'wider' | 'not clear';
}

/** Fewer balls say nothing of a spread. */
export const SPREAD_BALLS = 5;

/** Mean of the middle values, 1 / (2 √(n − 4)) of them taken off each end. */
function trimmedMean(values: readonly number[]): number {
  const n = values.length;
  const cut = Math.floor(n * Math.min(0.4, 1 / (2 * Math.sqrt(Math.max(1, n - 4)))));
  const sorted = [...values].sort((a, b) => a - b);
  return mean(sorted.slice(cut, n - cut));
}

function sumsOf(values: readonly number[]): { fourth: number; squares: number } {
  const [centre, middle] = [trimmedMean(values), mean(values)];
  return {
    fourth: values.reduce((sum, v) => sum + (v - centre) ** 4, 0),
    squares: values.reduce((sum, v) => sum + (v - middle) ** 2, 0),
  };
}

/** Null with too few balls, or none that scatter. */
export function spreadChange(
  before: readonly number[],
  after: readonly number[],
  confidence: number,
): SpreadChange | null {
  const [n, m] = [before.length, after.length];
  if (n < SPREAD_BALLS || m < SPREAD_BALLS) return null;
  const [beforeSd, afterSd] = [standardDeviation(before), standardDeviation(after)];
  if (!(beforeSd > 0) || !(afterSd > 0)) return null;
  const [b, a] = [sumsOf(before), sumsOf(after)];
  const kurtosis = ((n + m) * (b.fourth + a.fourth)) / (b.squares + a.squares) ** 2;
  const part = (count: number): number =>
    Math.max(0.2, kurtosis - (count - 3) / count) / (count - 1);
  const error = Math.sqrt(part(n) + part(m)) / 2;
  const half = error * tQuantile(1 - (1 - confidence) / 2, n + m - 2);
  const ratio = afterSd / beforeSd;
  const [low, high] = [ratio * Math.exp(-half), ratio * Math.exp(half)];
  const state = high < 1 ? 'tighter' : low > 1 ? 'wider' : 'not clear';
  return { beforeSd, afterSd, ratio, low, high, state };
}
