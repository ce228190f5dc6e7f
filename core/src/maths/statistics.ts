/** The 0.975 point of the normal distribution: half-width of a 95 % interval in standard errors. */
export const NORMAL_975 = 1.959964;

export const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** Sample standard deviation (n − 1); 0 for fewer than two values. */
export function standardDeviation(values: readonly number[]): number {
  if (values.length < 2) return 0;
  const middle = mean(values);
  const squares = values.reduce((sum, value) => sum + (value - middle) ** 2, 0);
  return Math.sqrt(squares / (values.length - 1));
}

/** Returns the middle value, or the mean of the two middle ones; NaN for none. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}
