import { pooledOf } from './pooled.ts';
import { tries } from '../testing/players.ts';
import { gaussian, seededRandom } from './random.ts';
import { HUBER_K, robustOf } from './robust.ts';
import { mean, standardDeviation } from './statistics.ts';

/** Copper in wholemeal flour, µg/g (Analytical Methods Committee 1989; the worked example of Venables & Ripley §5.5, from memory). */
const FLOUR = [
  2.9, 3.1, 3.4, 3.4, 3.7, 3.7, 2.8, 2.5, 2.4, 2.4, 2.7, 2.2, 5.28, 3.37, 3.03, 3.03, 28.95, 3.77,
  3.4, 2.2, 3.5, 3.6, 3.7, 3.7,
];

describe('a robust middle', () => {
  it('is that of the published example', () => {
    const found = robustOf(FLOUR)!;
    expect(HUBER_K).toBe(1.5);
    expect(found.middle).toBeCloseTo(3.206724, 5);
    expect(found.spread).toBeCloseTo(0.5263223, 5);
  });

  it('is hardly moved by one wild value, and is nothing of none', () => {
    const wild = robustOf([...FLOUR, 1e6])!.middle;
    expect(Math.abs(wild - robustOf(FLOUR)!.middle)).toBeLessThan(0.1);
    expect(robustOf([])).toBeNull();
    expect(robustOf([4])).toEqual({ count: 1, middle: 4, spread: 0, error: Infinity });
    expect(robustOf([4, 4, 4, 9])).toMatchObject({ middle: 4, spread: 0, error: 0 });
  });

  it('says how sure it is: of normal balls, and of balls with mishits among them', () => {
    const random = seededRandom(7);
    for (const wildShare of [0, 0.1]) {
      const runs = Array.from({ length: tries(1500, 10000) }, () => {
        const own = Array.from({ length: 15 }, () =>
          random() < wildShare ? 8 * gaussian(random) : gaussian(random),
        );
        return robustOf(own)!;
      });
      const truth = standardDeviation(runs.map(({ middle }) => middle));
      const said = Math.sqrt(mean(runs.map(({ error }) => error ** 2)));
      expect(said / truth).toBeGreaterThan(0.9);
      expect(said / truth).toBeLessThan(1.1);
      expect(Math.abs(mean(runs.map(({ middle }) => middle)))).toBeLessThan(0.03);
    }
  });
});

/** Thirteen trials of a vaccine, log risk ratios with their variances (Colditz et al. 1994, JAMA 271:698; as used in handbooks of meta-analysis, from memory). */
const TRIALS = [
  [-0.8893, 0.3256],
  [-1.5854, 0.1946],
  [-1.3481, 0.4154],
  [-1.4416, 0.02],
  [-0.2175, 0.0512],
  [-0.7861, 0.0069],
  [-1.6209, 0.223],
  [0.012, 0.004],
  [-0.4694, 0.0564],
  [-1.3713, 0.073],
  [-0.3394, 0.0124],
  [0.4459, 0.5325],
  [-0.0173, 0.0714],
].map(([value, variance]) => ({ value: value!, error: Math.sqrt(variance!) }));

describe('pooled estimates', () => {
  it('are those of the handbook: variance between by Paule & Mandel, and the common value', () => {
    const found = pooledOf(TRIALS)!;
    expect(found.between ** 2).toBeCloseTo(0.3181, 3);
    expect(found.value).toBeCloseTo(-0.715, 2);
    expect(found.count).toBe(13);
  });

  it('lean to the common value by their errors, and are one where they do not differ', () => {
    const found = pooledOf(TRIALS)!;
    TRIALS.forEach(({ value }, i) => {
      const [own, common] = [found.shrunken[i]!, found.value];
      expect(Math.abs(own - common)).toBeLessThanOrEqual(Math.abs(value - common));
    });
    const same = pooledOf([1, 1.1, 0.9].map((value) => ({ value, error: 1 })))!;
    expect(same.between).toBe(0);
    for (const own of same.shrunken) expect(own).toBeCloseTo(1, 12);
    expect(same.error).toBeCloseTo(Math.sqrt(0.2 / 3), 12);
  });

  it('claim nothing from one, and refuse an error of none', () => {
    expect(pooledOf([])).toBeNull();
    expect(pooledOf([{ value: 2, error: 1 }])).toMatchObject({ value: 2, low: null, high: null });
    expect(() => pooledOf([{ value: 2, error: 0 }])).toThrow('above 0');
  });

  it('hold the truth 95 times in 100, however much the true values differ', () => {
    const random = seededRandom(3);
    for (const between of [0, 1, 3]) {
      const runs = tries(2500, 10000);
      let held = 0;
      for (let run = 0; run < runs; run++) {
        const estimates = Array.from({ length: 6 }, () => {
          const error = 0.4 + random();
          const truth = 2 + between * gaussian(random);
          return { value: truth + error * gaussian(random), error };
        });
        const { low, high } = pooledOf(estimates)!;
        if (low! <= 2 && 2 <= high!) held++;
      }
      expect(held / runs).toBeGreaterThan(0.93);
      expect(held / runs).toBeLessThan(0.975);
    }
  });
});
