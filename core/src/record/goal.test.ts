import { gaussian, seededRandom } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import { tries } from '../testing/players.ts';
import { follow } from './follow.ts';
import { goalProgress } from './goal.ts';
import type { Goal } from './goal.ts';
import type { VisitPoint } from './points.ts';

const WEEK_MS = 7 * 24 * 3600 * 1000;
const FIRST = Date.UTC(2026, 0, 5, 10);
const dayAt = (week: number): string => new Date(FIRST + week * WEEK_MS).toISOString().slice(0, 10);
const goal: Goal = {
  id: 'one',
  kind: 'iron',
  figure: 'faceToPathDeg',
  wanted: 0,
  window: 1,
  by: dayAt(14),
  setOn: dayAt(0),
};
const OPTIONS = { target: null, smallest: 1, sharedSd: 0 };

function followed(count: number, level: (week: number) => number, random?: Random) {
  const points = Array.from({ length: count }, (_, n): VisitPoint => ({
    lessonId: `l${n}`,
    at: new Date(FIRST + n * WEEK_MS).toISOString(),
    day: dayAt(n),
    count: 12,
    middle: level(n) + (random === undefined ? 0 : 0.6 * gaussian(random)),
    spread: 1.5,
    error: 0.4,
    half95: 0.8,
    inside: null,
    source: null,
    sourceError: 0,
  }));
  return follow('faceToPathDeg', points, OPTIONS);
}
const today = (count: number): string => dayAt(count);
const progress = (count: number, level: (week: number) => number, of = goal, random?: Random) =>
  goalProgress(of, followed(count, level, random), today(count));

describe('a goal', () => {
  it('is reached as a lesson’s numbers are judged, and then nothing is foretold', () => {
    const reached = progress(10, () => 0.2);
    expect(reached.now?.state).toBe('within');
    expect(reached).toMatchObject({ beyond: 0, forecast: null });
  });

  it('says how far it is outside, and was when it was set', () => {
    const of = { ...goal, setOn: dayAt(4) };
    const { beyond, beyondAtFirst, now } = progress(12, (week) => (week < 6 ? 6 : 3), of);
    expect(now?.state).toBe('off');
    expect(beyond).toBeCloseTo(2, 1);
    expect(beyondAtFirst).toBeCloseTo(5, 1);
  });

  it('foretells nothing from a few visits, a level that holds, a step, or too far ahead', () => {
    const why = (made: ReturnType<typeof progress>) =>
      made.forecast?.kind === 'none' ? made.forecast.why : made.forecast;
    const random = seededRandom(2);
    expect(why(progress(4, (week) => 6 - week))).toBe('few visits');
    expect(why(progress(12, () => 5, goal, seededRandom(5)))).toBe('no clear movement');
    expect(why(progress(12, (week) => (week < 6 ? 8 : 3), goal, random))).toBe('in steps');
    const far = { ...goal, by: dayAt(40) };
    expect(why(progress(10, (week) => 8 - 0.4 * week, far, random))).toBe('too far ahead');
    expect(why(progress(10, () => 5, { ...goal, by: dayAt(3) }))).toBe('past');
  });

  it('is set before the first visit, or of a number nobody measured: nothing is said', () => {
    expect(progress(2, () => 5, { ...goal, setOn: '2025-01-01' }).beyondAtFirst).toBeNull();
    expect(goalProgress(goal, null, today(2))).toMatchObject({ now: null, forecast: null });
  });

  it.each([
    ['goes on along a line', (week: number) => 9 - 0.5 * week],
    ['has come to a plateau', (week: number) => 9 - 0.9 * Math.min(6, week)],
    ['comes to one after', (week: number) => 9 - 0.6 * Math.min(9, week)],
  ])('that is foretold and %s holds the visit of that day in 90 of 100', (_, level) => {
    const random = seededRandom(11);
    let [made, held] = [0, 0];
    for (let run = 0; run < tries(600, 5000); run++) {
      const { forecast } = progress(10, level, goal, random);
      if (forecast?.kind !== 'line') continue;
      made++;
      if (Math.abs(level(14) + 0.6 * gaussian(random) - forecast.value) <= forecast.half90) held++;
    }
    expect(made).toBeGreaterThan(tries(100, 1000));
    expect(held / made).toBeGreaterThan(0.9 - 2.6 * Math.sqrt(0.09 / made));
  });

  it('foretells hardly ever for somebody who does not move, and seldom for one who moved in a step', () => {
    const random = seededRandom(12);
    const runs = tries(600, 5000);
    const foretold = (level: (week: number) => number): number => {
      let count = 0;
      for (let run = 0; run < runs; run++)
        if (progress(10, level, goal, random).forecast?.kind === 'line') count++;
      return count / runs;
    };
    expect(foretold(() => 5)).toBeLessThan(0.065);
    expect(foretold((week) => (week < 5 ? 7 : 3))).toBeLessThan(0.1);
  });
});
