import { DEFAULT_BANDS } from '@loxos/core';
import { lessonOf, readingOf } from '../../testing/lesson.ts';
import { blockLabel, blocksOfPlan, judgedOf, observationsIn, planOfLesson } from './lesson-work.ts';

const PULL = { pathDeg: -6, faceDeg: -6 } as const;
const planned = (lesson: ReturnType<typeof lessonOf>, club: string | null = null) =>
  planOfLesson(lesson, readingOf(lesson), club, [], []);

describe('the plan of a lesson', () => {
  it('is the core’s, with the drills of its stage', () => {
    const { plan, work } = planned(lessonOf([PULL]))!;
    expect(plan.straightMiss).toBe('pull');
    expect(work.stage!.move).toBe('together');
    expect(work.offered.map(({ drill }) => drill.id)).toContain('rails');
  });

  it('is read off the first block, never off balls from before and after a change', () => {
    const lesson = lessonOf([
      { ...PULL, block: 'baseline' },
      { pathDeg: 0, faceDeg: 0, block: 'drill', drillId: 'rails' },
    ]);
    expect(planned(lesson)!.plan.ballIds).toHaveLength(8);
    expect(planned(lesson)!.plan.now.offlineM).toBeLessThan(-8);
  });

  it('keeps clubs apart, and takes the one that is shown', () => {
    const lesson = lessonOf([PULL, { club: 'driver', pathDeg: 0, faceDeg: 5 }]);
    expect(planned(lesson, 'driver')!.plan.club).toBe('driver');
    expect(planned(lesson, '7-iron')!.plan.club).toBe('7-iron');
  });

  it('is none for a club nobody named', () => {
    expect(planned(lessonOf([{ ...PULL, club: null }]))).toBeNull();
    expect(planOfLesson(lessonOf([PULL]), null, null, [], [])).toBeNull();
  });

  it('holds the set-up and what was seen together, the swing’s word last', () => {
    const lesson = lessonOf([PULL]);
    const parts = [
      { part: 'setup', value: { knuckles: 4 }, updatedAt: '', updatedBy: '' },
      {
        part: 'causes',
        value: { observations: { 'grip-strength': 0, chest: 1 } },
        updatedAt: '',
        updatedBy: '',
      },
    ] as const;
    const seen = observationsIn({ ...lesson, parts: [...parts] as never }, '7-iron');
    expect(seen).toMatchObject({ 'grip-strength': 0, chest: 1 });
  });
});

describe('blocks on screen', () => {
  const own = [{ id: 'own-1', name: 'Low bench' }] as never;

  it('are called by kind, drill, set and club', () => {
    const block = { kind: 'drill', drillId: 'overhang', number: 2, club: 'driver' } as const;
    expect(blockLabel(block, [], true)).toBe('Drill: Overhang, set 2, Driver');
    expect(blockLabel({ ...block, drillId: 'own-1', number: 1 }, own, false)).toBe(
      'Drill: Low bench',
    );
    expect(blockLabel({ ...block, drillId: 'gone', number: 1 }, [], false)).toContain('taken away');
    expect(blockLabel({ kind: null, drillId: null, number: 1, club: null }, [], true)).toBe(
      'In no block, club not named',
    );
  });

  it('are judged on the stage’s figures: doing what was asked is on plan or there', () => {
    const lesson = lessonOf([
      { ...PULL, block: 'baseline' },
      { pathDeg: -1, faceDeg: -1, block: 'drill', drillId: 'rails' },
    ]);
    const reading = readingOf(lesson);
    const plan = planOfLesson(lesson, reading, null, [], []);
    expect(blocksOfPlan(reading, plan)).toHaveLength(2);
    const { judged } = judgedOf(lesson, reading, plan, DEFAULT_BANDS)!;
    expect(judged.named.map(({ figure }) => figure)).toEqual(['clubPathDeg', 'startDirectionDeg']);
    expect(['on plan', 'there']).toContain(judged.verdict);
  });

  it('are judged for a look after every ball while the set of ten is hit today, and not after that day', () => {
    const blocks = [
      { ...PULL, block: 'baseline' },
      { pathDeg: -1, faceDeg: -1, block: 'drill', drillId: 'rails' },
    ] as const;
    const judgedAt = (startsAt: string) => {
      const lesson = { ...lessonOf(blocks), startsAt };
      const reading = readingOf(lesson);
      const plan = planOfLesson(lesson, reading, null, [], []);
      return judgedOf(lesson, reading, plan, DEFAULT_BANDS)!.judged;
    };
    const [now, then] = [judgedAt(new Date().toISOString()), judgedAt('2026-03-04T09:00:00.000Z')];
    expect([now.isOpen, then.isOpen]).toEqual([true, false]);
    const width = ({ named: [path] }: typeof now): number => path!.high! - path!.low!;
    expect(width(now)).toBeGreaterThan(1.2 * width(then));
  });

  it('are not judged before there are two', () => {
    const lesson = lessonOf([{ ...PULL, block: 'baseline' }]);
    const reading = readingOf(lesson);
    expect(
      judgedOf(lesson, reading, planOfLesson(lesson, reading, null, [], []), DEFAULT_BANDS),
    ).toBeNull();
  });
});
