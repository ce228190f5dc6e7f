import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { leastSquares } from './least-squares.ts';

/** Residuals of y = a·exp(−b·t) at some points, the truth with a small ripple. */
const T = [0, 0.5, 1, 1.5, 2, 3, 4];
const Y = T.map((t, n) => 3 * Math.exp(-0.7 * t) + (n % 2 === 0 ? 0.02 : -0.02));
const decay = {
  count: T.length,
  start: [1, 0.1],
  steps: [1e-4, 1e-4],
  residuals: (x: Float64Array, out: Float64Array): boolean => {
    T.forEach((t, i) => (out[i] = x[0]! * Math.exp(-x[1]! * t) - Y[i]!));
    return true;
  },
};

describe('least squares', () => {
  it('comes to rest where another package’s Levenberg–Marquardt does', () => {
    const fit = leastSquares(decay)!;
    expect(fit.isConverged).toBe(true);
    const other = levenbergMarquardt(
      { x: T, y: Y },
      ([a, b]: number[]) =>
        (t: number) =>
          a! * Math.exp(-b! * t),
      { initialValues: [1, 0.1], damping: 0.01, gradientDifference: 1e-4, maxIterations: 500 },
    );
    fit.x.forEach((value, n) => expect(value).toBeCloseTo(other.parameterValues[n]!, 4));
  });

  it('says that it came to no rest where its steps run out in a bent valley', () => {
    const valley = (steepness: number) =>
      leastSquares({
        count: 2,
        start: [-1.2, 1],
        steps: [1e-6, 1e-6],
        residuals: ([x, y], out) => {
          out[0] = steepness * (y! - x! ** 2);
          out[1] = 1 - x!;
          return true;
        },
      })!;
    // Rosenbrock 1960, from memory: the lowest is at (1, 1).
    const gentle = valley(10);
    expect(gentle.isConverged).toBe(true);
    expect([...gentle.x].map((value) => Math.round(1e4 * value) / 1e4)).toEqual([1, 1]);
    const steep = valley(1e5);
    expect([steep.isConverged, steep.x[0]! < 0.9]).toEqual([false, true]);
  });

  it('has no answer where the model has none at the start', () => {
    expect(leastSquares({ ...decay, residuals: () => false })).toBeNull();
  });
});
