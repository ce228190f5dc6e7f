import { seededRandom } from '../maths/random.ts';
import { resolveContext } from '../reading/context.ts';
import { goalProgress } from '../record/goal.ts';
import type { Goal } from '../record/goal.ts';
import { playerRecord } from '../record/player-record.ts';
import type { PlayerRecord } from '../record/player-record.ts';
import { visitOf } from '../testing/visits.ts';
import type { SetOf } from '../testing/visits.ts';
import { PAGE_POINTS, recordForPlayer, reportNumbers, reportSlants } from './report.ts';

const wording = {
  hand: 'right',
  units: { length: 'm', speed: 'mph', angle: 'letters' },
  dayText: (iso: string) => iso.slice(0, 10),
} as const;

/** Visits a week apart, with the face closed to the path by so much. */
function recordOf(
  faceToPaths: readonly number[],
  set: Partial<SetOf> = {},
  ask: { from?: string; to?: string; partedAt?: string } = {},
): PlayerRecord | null {
  const random = seededRandom(3);
  const hand = set.hand ?? 'right';
  const context = resolveContext({ hand });
  const visits = faceToPaths.map((faceToPath, week) =>
    visitOf(week, [{ balls: 14, path: 0, face: faceToPath, misread: 0, ...set }], random),
  );
  return playerRecord(visits, { context, wanted: null, effects: [], ...ask });
}
const CHANGED = [5, 5, 5, 5, 5, 0, 0, 0, 0, 0];

describe('what the player is told of their record', () => {
  it('is where they stand and what became of it, in plain sentences', () => {
    const { words, points, levels, figure } = recordForPlayer(recordOf(CHANGED)!, [], wording)!;
    expect(figure).toBe('faceToPathDeg');
    expect(words[1]).toMatch(
      /^Your clubface is (square|0\.\d° \w+) to the way the club travels, over your last 5 visits: as you want it\.$/,
    );
    expect(words[0]).toMatch(/went from \d(\.\d)?° open to 0(\.\d)?°( \w+)? on 2026-02-09: nearer/);
    expect(points).toHaveLength(10);
    expect(levels.map(({ from, to }) => [from, to])).toEqual([
      [0, 5],
      [5, 10],
    ]);
  });

  it('says open of a left-hander’s face that is turned as a right-hander’s, and draws it on its own side', () => {
    const of = recordOf([5, 5, 5, 5], { hand: 'left' })!;
    const said = recordForPlayer(of, [], { ...wording, hand: 'left' })!;
    expect(said.words[0]).toMatch(/open to the way the club travels/);
    expect(said.points[0]!.middle).toBeLessThan(-3);
  });

  it('is nothing of one visit, and no more than the last ones', () => {
    expect(recordForPlayer(recordOf([3])!, [], wording)).toBeNull();
    const many = Array.from({ length: PAGE_POINTS + 8 }, (_, n) => (n < 40 ? 5 : 0));
    const { points, levels } = recordForPlayer(recordOf(many, { balls: 6 })!, [], wording)!;
    expect(points).toHaveLength(PAGE_POINTS);
    expect(levels[0]!.from).toBe(0);
    expect(levels.at(-1)!.to).toBe(PAGE_POINTS);
  });

  it('says of a goal what it asks, how far off it is, and why nothing is foretold', () => {
    const record = recordOf([5, 5, 5, 5, 5])!;
    const [followed] = record.followed;
    const goal: Goal = {
      id: 'one',
      kind: 'iron',
      figure: 'faceToPathDeg',
      wanted: 0,
      window: 1,
      by: '2026-06-01',
      setOn: '2026-01-20',
    };
    const [said] = recordForPlayer(
      record,
      [goalProgress(goal, followed!, '2026-02-05')],
      wording,
    )!.goals;
    expect(said).toMatch(
      /^The clubface against the way the club travels within 1° of square by 2026-06-01\. Now \d(\.\d)?° open, \d(\.\d)?° outside it; too few visits since it was set/,
    );
  });
});

describe('a report’s pictures', () => {
  it('are face and path at first and now, where either changed', () => {
    const [first, now] = reportSlants(recordOf(CHANGED)!);
    expect(first!.faceAngleDeg).toBeGreaterThan(4);
    expect(Math.abs(now!.faceAngleDeg)).toBeLessThan(1.5);
    expect([first!.label, now!.label]).toEqual(['At first', 'Now']);
    expect(reportSlants(recordOf([0, 0, 0])!)).toEqual([]);
    expect(reportSlants({ ...recordOf([0])!, followed: [] })).toEqual([]);
  });
});

describe('a report’s numbers', () => {
  it('are at first and now, with what became of each; a number that held is said to', () => {
    const numbers = reportNumbers(recordOf(CHANGED)!, wording);
    const of = (label: RegExp) => numbers.find((number) => label.test(number.label))!;
    expect(of(/^Face to path/)).toMatchObject({
      before: expect.stringMatching(/^[56].*open/),
      after: expect.stringMatching(/^0/),
      verdict: 'as wanted',
    });
    const path = of(/^Path/);
    expect(path.before).toBe(path.after);
    expect(of(/^Balls with face/)).toMatchObject({ verdict: 'more often' });
  });

  it('say of a number that went and came that it is back, and of one visit what it is', () => {
    const numbers = reportNumbers(recordOf([6, 6, 6, 6, 1, 1, 1, 1, 6, 6, 6, 6])!, wording);
    expect(numbers[0]!.verdict).toBe('back where it was');
    const [one] = reportNumbers(recordOf([7])!, wording);
    expect(one).toMatchObject({ before: '–', verdict: 'outside the window' });
  });

  it('call no share more or less often that another source wrote down', () => {
    const record = recordOf(CHANGED)!;
    const visits = record.visits.map((visit, n) => ({ ...visit, source: n < 5 ? 'a' : 'b' }));
    const of = (numbers: readonly { label: string; verdict: string }[]) =>
      numbers.find(({ label }) => label.startsWith('Balls with'))!.verdict;
    expect(of(reportNumbers(record, wording))).toBe('more often');
    expect(of(reportNumbers({ ...record, visits }, wording))).toBe('measured differently since');
  });

  it('are of the period alone, parted where it is said', () => {
    const whole = recordOf(CHANGED)!;
    const late = recordOf(CHANGED, {}, { from: '2026-02-09' })!;
    expect(late.visits).toHaveLength(5);
    expect(late.wanted).toEqual(whole.wanted);
    expect(reportNumbers(late, wording)[0]!.before).toMatch(/^0/);
    expect(recordOf(CHANGED, {}, { to: '2025-12-31' })).toBeNull();
    expect(recordOf(CHANGED, {}, { partedAt: '2026-01-12' })!.periods[1]!.from).toBe(1);
    // A day before the first visit parts nothing.
    expect(recordOf(CHANGED, {}, { partedAt: '2025-01-12' })!.periods[1]!.from).toBe(5);
  });
});
