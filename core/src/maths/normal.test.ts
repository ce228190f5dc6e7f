import { normalTail } from './normal.ts';
import { drawsOf, normalPoints, observed, varianceOf } from './joint-normal.ts';
import { mean, standardDeviation } from './statistics.ts';

describe('the tail of the normal', () => {
  // NIST/SEMATECH e-Handbook, 1.3.6.7.1: area from 0 to z.
  it.each([
    [0, 0.5],
    [0.5, 0.5 - 0.19146],
    [1, 0.5 - 0.34134],
    [1.96, 0.5 - 0.475],
    [3, 0.5 - 0.49865],
  ])('above %d is %d', (z, tail) => {
    expect(normalTail(z)).toBeCloseTo(tail, 5);
    expect(normalTail(-z)).toBeCloseTo(1 - tail, 5);
  });

  it('is nothing and all at its ends', () => {
    expect([normalTail(Infinity), normalTail(-Infinity)]).toEqual([0, 1]);
  });
});

describe('several numbers believed together', () => {
  const belief = { mean: [1, -2], covariance: [4, 1, 1, 9] };

  it('are drawn with their means, spreads and what they have in common', () => {
    const draws = drawsOf(belief, normalPoints(2000, 2));
    const [x, y] = [draws.map((d) => d[0]!), draws.map((d) => d[1]!)];
    expect(mean(x)).toBeCloseTo(1, 6);
    expect(mean(y)).toBeCloseTo(-2, 6);
    expect(standardDeviation(x)).toBeCloseTo(2, 1);
    expect(standardDeviation(y)).toBeCloseTo(3, 1);
    const both = mean(draws.map(([a, b]) => (a! - 1) * (b! + 2)));
    expect(Math.abs(both - 1)).toBeLessThan(0.2);
  });

  it('come nearer to what is seen by how sure it is: the weighed mean of two sources', () => {
    // By hand: prior 1 ± 2, seen 3 ± 1: (1/4 · 1 + 1 · 3) / (1/4 + 1) = 2.6, variance 0.8.
    const then = observed(belief, { weights: [1, 0], value: 3, variance: 1 });
    expect(then.mean[0]).toBeCloseTo(2.6, 12);
    expect(varianceOf(then, [1, 0])).toBeCloseTo(0.8, 12);
    // The other follows by its covariance: −2 + 1/4 · 1.6.
    expect(then.mean[1]).toBeCloseTo(-1.6, 12);
  });

  it('keep a direction without variance as it is', () => {
    const fixed = { mean: [5, 1], covariance: [0, 0, 0, 1] };
    expect(drawsOf(fixed, normalPoints(8, 2)).every(([a]) => a === 5)).toBe(true);
    expect(observed(fixed, { weights: [1, 0], value: 9, variance: 0 })).toEqual(fixed);
  });
});
