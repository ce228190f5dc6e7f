import { tTestTwoSample } from 'simple-statistics';
import { RATES } from '../maths/rates.ts';
import { gaussian, seededRandom } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import type { ProofBall } from '../reading/figure.ts';
import { tries } from '../testing/players.ts';
import { ballsToShow, differenceOf, halfOf } from './difference.ts';
import { judgeBlocks } from './judge.ts';
import { VERDICTS } from './verdict.ts';
import type { BlockVerdict } from './judge.ts';
import { spreadChange } from './spread.ts';

/** Scatter of mean 0 and standard deviation 1: as it may be, with long tails, and leaning. */
const SCATTERS: Readonly<Record<string, (random: Random) => number>> = {
  normal: gaussian,
  'heavy-tailed': (random) => {
    const chi2 = gaussian(random) ** 2 + gaussian(random) ** 2 + gaussian(random) ** 2;
    return gaussian(random) / Math.sqrt(chi2 / 3) / Math.sqrt(3);
  },
  skewed: (random) => -Math.log(1 - random()) - 1,
};

/** Balls of a player with a path, a face and a scatter, everything else following from them. */
function block(
  random: Random,
  scatter: (r: Random) => number,
  count: number,
  path = -5,
  face = -1,
): ProofBall[] {
  return Array.from({ length: count }, () => {
    const clubPathDeg = path + 1.5 * scatter(random);
    const faceAngleDeg = face + 2 * scatter(random);
    return {
      clubPathDeg,
      faceAngleDeg,
      faceToPathDeg: faceAngleDeg - clubPathDeg,
      startDirectionDeg: 0.8 * faceAngleDeg + 0.2 * clubPathDeg,
      curveM: 3 * (faceAngleDeg - clubPathDeg) + 3 * scatter(random),
      offlineM: 2 * faceAngleDeg + 4 * scatter(random),
      carryM: 150 + 5 * scatter(random),
      clubSpeedMps: 36 + 0.5 * scatter(random),
    };
  });
}
const PATH_WORK = {
  figures: ['clubPathDeg', 'faceToPathDeg'],
  wanted: { clubPathDeg: 0, faceToPathDeg: 0 },
} as const;
const CLAIMS: ReadonlySet<string> = new Set(['on plan', 'away from plan', 'there', 'past it']);
const isClaim = ({ verdict }: BlockVerdict): boolean => CLAIMS.has(verdict);

describe('with nothing changed', () => {
  const count = tries(400, 6000);
  const slack = 2.6 * Math.sqrt((0.05 * 0.95) / count);

  it.each(
    Object.keys(SCATTERS).flatMap((name) =>
      (
        [
          [3, 3],
          [4, 8],
          [3, 15],
          [8, 8],
          [15, 15],
        ] as const
      ).map(([n, m]) => [name, n, m] as const),
    ),
  )(
    '%s balls, %d before and %d after: the headline and the rest are wrong in at most 5 %%',
    (name, n, m) => {
      const random = seededRandom(1000 + n * 100 + m);
      const scatter = SCATTERS[name]!;
      let [headline, others, covered] = [0, 0, 0];
      for (let i = 0; i < count; i++) {
        const judged = judgeBlocks(block(random, scatter, n), block(random, scatter, m), PATH_WORK);
        if (isClaim(judged)) headline++;
        const spread = judged.spread !== null && judged.spread.state !== 'not clear';
        if (spread || judged.others.some(({ low, high }) => low! > 0 || high! < 0)) others++;
        const [path] = judged.named;
        if (path!.low! <= 0 && path!.high! >= 0) covered++;
      }
      expect(headline / count).toBeLessThanOrEqual(0.05 + slack);
      expect(others / count).toBeLessThanOrEqual(0.05 + slack);
      expect(covered / count).toBeGreaterThanOrEqual(0.95 - slack);
      // A handful borrows its scatter from what is usual, and is told more widely than it need be.
      const most = Math.min(n, m) < 5 ? 0.993 : 0.975;
      expect(covered / count).toBeLessThanOrEqual(most + slack);
    },
  );

  it('looking after every ball of ten makes no change out of nothing', () => {
    const random = seededRandom(44);
    const looks = tries(250, 3000);
    let alarms = 0;
    for (let i = 0; i < looks; i++) {
      const before = block(random, gaussian, 8);
      const after = block(random, gaussian, 10);
      const seen = Array.from({ length: 8 }, (_, k) =>
        judgeBlocks(before, after.slice(0, k + 3), { ...PATH_WORK, isOpen: true }),
      );
      if (seen.some(isClaim)) alarms++;
    }
    expect(alarms / looks).toBeLessThanOrEqual(0.05 + 2.6 * Math.sqrt(0.0475 / looks));
  });
});

describe('with a change', () => {
  const random = seededRandom(31);
  const judge = (before: ProofBall[], after: ProofBall[], rest: object = {}) =>
    judgeBlocks(before, after, { ...PATH_WORK, ...rest });
  const of = (path: number, face: number, count = 10) => block(random, gaussian, count, path, face);

  it('on plan when clearly nearer to the wanted, away when clearly further', () => {
    expect(judge(of(-7, -7), of(-3.4, -3.4)).verdict).toBe('on plan');
    expect(judge(of(-2.5, -2.5), of(-7, -7)).verdict).toBe('away from plan');
    // A fade player who wants the path at −4 gets there by moving away from zero.
    const fade = { wanted: { clubPathDeg: -5, faceToPathDeg: 3 } };
    expect(judge(of(0, 0), of(-3.8, -1), fade).verdict).toBe('on plan');
  });

  it('there when the mean lies clearly inside its window, unless the shared error forbids it', () => {
    const steady = (path: number): ProofBall[] =>
      Array.from({ length: 8 }, (_, i) => ({ clubPathDeg: path + (i % 3) / 5, faceToPathDeg: 0 }));
    expect(judge(steady(-6), steady(0)).verdict).toBe('there');
    expect(judge(steady(-6), steady(0), { sharedSd: { clubPathDeg: 1.5 } }).verdict).toBe(
      'on plan',
    );
  });

  it('no real change when the interval lies within the smallest change that matters', () => {
    const steady = (path: number): ProofBall[] =>
      Array.from({ length: 12 }, (_, i) => ({ clubPathDeg: path + (i % 4) / 4, faceToPathDeg: 5 }));
    expect(judge(steady(-6), steady(-5.9)).verdict).toBe('no real change');
  });

  it('the second figure may object: nothing is on plan that left the gap clearly worse', () => {
    expect(judge(of(-6, -6, 14), of(-1, -12, 14)).verdict).not.toBe('on plan');
  });

  it('needs three balls in each block, and knows its verdicts', () => {
    const few = judge(of(-6, -6, 2), of(0, 0, 2));
    expect(few.verdict).toBe('not yet clear');
    expect(few.named[0]!.low).toBeNull();
    expect(VERDICTS).toContain(few.verdict);
    expect(judge([], []).named).toEqual([]);
    expect(() => judgeBlocks([], [], { figures: [], wanted: {} })).toThrow('options.figures');
    expect(() => judgeBlocks([], [], { figures: ['moon' as never], wanted: {} })).toThrow('moon');
  });

  it('more carry is better without a wanted one, and is judged in its own unit', () => {
    const carry = (m: number): ProofBall[] =>
      Array.from({ length: 8 }, (_, i) => ({ carryM: m + (i % 4) }));
    const options = { figures: ['carryM'], wanted: {} } as const;
    expect(judgeBlocks(carry(140), carry(152), options).verdict).toBe('on plan');
    expect(judgeBlocks(carry(152), carry(140), options).verdict).toBe('away from plan');
    // Smallest change that matters: 2 % of carry.
    expect(judgeBlocks(carry(150), carry(150.2), options).named[0]!.smallest).toBeCloseTo(3, 0);
  });

  it('says how many balls would show the smallest change, and they do 75 to 85 times in 100', () => {
    const [size] = [ballsToShow(1, 1.5, 1 - RATES.headline)!];
    // Cohen's rule by hand with z at 3.3 %: 2 ((2.132 + 0.842) 1.5)² is 39.8 balls; by 1.14 for the trimming 45.5.
    expect(size).toBeGreaterThanOrEqual(45);
    expect(size).toBeLessThanOrEqual(50);
    const count = tries(300, 4000);
    let shown = 0;
    for (let i = 0; i < count; i++) {
      const options = { figures: ['clubPathDeg'], wanted: { clubPathDeg: 0 } } as const;
      const judged = judgeBlocks(of(-6, -1, size), of(-5, -1, size), options);
      if (judged.verdict === 'on plan') shown++;
    }
    expect(shown / count).toBeGreaterThan(0.74);
    expect(shown / count).toBeLessThan(0.86);
  });

  it('never asks for a number of balls already hit', () => {
    for (let i = 0; i < 40; i++) {
      const judged = judge(of(-6, -6, 20), of(-5.6, -5.6, 20));
      const needed = judged.named[0]!.ballsNeeded;
      if (needed !== null) expect(needed).toBeGreaterThan(20);
    }
    expect(ballsToShow(1, 0, 0.96)).toBeNull();
    expect(ballsToShow(1, 60, 0.96)).toBeNull();
  });
});

describe('the interval', () => {
  it('is Welch’s for five balls, by hand', () => {
    const a = [8, 9, 10, 11, 12];
    const b = [8, 10, 12, 14, 16];
    const d = differenceOf(a, b)!;
    // Variances 2.5 and 10: se = √(2.5/5 + 10/5) = 1.5811; ν = 2.5² / (0.5²/4 + 2²/4) = 5.882.
    expect(d.by).toBeCloseTo(2, 12);
    expect(d.error).toBeCloseTo(1.5811, 4);
    expect(d.degrees).toBeCloseTo(5.8824, 4);
    // t of 0.975 with 5.88 degrees lies between those of 5 and 6, 2.571 and 2.447 (tables).
    expect(halfOf(d, 0.95) / 1.5811).toBeCloseTo(2.459, 2);
  });

  it('is Student’s where both scatter alike, as simple-statistics has it', () => {
    const [a, b] = [
      [4.1, 5.3, 3.2, 4.8, 4.4],
      [6.1, 7.3, 5.2, 6.8, 6.4],
    ];
    const d = differenceOf(a, b)!;
    expect(d.degrees).toBeCloseTo(8, 9);
    expect(-d.by / d.error).toBeCloseTo(tTestTwoSample(a, b, 0)!, 9);
  });

  it('is Yuen’s from six balls on, by hand: one wild ball is trimmed', () => {
    const a = [1, 2, 3, 4, 5, 90];
    const d = differenceOf(a, [3, 4, 5, 6, 7, 8])!;
    // One of six is trimmed from each end: means of 2 to 5 and of 4 to 7.
    expect(d.by).toBeCloseTo(5.5 - 3.5, 12);
    // Winsorised to 2, 2, 3, 4, 5, 5 and 4, 4, 5, 6, 7, 7: sums of squares 9.5; h = 4, so each variance is 9.5 / 12.
    expect(d.error).toBeCloseTo(Math.sqrt((2 * 9.5) / 12), 12);
    expect(d.degrees).toBeCloseTo(6, 12);
  });

  it('adds what two sources do not share', () => {
    const values = [1, 2, 3, 4, 5, 6];
    expect(differenceOf(values, values, 2)!.error).toBeGreaterThan(2);
    expect(differenceOf([1, 2], values)).toBeNull();
  });
});

describe('the spread', () => {
  it('finds a spread cut to a third, and claims nothing of few balls', () => {
    const random = seededRandom(5);
    const draw = (sd: number, n = 15) => Array.from({ length: n }, () => sd * gaussian(random));
    expect(spreadChange(draw(3), draw(0.9), 0.95)!.state).toBe('tighter');
    expect(spreadChange(draw(0.9), draw(3), 0.95)!.state).toBe('wider');
    expect(spreadChange(draw(3, 4), draw(1, 4), 0.95)).toBeNull();
    expect(spreadChange([1, 1, 1, 1, 1], draw(1), 0.95)).toBeNull();
  });
});
