import { gaussian, seededRandom } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import { tries } from '../testing/players.ts';
import { follow } from './follow.ts';
import type { Followed } from './follow.ts';
import type { VisitPoint } from './points.ts';

const GAP = { target: { wanted: 0, window: 1 }, smallest: 1, sharedSd: 0 };

/** Visits of a player whose level is `level(n)`, with so much scatter from day to day. */
function visitsOf(
  count: number,
  day: number,
  random: Random,
  level: (n: number) => number,
): VisitPoint[] {
  return Array.from({ length: count }, (_, n) => {
    const error = 0.3 + 0.4 * random();
    return {
      lessonId: `l${n}`,
      at: new Date(Date.UTC(2026, 0, 1 + 7 * n)).toISOString(),
      day: new Date(Date.UTC(2026, 0, 1 + 7 * n)).toISOString().slice(0, 10),
      count: 12,
      middle: level(n) + day * gaussian(random) + error * gaussian(random),
      spread: 1.5,
      error,
      half95: 1.96 * error,
      inside: null,
      source: null,
      sourceError: 0,
    };
  });
}
const faceToPath = (points: VisitPoint[]): Followed => follow('faceToPathDeg', points, GAP);

describe('a player who does not change', () => {
  it.each([0.7, 1.5])(
    'is seldom said to have, whatever a day does to them: %p°, and the level said holds the truth',
    (day) => {
      const random = seededRandom(9);
      const runs = tries(500, 4000);
      for (const count of [5, 12, 40]) {
        let [changed, drifted, held, onsets, watched] = [0, 0, 0, 0, 0];
        for (let run = 0; run < runs; run++) {
          const { levels, drift, now, chart } = faceToPath(visitsOf(count, day, random, () => 3));
          if (levels.length > 1) changed++;
          if (drift!.state === 'away' || drift!.state === 'nearer') drifted++;
          if (Math.abs(now!.value - 3) <= now!.half95) held++;
          watched += chart.length;
          chart.forEach(({ signal }, n) => {
            if (signal !== 0 && (chart[n - 1]?.signal ?? 0) === 0) onsets++;
          });
        }
        expect(changed / runs).toBeLessThan(0.05);
        expect(drifted / runs).toBeLessThan(0.075);
        expect(held / runs).toBeGreaterThan(0.92);
        expect(held / runs).toBeLessThan(0.985);
        // As the chart states: by chance once in a hundred visits at most.
        expect(onsets / Math.max(1, watched)).toBeLessThan(0.015);
      }
    },
  );
});

describe('a player who changes', () => {
  const random = seededRandom(23);
  const runs = tries(300, 3000);
  const share = (is: (followed: Followed) => boolean, level: (n: number) => number): number => {
    let found = 0;
    for (let run = 0; run < runs; run++)
      if (is(faceToPath(visitsOf(14, 0.7, random, level)))) found++;
    return found / runs;
  };

  it('is seen to: a change of 4° for good nine times in ten, with when and which way', () => {
    const better = share(
      ({ changes }) => changes.some(({ at, isNearer }) => Math.abs(at - 8) <= 1 && isNearer!),
      (n) => (n < 8 ? 5 : 1),
    );
    expect(better).toBeGreaterThan(0.9);
    const worse = share(
      ({ changes }) => changes.some(({ at, isNearer }) => Math.abs(at - 8) <= 1 && !isNearer!),
      (n) => (n < 8 ? 0 : -4),
    );
    expect(worse).toBeGreaterThan(0.9);
  });

  it('is seen to drift in the last visit: by 4° eight times in ten, and away is not nearer', () => {
    const away = ({ drift }: Followed) => drift!.state === 'away';
    const nearer = ({ drift }: Followed) => drift!.state === 'nearer';
    expect(share(away, (n) => (n < 13 ? 1 : 5))).toBeGreaterThan(0.8);
    expect(share(nearer, (n) => (n < 13 ? 5 : 1))).toBeGreaterThan(0.8);
    expect(share(nearer, (n) => (n < 13 ? 1 : 5))).toBe(0);
  });
});

describe('what is said of a level', () => {
  const exact = (values: number[]): VisitPoint[] =>
    visitsOf(
      values.length,
      0,
      () => 0.5,
      (n) => values[n]!,
    ).map((point, n) => ({
      ...point,
      middle: values[n]!,
      error: 0.1,
    }));

  it('is off, within, or not to be told, by its whole interval', () => {
    const at = (value: number) => faceToPath(exact(Array<number>(8).fill(value))).now!;
    expect(at(6).state).toBe('off');
    expect(at(-6).state).toBe('off');
    expect(at(0).state).toBe('within');
    expect(at(1).state).toBe('within');
    expect(faceToPath(exact([1.5, 1.5, 1.5])).now!.state).toBe('cannot tell');
    const shared = follow('faceToPathDeg', exact(Array<number>(8).fill(2)), {
      ...GAP,
      sharedSd: 1,
    });
    expect(shared.now!.state).toBe('cannot tell');
    expect(shared.now!.half95).toBeGreaterThan(1.9);
  });

  it('is nothing without visits, and little of few', () => {
    expect(faceToPath([])).toMatchObject({
      levels: [],
      changes: [],
      chart: [],
      now: null,
      drift: null,
    });
    const one = faceToPath(exact([4]));
    expect(one.now).toMatchObject({ value: 4, state: 'off' });
    expect(one.drift).toBeNull();
    expect(faceToPath(exact([4, 4])).drift).toBeNull();
    expect(faceToPath(exact([4, 4, 4])).drift).toMatchObject({ lessonId: 'l2', by: 0 });
  });

  it('has no window where nothing is wanted', () => {
    const free = follow('faceToPathDeg', exact([4, 4, 4, 4, 0, 0, 0, 0]), { ...GAP, target: null });
    expect(free.now!.state).toBe('cannot tell');
    expect(free.changes[0]).toMatchObject({ at: 4, from: 4, to: 0, isNearer: null });
  });
});
