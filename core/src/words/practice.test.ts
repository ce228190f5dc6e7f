import { tTestTwoSample } from 'simple-statistics';
import { gaussian, seededRandom } from '../maths/random.ts';
import { follow } from '../record/follow.ts';
import { homeworkHeld } from '../record/homework-held.ts';
import type { HomeworkDue } from '../record/homework-held.ts';
import { stationRecord } from '../record/station.ts';
import type { StationDay } from '../record/station.ts';
import { tries } from '../testing/players.ts';
import { homeworkHeldWords, stationRecordWords } from './practice.ts';

const wording = { units: { length: 'm', speed: 'mph', angle: 'letters' } } as const;
const WEEK_MS = 7 * 24 * 3600 * 1000;
const FIRST = Date.UTC(2026, 0, 5);
const dayOf = (week: number, plus = 0): string =>
  new Date(FIRST + week * WEEK_MS + plus * 24 * 3600 * 1000).toISOString().slice(0, 10);

const faceToPathOf = (middles: readonly number[]) =>
  follow(
    'faceToPathDeg',
    middles.map((middle, n) => ({
      lessonId: `l${n}`,
      at: `${dayOf(n)}T10:00:00.000Z`,
      day: dayOf(n),
      count: 10,
      middle,
      spread: 1,
      error: 0.3,
      half95: 0.6,
      inside: null,
      source: null,
      sourceError: 0,
    })),
    { target: { wanted: 0, window: 1 }, smallest: 1, sharedSd: 0 },
  );
/** Three days due after each visit; done after those that are named. */
const dueAfter = (visits: number, done: (week: number) => boolean): HomeworkDue[] =>
  Array.from({ length: visits }, (_, week) =>
    [2, 4, 6].map((plus) => ({ date: dayOf(week, plus), isDone: done(week) })),
  ).flat();

describe('homework and numbers', () => {
  // Nearer by 1.0, 1.4, 1.2 where it was done; by −0.6, −0.2, −0.4 where it was not.
  const followed = faceToPathOf([5, 4, 4.6, 3.2, 3.4, 2.2, 2.6]);
  const held = homeworkHeld(
    followed,
    dueAfter(7, (week) => week % 2 === 0),
  )!;

  it('go together as a t test of two samples says', () => {
    expect(held).toMatchObject({ done: 3, dropped: 3 });
    expect(held.nearer!.by).toBeCloseTo(1.6, 9);
    const t = tTestTwoSample([1, 1.4, 1.2], [-0.6, -0.2, -0.4])!;
    // 2.776 is t of 0.975 with 4 degrees of freedom.
    expect(held.nearer!.half95).toBeCloseTo((2.776 * 1.6) / t, 3);
  });

  it('are said to go together, with the error, and never that one makes the other', () => {
    const said = homeworkHeldWords('faceToPathDeg', held, wording);
    expect(said).toMatch(/came 1\.6° nearer than without it/);
    expect(said).toMatch(/before 3 visits, dropped before 3\./);
    expect(said).toMatch(/not shown\.$/);
  });

  it('are not enough to say of too few, and nothing where none was due or nothing is wanted', () => {
    const few = homeworkHeld(
      faceToPathOf([5, 4, 3]),
      dueAfter(3, () => true),
    )!;
    expect(few.nearer).toBeNull();
    expect(homeworkHeldWords('faceToPathDeg', few, wording)).toBe(
      'Not enough to say whether homework goes with it: homework done before 2 visits, dropped before 0.',
    );
    expect(homeworkHeld(followed, [])).toBeNull();
    expect(
      homeworkHeld(
        { ...followed, target: null },
        dueAfter(7, () => true),
      ),
    ).toBeNull();
  });

  it('that have nothing to do with each other are linked at most five times in a hundred', () => {
    const random = seededRandom(6);
    const runs = tries(1000, 10_000);
    let linked = 0;
    for (let run = 0; run < runs; run++) {
      const middles = Array.from({ length: 12 }, () => 4 + gaussian(random));
      const done = Array.from({ length: 12 }, () => random() < 0.5);
      const found = homeworkHeld(
        faceToPathOf(middles),
        dueAfter(12, (week) => done[week]!),
      );
      const nearer = found?.nearer ?? null;
      if (nearer !== null && Math.abs(nearer.by) > nearer.half95) linked++;
    }
    expect(linked / runs).toBeLessThan(0.065);
    expect(linked / runs).toBeGreaterThan(0.01);
  });
});

const day = (n: number, good: number, doseStep: number | null): StationDay => ({
  date: dayOf(n),
  good,
  of: 10,
  doseStep,
});
const said = (...days: StationDay[]): string => stationRecordWords(stationRecord(days)!);

describe('a station', () => {
  it('says what was good, and at which step', () => {
    expect(said(day(0, 7, null))).toBe('7 of 10 good over one day, last 7 of 10');
    expect(said(day(0, 7, 0), day(1, 9, 0))).toBe(
      '16 of 20 good over 2 days, last 9 of 10, at step 1 of 4',
    );
    expect(stationRecord([])).toBeNull();
  });

  it('climbs, goes back, or is stuck where three days at a step had too few good', () => {
    expect(said(day(0, 8, 0), day(1, 8, 1))).toMatch(/Climbed from step 1 to step 2 of 4$/);
    expect(said(day(0, 8, 1), day(1, 3, 0))).toMatch(/Back from step 2 to step 1 of 4$/);
    expect(said(day(0, 9, 0), day(1, 5, 1), day(2, 6, 1), day(3, 4, 1))).toMatch(
      /Stuck at step 2 of 4: 15 of 30 in 3 days, and 8 of 10 move on$/,
    );
  });

  it('is not stuck where enough were good, nor at the last step', () => {
    expect(said(day(0, 8, 1), day(1, 8, 1), day(2, 9, 1))).not.toMatch(/Stuck/);
    expect(said(day(0, 4, 3), day(1, 4, 3), day(2, 4, 3))).not.toMatch(/Stuck/);
  });
});
