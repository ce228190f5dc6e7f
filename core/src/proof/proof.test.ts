import { sampleStandardDeviation, mean as packageMean } from 'simple-statistics';
import { gaussian, seededRandom } from '../maths/random.ts';
import { bootstrapDifference, quantile } from './bootstrap.ts';
import { compareBlocks, rankDrills } from './compare.ts';
import type { ProofBall } from './compare.ts';

const blank: ProofBall = {
  clubPathDeg: null,
  faceAngleDeg: null,
  faceToPathDeg: null,
  startDirectionDeg: null,
  curveM: null,
  offlineM: null,
  carryM: null,
  clubSpeedMps: null,
};
const path = (values: readonly number[]): ProofBall[] =>
  values.map((clubPathDeg) => ({ ...blank, clubPathDeg }));

describe('the bootstrap', () => {
  // Efron & Tibshirani (1993), table 2.1: survival of mice, days. Their difference of means is 30.63,
  // with a standard error of 28.93 (28.9 by the plug-in formula with n, 30.9 with n − 1 weights).
  const treated = [94, 197, 16, 38, 99, 141, 23];
  const control = [52, 104, 146, 10, 51, 30, 40, 27, 46];

  it('gives the difference of the worked example, and does not call it clear', () => {
    const interval = bootstrapDifference(control, treated, seededRandom(5), 4000)!;
    expect(interval.difference).toBeCloseTo(30.63, 2);
    expect(interval.low).toBeLessThan(0);
    expect(interval.high).toBeGreaterThan(60);
  });

  it('is near Welch’s interval for large normal samples', () => {
    const random = seededRandom(9);
    const draw = (n: number, m: number): number[] =>
      Array.from({ length: n }, () => m + 2 * gaussian(random));
    const [a, b] = [draw(80, 0), draw(80, 1)];
    const se = Math.hypot(
      sampleStandardDeviation(a) / Math.sqrt(80),
      sampleStandardDeviation(b) / Math.sqrt(80),
    );
    const interval = bootstrapDifference(a, b, seededRandom(2), 3000)!;
    const d = packageMean(b) - packageMean(a);
    expect(interval.difference).toBeCloseTo(d, 10);
    expect(Math.abs(interval.low - (d - 1.975 * se))).toBeLessThan(0.12 * se);
    expect(Math.abs(interval.high - (d + 1.975 * se))).toBeLessThan(0.12 * se);
  });

  it('needs three balls, and knows balls without spread', () => {
    expect(bootstrapDifference([1, 2], [3, 4, 5], seededRandom(1))).toBeNull();
    expect(bootstrapDifference([1, 1, 1], [2, 2, 2], seededRandom(1))).toEqual({
      difference: 1,
      low: 1,
      high: 1,
    });
  });

  it('has the quantiles of the textbook', () => {
    expect(quantile([1, 2, 3, 4, 5], 0.5)).toBe(3);
    expect(quantile([1, 2, 3, 4], 0.25)).toBeCloseTo(1.75, 12);
    expect(quantile([7], 0.9)).toBe(7);
  });
});

describe('the verdict', () => {
  it('raises a false alarm about 5 times in 100 where nothing changed', () => {
    const random = seededRandom(77);
    let alarms = 0;
    const tries = 250;
    for (let i = 0; i < tries; i++) {
      const draw = () => path(Array.from({ length: 8 }, () => -5 + 1.2 * gaussian(random)));
      if (compareBlocks(draw(), draw(), {}, i)[0]!.verdict !== 'not yet clear') alarms++;
    }
    // Binomial: 12.5 expected of 250 at 5 %, standard deviation 3.4; up to 9 % is accepted for 8 balls.
    expect(alarms).toBeGreaterThan(2);
    expect(alarms).toBeLessThan(23);
  });

  const random = seededRandom(31);
  const around = (m: number, n = 10): number[] =>
    Array.from({ length: n }, () => m + 0.8 * gaussian(random));

  it('is better when clearly nearer to what is wanted, worse when further, by the interval', () => {
    const [better] = compareBlocks(path(around(-6)), path(around(-2)));
    expect(better).toMatchObject({ figure: 'clubPathDeg', verdict: 'better', ballsNeeded: null });
    expect(better!.low).toBeGreaterThan(2);
    expect(compareBlocks(path(around(-2)), path(around(-6)))[0]!.verdict).toBe('worse');
    // A player who wants 3° in-to-out gets better by moving there.
    expect(compareBlocks(path(around(0)), path(around(3)), { clubPathDeg: 3 })[0]!.verdict).toBe(
      'better',
    );
    const carry = (values: number[]): ProofBall[] => values.map((carryM) => ({ ...blank, carryM }));
    expect(compareBlocks(carry(around(140)), carry(around(146)))[0]!.verdict).toBe('better');
  });

  it('is not yet clear for a small change, and says how many balls would make it so', () => {
    const [proof] = compareBlocks(
      path([-5, -3, -6, -4, -5.5, -3.5]),
      path([-4.4, -2.6, -5.5, -3.7, -5, -3]),
    );
    expect(proof!.verdict).toBe('not yet clear');
    // Cohen's rule by hand: n = 2 ((1.96 + 0.84) sd / d)² with sd 1.16 and d 0.47 is about 96.
    expect(proof!.ballsNeeded).toBeGreaterThan(70);
    expect(proof!.ballsNeeded).toBeLessThan(125);
  });

  it('is the same every time for the same balls', () => {
    const [a, b] = [path(around(-5)), path(around(-4))];
    expect(compareBlocks(a, b)).toEqual(compareBlocks(a, b));
  });

  it('leaves out figures nobody measured', () => {
    expect(compareBlocks([blank], [blank])).toEqual([]);
  });
});

describe('what each drill moved', () => {
  it('ranks clear changes first, weighed by balls', () => {
    const of = (
      drillId: string,
      difference: number,
      verdict: 'better' | 'not yet clear',
      balls = 10,
    ) => ({ drillId, figure: 'clubPathDeg' as const, difference, verdict, balls });
    const ranks = rankDrills(
      [
        of('overhang', 2, 'better'),
        of('overhang', 4, 'better', 30),
        of('slalom', 6, 'not yet clear'),
        of('rails', 1, 'better'),
      ],
      'clubPathDeg',
    );
    expect(ranks.map((r) => r.drillId)).toEqual(['overhang', 'rails', 'slalom']);
    expect(ranks[0]!.difference).toBeCloseTo(3.5, 12);
    expect(rankDrills([], 'clubPathDeg')).toEqual([]);
  });
});
