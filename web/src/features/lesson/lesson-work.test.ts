import { observationsIn } from '@loxos/core';
import { lessonOf, readingOf, stepOf } from '../../testing/lesson.ts';
import type { Worked } from './lesson-work.ts';
import { blockLabel } from './lesson-work.ts';

const PULL = { pathDeg: -6, faceDeg: -6 } as const;
const workedOf = (lesson: ReturnType<typeof lessonOf>, shown: string | null = null): Worked =>
  stepOf(lesson, readingOf(lesson), { shown }).worked;

describe('what a lesson found', () => {
  it('is the core’s, with the drills of its stage', () => {
    const { plan, work } = workedOf(lessonOf([PULL])).found!;
    expect(plan.straightMiss).toBe('pull');
    expect(work.stage!.move).toBe('together');
    expect(work.offered.map(({ drill }) => drill.id)).toContain('rails');
  });

  it('is read off the first block, never off balls from before and after a change', () => {
    const lesson = lessonOf([
      { ...PULL, block: 'baseline' },
      { pathDeg: 0, faceDeg: 0, block: 'drill', drillId: 'rails' },
    ]);
    expect(workedOf(lesson).found!.plan.ballIds).toHaveLength(8);
    expect(workedOf(lesson).found!.plan.now.offlineM).toBeLessThan(-8);
  });

  it('keeps clubs apart, and takes the one that is shown', () => {
    const lesson = lessonOf([PULL, { club: 'driver', pathDeg: 0, faceDeg: 5 }]);
    expect(workedOf(lesson, 'driver').found!.plan.club).toBe('driver');
    expect(workedOf(lesson, '7-iron').found!.plan.club).toBe('7-iron');
  });

  it('is nothing for a club nobody named, or before the balls are read', () => {
    expect(workedOf(lessonOf([{ ...PULL, club: null }])).found).toBeNull();
    const { worked } = stepOf(lessonOf([PULL]), null);
    expect([worked.club, worked.found]).toEqual([null, null]);
  });

  it('flags a drill in use once pain is noted today, and leaves it off the page', () => {
    const parts = (body: string) =>
      [
        {
          part: 'work',
          value: { drillIds: ['late-chest'] },
          version: 1,
          updatedAt: '',
          updatedBy: '',
        },
        { part: 'setup', value: { body }, version: 1, updatedAt: '', updatedBy: '' },
      ] as never;
    const slice = lessonOf([{ club: 'driver', pathDeg: -6, faceDeg: 0 }]);
    const fine = workedOf({ ...slice, parts: parts('') }).found!;
    const sore = workedOf({ ...slice, parts: parts('Lower back hurts today') });
    expect(fine.inUse.map(({ fits }) => fits)).toEqual([true]);
    expect(sore.found!.inUse.map(({ fits }) => fits)).toEqual([false]);
    expect(sore.found!.pageDrills).toEqual([]);
    expect(sore.gently).toBe(true);
  });

  it('holds the set-up and what was seen together, a figure before a word', () => {
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
    expect(seen).toMatchObject({ 'grip-strength': 1, chest: 1 });
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
    const { blocks, verdict } = workedOf(lesson).found!;
    expect(blocks).toHaveLength(2);
    const { judged } = verdict!;
    expect(judged.named.map(({ figure }) => figure)).toEqual(['clubPathDeg', 'startDirectionDeg']);
    expect(['on plan', 'there']).toContain(judged.verdict);
  });

  it('are judged for a look after every ball while the set of ten is hit today, and not after that day', () => {
    const blocks = [
      { ...PULL, block: 'baseline' },
      { pathDeg: -1, faceDeg: -1, block: 'drill', drillId: 'rails' },
    ] as const;
    const judgedAt = (startsAt: string) =>
      workedOf({ ...lessonOf(blocks), startsAt }).found!.verdict!.judged;
    const [now, then] = [judgedAt(new Date().toISOString()), judgedAt('2026-03-04T09:00:00.000Z')];
    expect([now.isOpen, then.isOpen]).toEqual([true, false]);
    const width = ({ named: [path] }: typeof now): number => path!.high! - path!.low!;
    expect(width(now)).toBeGreaterThan(1.2 * width(then));
  });

  it('are judged against the visit before where there is one, by every step alike', () => {
    const before = lessonOf([{ ...PULL, block: 'baseline' }]);
    const lesson = lessonOf([{ pathDeg: -1, faceDeg: -1, block: 'baseline' }]);
    const previous = { lesson: before, reading: readingOf(before) };
    const { found } = stepOf(lesson, readingOf(lesson), { previous }).worked;
    expect(found!.verdict!.judged.named).toHaveLength(2);
    expect(found!.held).not.toBeNull();
    expect(workedOf(lesson).found!.verdict).toBeNull();
    expect(workedOf(lesson).found!.held).toBeNull();
  });
});
