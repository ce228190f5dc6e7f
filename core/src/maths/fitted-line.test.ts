import { linearRegression } from 'simple-statistics';
import { fittedLine } from './fitted-line.ts';
import { gaussian, seededRandom } from './random.ts';

/** The first four figures of Anscombe (1973, The American Statistician 27:17), set I. */
const X = [10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5];
const Y = [8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68];

describe('a line through points', () => {
  it('is Anscombe’s, with the standard error of its slope he gives (0.118)', () => {
    const line = fittedLine(X, Y)!;
    expect(line.at(0)).toBeCloseTo(3, 2);
    expect(line.slope).toBeCloseTo(0.5, 3);
    // t of 0.975 with 9 degrees of freedom is 2.262.
    expect(line.slopeHalf95 / 2.262).toBeCloseTo(0.118, 3);
    expect(line.leftOver * 9).toBeCloseTo(13.76, 2);
  });

  it('is a statistics package’s', () => {
    const { m, b } = linearRegression(X.map((x, n) => [x, Y[n]!]));
    const line = fittedLine(X, Y)!;
    expect(line.slope).toBeCloseTo(m, 10);
    expect(line.at(0)).toBeCloseTo(b, 10);
  });

  it('holds one more value 90 times in 100, within the points and beyond them', () => {
    const random = seededRandom(4);
    const xs = [0, 1, 2, 3, 4, 5];
    for (const x of [2.5, 9]) {
      let held = 0;
      for (let run = 0; run < 4000; run++) {
        const line = fittedLine(
          xs,
          xs.map((at) => 1 - 0.4 * at + gaussian(random)),
        )!;
        const next = 1 - 0.4 * x + gaussian(random);
        if (Math.abs(next - line.at(x)) <= line.half90At(x)) held++;
      }
      expect(held / 4000).toBeGreaterThan(0.885);
      expect(held / 4000).toBeLessThan(0.915);
    }
  });

  it('is none of too few, or of one place; and unequal lists are a mistake', () => {
    expect(fittedLine([1, 2], [1, 2])).toBeNull();
    expect(fittedLine([3, 3, 3], [1, 2, 3])).toBeNull();
    expect(() => fittedLine([1, 2, 3], [1, 2])).toThrow(RangeError);
  });
});
