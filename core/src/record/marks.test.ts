import { gaussian, seededRandom } from '../maths/random.ts';
import { robustOf } from '../maths/robust.ts';
import { tries } from '../testing/players.ts';
import type { Followed } from './follow.ts';
import { visitMarks } from './marks.ts';
import { endsOf } from './points.ts';
import { spreadOf } from './spread.ts';

const visit = (n: number, club: string, source: string | null) => ({
  lessonId: `l${n}`,
  at: `2026-01-0${n}T10:00:00.000Z`,
  day: `2026-01-0${n}`,
  balls: 10,
  club,
  source,
});

describe('what changed beside the player', () => {
  it('is another club, or another source than the one last known', () => {
    const marks = visitMarks([
      visit(1, '7-iron', 'a'),
      visit(2, '7-iron', null),
      visit(3, '7-iron', 'a'),
      visit(4, '8-iron', null),
      visit(5, '8-iron', 'b'),
      visit(6, '7-iron', 'a'),
    ]);
    expect(marks.map(({ lessonId, club, isSource }) => [lessonId, club, isSource])).toEqual([
      ['l4', '8-iron', false],
      ['l5', null, true],
      ['l6', '7-iron', true],
    ]);
    expect(visitMarks([])).toEqual([]);
  });
});

describe('a spread', () => {
  it.each([
    [5, 0.91],
    [8, 0.93],
    [12, 0.93],
    [30, 0.93],
  ])('of %p balls has an interval that holds the true one', (balls, least) => {
    const random = seededRandom(21);
    const runs = tries(3000, 20_000);
    let held = 0;
    for (let run = 0; run < runs; run++) {
      const values = Array.from({ length: balls }, () => 1.5 * gaussian(random));
      const { count, middle, spread, error } = robustOf(values)!;
      const point = { lessonId: 'l', at: '', day: '', count, middle, spread, error, half95: 0 };
      const rest = { inside: 3, source: null, sourceError: 0 };
      const followed = { figure: 'clubPathDeg', points: [{ ...point, ...rest }], sources: [] };
      const [own] = spreadOf(followed as unknown as Followed).points;
      const [low, high] = endsOf(own!);
      if (low <= 1.5 && 1.5 <= high) held++;
    }
    expect(held / runs).toBeGreaterThan(least);
    expect(held / runs).toBeLessThan(0.97);
  });
});
