import { gaussian, seededRandom } from '../maths/random.ts';
import { tries } from '../testing/players.ts';
import { LEVEL_AT_LEAST, costOfChange, levelsOf } from './change-points.ts';
import type { Reading } from './change-points.ts';

const steady = (values: readonly number[], variance = 1): Reading[] =>
  values.map((value) => ({ value, variance }));

/** The least cost over every division there is: slow, and plainly right. */
function leastByTrying(readings: readonly Reading[], change: number): number {
  const cost = (part: readonly Reading[]): number => {
    const weight = part.reduce((sum, { variance }) => sum + 1 / variance, 0);
    const level = part.reduce((sum, { value, variance }) => sum + value / variance, 0) / weight;
    return part.reduce((sum, { value, variance }) => sum + (value - level) ** 2 / variance, 0);
  };
  let least = cost(readings);
  for (let at = LEVEL_AT_LEAST; at <= readings.length - LEVEL_AT_LEAST; at++)
    least = Math.min(
      least,
      leastByTrying(readings.slice(0, at), change) + change + cost(readings.slice(at)),
    );
  return least;
}

describe('levels', () => {
  it('are found where they change, with what each is', () => {
    const levels = levelsOf(steady([6, 6.2, 5.8, 6, 2, 2.1, 1.9, 2, 2], 0.04));
    expect(levels.map(({ from, to }) => [from, to])).toEqual([
      [0, 4],
      [4, 9],
    ]);
    expect(levels[0]!.value).toBeCloseTo(6, 9);
    expect(levels[1]).toMatchObject({ value: 2, error: Math.sqrt(0.04 / 5) });
  });

  it('cost no more than any other division', () => {
    const random = seededRandom(2);
    for (let run = 0; run < 60; run++) {
      const readings = Array.from({ length: 2 + Math.floor(9 * random()) }, (_, n) => ({
        value: gaussian(random) + (n > 4 ? 3 * random() : 0),
        variance: 0.3 + random(),
      }));
      const levels = levelsOf(readings, 3);
      const cost = levels.reduce((sum, { from, to, value }) => {
        const own = readings.slice(from, to);
        return sum + own.reduce((s, r) => s + (r.value - value) ** 2 / r.variance, 0);
      }, 0);
      expect(cost + 3 * (levels.length - 1)).toBeCloseTo(leastByTrying(readings, 3), 8);
    }
  });

  it('are one of a bad day between good ones, and of very few', () => {
    expect(levelsOf(steady([0, 0, 0, 5, 0, 0, 0], 1))).toHaveLength(1);
    expect(levelsOf(steady([0, 9]))).toHaveLength(1);
    expect(levelsOf(steady([3]))).toEqual([{ from: 0, to: 1, value: 3, error: 1 }]);
    expect(levelsOf([])).toEqual([]);
  });

  it('weigh a sure reading more than an unsure one', () => {
    const [level] = levelsOf([
      { value: 0, variance: 0.01 },
      { value: 1, variance: 1 },
    ]);
    expect(level!.value).toBeCloseTo(1 / 101, 9);
  });

  it('change in a steady series in at most 5 of 100, and are found when they do', () => {
    const random = seededRandom(19);
    const runs = tries(800, 8000);
    for (const count of [6, 12, 30, 60]) {
      let [alarms, found] = [0, 0];
      for (let run = 0; run < runs; run++) {
        const noise = Array.from({ length: count }, () => gaussian(random));
        if (levelsOf(steady(noise)).length > 1) alarms++;
        const moved = levelsOf(steady(noise.map((v, n) => v + (n >= count / 2 ? 2.5 : 0))));
        if (moved.some(({ from }) => Math.abs(from - count / 2) <= 1 && from > 0)) found++;
      }
      expect(alarms / runs).toBeLessThan(0.065);
      expect(alarms / runs).toBeGreaterThan(0.02);
      expect(found / runs).toBeGreaterThan(count === 6 ? 0.6 : 0.85);
    }
    expect(costOfChange(30)).toBeGreaterThan(costOfChange(6));
  });
});
