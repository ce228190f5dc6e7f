import { Matrix, solve } from 'ml-matrix';
import { crossMatrix, multiply, multiplyVector, solve3 } from './matrix.ts';
import type { Mat3 } from './matrix.ts';
import { gaussian, seededRandom } from './random.ts';
import { median, summarise, tPoint975 } from './statistics.ts';
import { cross, direction, elevationOf, azimuthOf } from './vector.ts';
import type { Vec3 } from './vector.ts';

/** The package has no types of its own. */
const { jStat } = jest.requireActual<{
  jStat: { studentt: { inv: (share: number, degrees: number) => number } };
}>('jstat');

const random = seededRandom(7);
const between = (low: number, high: number): number => low + (high - low) * random();
const vector = (): Vec3 => [between(-3, 3), between(-3, 3), between(-3, 3)];
const matrix = (): Mat3 => [vector(), vector(), vector()];

describe('3×3 algebra against ml-matrix', () => {
  it('solves like the package', () => {
    for (let i = 0; i < 200; i++) {
      const m = matrix();
      if (Math.abs(det(m)) < 0.1) continue;
      const b = vector();
      const theirs = solve(new Matrix(m.map((row) => [...row])), Matrix.columnVector([...b]));
      solve3(m, b).forEach((x, k) => expect(x).toBeCloseTo(theirs.get(k, 0), 8));
    }
  });

  it('multiplies like the package', () => {
    const [a, b] = [matrix(), matrix()];
    const theirs = new Matrix(a.map((r) => [...r])).mmul(new Matrix(b.map((r) => [...r])));
    multiply(a, b).forEach((row, i) =>
      row.forEach((x, j) => expect(x).toBeCloseTo(theirs.get(i, j), 12)),
    );
  });

  it('turns a cross product into a matrix', () => {
    const [a, b] = [vector(), vector()];
    multiplyVector(crossMatrix(a), b).forEach((x, i) => expect(x).toBeCloseTo(cross(a, b)[i]!, 12));
  });
});

const det = (m: Mat3): number => {
  const c = cross(m[0], m[1]);
  return c[0] * m[2][0] + c[1] * m[2][1] + c[2] * m[2][2];
};

describe('directions', () => {
  it('come back as they went in', () => {
    for (let i = 0; i < 100; i++) {
      const [e, a] = [between(-1.5, 1.5), between(-3.1, 3.1)];
      const d = direction(e, a);
      expect(elevationOf(d)).toBeCloseTo(e, 10);
      expect(azimuthOf(d)).toBeCloseTo(a, 10);
    }
  });
});

describe('statistics', () => {
  // NIST/SEMATECH e-Handbook, 1.3.6.7.2: critical values of Student's t, upper 0.025.
  it.each([
    [1, 12.706],
    [4, 2.776],
    [9, 2.262],
    [30, 2.042],
    [40, 2.021],
    [60, 2.0],
    [100, 1.984],
  ])('the 0.975 point of t with %d degrees of freedom is %d', (degrees, point) => {
    expect(tPoint975(degrees)).toBeCloseTo(point, 3);
  });

  it('agrees with jStat’s points of t everywhere', () => {
    const { inv } = jStat.studentt;
    for (let degrees = 1; degrees < 300; degrees++) {
      expect(Math.abs(tPoint975(degrees) - inv(0.975, degrees))).toBeLessThan(0.0011);
    }
  });

  it('summarises a hand-worked set', () => {
    // 2, 4, 4, 4, 5, 5, 7, 9: mean 5, sum of squares 32, so s² = 32/7.
    const summary = summarise([2, 4, 4, 4, 5, 5, 7, 9])!;
    expect(summary.mean).toBe(5);
    expect(summary.sd).toBeCloseTo(Math.sqrt(32 / 7), 12);
    expect(summary.high - 5).toBeCloseTo((2.365 * Math.sqrt(32 / 7)) / Math.sqrt(8), 3);
    expect(median([3, 1, 2])).toBe(2);
    expect(median([4, 1, 2, 3])).toBe(2.5);
  });

  it('says nothing of no values and knows no interval of one', () => {
    expect(summarise([])).toBeNull();
    expect(summarise([3])).toMatchObject({ mean: 3, sd: 0, low: -Infinity, high: Infinity });
  });
});

describe('seeded randomness', () => {
  it('is the same for the same seed, and even enough', () => {
    const [a, b] = [seededRandom(42), seededRandom(42)];
    const draws = Array.from({ length: 4000 }, () => a());
    expect(draws.slice(0, 5)).toEqual(Array.from({ length: 5 }, () => b()));
    const summary = summarise(draws)!;
    // Mean 1/2 and variance 1/12 of the uniform distribution, within four standard errors.
    expect(Math.abs(summary.mean - 0.5)).toBeLessThan(4 * Math.sqrt(1 / 12 / 4000));
    expect(summary.sd ** 2).toBeCloseTo(1 / 12, 2);
  });

  it('makes normal deviates', () => {
    const r = seededRandom(3);
    const summary = summarise(Array.from({ length: 4000 }, () => gaussian(r)))!;
    expect(Math.abs(summary.mean)).toBeLessThan(4 / Math.sqrt(4000));
    expect(summary.sd).toBeCloseTo(1, 1);
  });
});
