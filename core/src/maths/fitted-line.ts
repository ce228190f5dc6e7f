/**
 * A straight line through values by least squares, and what it says elsewhere (Draper & Smith, Applied Regression
 * Analysis, ch. 1: eqs. for the slope's error and the interval of a single new value; from memory).
 */
import { tQuantile } from './student.ts';
import { mean } from './statistics.ts';

export interface FittedLine {
  /** Per unit of x. */
  readonly slope: number;
  readonly slopeHalf95: number;
  /** Mean square of what is left over, with two unknowns taken off. */
  readonly leftOver: number;
  readonly at: (x: number) => number;
  /** 90 % half-width of one more value at x. */
  readonly half90At: (x: number) => number;
}

/** Points a line has at least, so that something is left over to say how sure it is. */
const POINTS_AT_LEAST = 3;

/** Returns the line through some points; null for fewer than three, or all at one x. */
export function fittedLine(xs: readonly number[], ys: readonly number[]): FittedLine | null {
  const count = xs.length;
  if (count !== ys.length) throw new RangeError(`${count} places and ${ys.length} values`);
  if (count < POINTS_AT_LEAST) return null;
  const [x0, y0] = [mean(xs), mean(ys)];
  const sxx = xs.reduce((sum, x) => sum + (x - x0) ** 2, 0);
  if (sxx === 0) return null;
  const slope = xs.reduce((sum, x, n) => sum + (x - x0) * (ys[n]! - y0), 0) / sxx;
  const at = (x: number): number => y0 + slope * (x - x0);
  const degrees = count - 2;
  const leftOver = ys.reduce((sum, y, n) => sum + (y - at(xs[n]!)) ** 2, 0) / degrees;
  const t = tQuantile(0.975, degrees);
  return {
    slope,
    slopeHalf95: t * Math.sqrt(leftOver / sxx),
    leftOver,
    at,
    half90At: (x) =>
      tQuantile(0.95, degrees) * Math.sqrt(leftOver * (1 + 1 / count + (x - x0) ** 2 / sxx)),
  };
}
