import { Matrix, solve } from 'ml-matrix';
import { crossMatrix, multiply, multiplyVector, solve3 } from '../testing/matrix.ts';
import type { Mat3 } from '../testing/matrix.ts';
import { gaussian, seededRandom } from './random.ts';
import { mean, median, standardDeviation } from './statistics.ts';
import { tCumulative, tQuantile } from './student.ts';
import { cross, direction, elevationOf, azimuthOf } from './vector.ts';
import type { Vec3 } from './vector.ts';

/** The package has no types of its own. */
const { jStat } = jest.requireActual<{
  jStat: {
    studentt: {
      inv: (share: number, degrees: number) => number;
      cdf: (t: number, degrees: number) => number;
    };
  };
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
  it('has the mean, spread and middle of a hand-worked set', () => {
    // 2, 4, 4, 4, 5, 5, 7, 9: mean 5, sum of squares 32, so s² = 32/7.
    const values = [2, 4, 4, 4, 5, 5, 7, 9];
    expect(mean(values)).toBe(5);
    expect(standardDeviation(values)).toBeCloseTo(Math.sqrt(32 / 7), 12);
    expect(standardDeviation([3])).toBe(0);
    expect(median([3, 1, 2])).toBe(2);
    expect(median([4, 1, 2, 3])).toBe(2.5);
  });
});

describe('seeded randomness', () => {
  it('is the same for the same seed, and even enough', () => {
    const [a, b] = [seededRandom(42), seededRandom(42)];
    const draws = Array.from({ length: 4000 }, () => a());
    expect(draws.slice(0, 5)).toEqual(Array.from({ length: 5 }, () => b()));
    // Mean 1/2 and variance 1/12 of the uniform distribution, within four standard errors.
    expect(Math.abs(mean(draws) - 0.5)).toBeLessThan(4 * Math.sqrt(1 / 12 / 4000));
    expect(standardDeviation(draws) ** 2).toBeCloseTo(1 / 12, 2);
  });

  it('makes normal deviates', () => {
    const r = seededRandom(3);
    const draws = Array.from({ length: 4000 }, () => gaussian(r));
    expect(Math.abs(mean(draws))).toBeLessThan(4 / Math.sqrt(4000));
    expect(standardDeviation(draws)).toBeCloseTo(1, 1);
  });
});

describe('Student’s t for any probability', () => {
  it('has the points of the NIST/SEMATECH handbook, table 1.3.6.7.2', () => {
    // Upper points for 1, 2, 5, 10, 30 and 100 degrees of freedom at 0.90, 0.95, 0.975 and 0.99.
    const table = [
      [1, 3.078, 6.314, 12.706, 31.821],
      [2, 1.886, 2.92, 4.303, 6.965],
      [5, 1.476, 2.015, 2.571, 3.365],
      [10, 1.372, 1.812, 2.228, 2.764],
      [30, 1.31, 1.697, 2.042, 2.457],
      [40, 1.303, 1.684, 2.021, 2.423],
      [100, 1.29, 1.66, 1.984, 2.364],
    ] as const;
    for (const [degrees, ...points] of table) {
      [0.9, 0.95, 0.975, 0.99].forEach((p, i) =>
        expect(Math.abs(tQuantile(p, degrees) - points[i]!)).toBeLessThan(6e-4),
      );
    }
  });

  it('agrees with jstat, for whole and broken degrees of freedom', () => {
    for (const degrees of [1, 1.7, 3.3, 8, 40.5]) {
      for (const t of [-4, -1, -0.2, 0, 0.5, 2, 6]) {
        expect(tCumulative(t, degrees)).toBeCloseTo(jStat.studentt.cdf(t, degrees), 7);
      }
    }
    for (let degrees = 1; degrees < 300; degrees++) {
      expect(tQuantile(0.975, degrees)).toBeCloseTo(jStat.studentt.inv(0.975, degrees), 6);
    }
    expect(tQuantile(0.5, 7)).toBeCloseTo(0, 9);
  });
});
