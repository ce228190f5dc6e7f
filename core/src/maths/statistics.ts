/** Two-sided 95 % points of Student's t for 1 to 30 degrees of freedom (standard table, 3 decimals). */
const T_975 = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145,
  2.131, 2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048,
  2.045, 2.042,
];
const NORMAL_975 = 1.959964;

/**
 * The 0.975 point of Student's t with `degrees` ≥ 1 degrees of freedom. Beyond the table: two terms
 * of the Cornish-Fisher expansion (Abramowitz & Stegun 26.7.5), right to 0.001.
 */
export function tPoint975(degrees: number): number {
  const tabled = T_975[Math.floor(degrees) - 1];
  if (tabled !== undefined) return tabled;
  const z = NORMAL_975;
  const first = (z ** 3 + z) / (4 * degrees);
  const second = (5 * z ** 5 + 16 * z ** 3 + 3 * z) / (96 * degrees ** 2);
  return z + first + second;
}

/** Mean, spread and the 95 % interval of the mean of a set of numbers. */
export interface Summary {
  readonly count: number;
  readonly mean: number;
  /** Sample standard deviation; 0 for one value. */
  readonly sd: number;
  /** 95 % interval of the mean (Student's t); infinite for one value. */
  readonly low: number;
  readonly high: number;
}

export const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** Sample standard deviation (n − 1); 0 for fewer than two values. */
export function standardDeviation(values: readonly number[]): number {
  if (values.length < 2) return 0;
  const middle = mean(values);
  const squares = values.reduce((sum, value) => sum + (value - middle) ** 2, 0);
  return Math.sqrt(squares / (values.length - 1));
}

/** Null for no values. */
export function summarise(values: readonly number[]): Summary | null {
  const count = values.length;
  if (count === 0) return null;
  const middle = mean(values);
  const sd = standardDeviation(values);
  const half = count < 2 ? Infinity : (tPoint975(count - 1) * sd) / Math.sqrt(count);
  return { count, mean: middle, sd, low: middle - half, high: middle + half };
}

/** The middle value, or the mean of the two middle ones; NaN for none. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}
