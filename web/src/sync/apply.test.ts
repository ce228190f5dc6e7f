import type { Lesson, LessonSummary, OwnDrill, Player } from '../api/client.ts';
import { ballOf } from '../testing/ball.ts';
import { applyDrills, applyLessons, applyPending } from './apply.ts';
import type { Pending } from './pending.ts';
import { partStep, step } from './step.ts';
import type { NewStep } from './step.ts';

const lesson = {
  id: 'l',
  balls: [ballOf('a', 1), ballOf('b', 2)],
  blocks: [],
  parts: [],
  repetitions: [],
  files: [],
  pages: [],
  player: { id: 'p', name: 'Ida' },
} as unknown as Lesson;
const edit = (...steps: NewStep[]): Pending => {
  const [first, ...rest] = steps.map((one) => ({ ...one, seen: null }));
  return { steps: [first!, ...rest] };
};
const at = (id: string, of = 'l') => ({ id, of });
const after = (...steps: NewStep[]): Lesson => applyPending(lesson, [edit(...steps)]);
const idsAfter = (...steps: NewStep[]): string[] => after(...steps).balls.map(({ id }) => id);

describe('what is not yet stored', () => {
  it('shows as if it were', () => {
    expect(idsAfter(step('ball.add', at('c'), { carryM: 120 }))).toEqual(['a', 'b', 'c']);
    expect(idsAfter(step('ball.remove', at('a')))).toEqual(['b']);
    expect(after(step('ball.set', at('b'), { keep: 'out' })).balls[1]!.keep).toBe('out');
  });

  it('a launch file taken back is gone with its balls, and one dropped claims none before it is read', () => {
    const [a, b] = [{ ...ballOf('a', 1), launchFileId: 'f' }, ballOf('b', 2)];
    const held = { ...lesson, balls: [a, b], files: [{ id: 'f' }] } as unknown as Lesson;
    const file = { name: 'range.csv', bytes: new ArrayBuffer(4) };
    const dropped = { lessonId: 'l', file, answers: null, isAskedAgain: false };
    const shown = applyPending(held, [edit(step('file.remove', at('f'))), dropped]);
    expect(shown.balls).toEqual([b]);
    expect(shown.files).toEqual([]);
  });

  it('put back, stands where it stood', () => {
    const back = step('ball.restore', at('a'), ballOf('a', 1));
    expect(idsAfter(step('ball.remove', at('a')), back)).toEqual(['a', 'b']);
  });

  it('a ball is hit in the block under way, from the moment it is begun', () => {
    const begun = [
      step('block.add', at('k1'), { kind: 'baseline' }),
      step('block.add', at('k2'), { kind: 'drill', drillId: 'rails', doseStep: 1 }),
      step('ball.add', at('c'), { carryM: 120 }),
    ];
    const shown = after(...begun);
    expect(shown.balls.map((b) => b.blockId)).toEqual([null, null, 'k2']);
    expect(shown.blocks.map(({ kind }) => kind)).toEqual(['baseline', 'drill']);
    const changed = after(
      ...begun,
      step('block.set', at('k2'), { note: 'grip moved' }),
      step('block.remove', at('k1')),
    );
    expect(changed.blocks).toMatchObject([{ id: 'k2', note: 'grip moved' }]);
  });

  it('moved balls, parts, repetitions, the lesson and its player show as well', () => {
    const shown = after(
      step('ball.set', at('b'), { blockId: 'k1' }),
      partStep('l', 'causes', { 'observations.lie': 1 }),
      partStep('l', 'causes', { 'observations.chest': 1, 'observations.lie': null }),
      step('repetition.add', at('r1'), { drillId: 'overhang', good: true }),
      step('repetition.add', at('r2'), { drillId: 'overhang', good: false }),
      step('repetition.remove', at('r1')),
      step('lesson.set', at('l', 'p'), { asked: 'Lower' }),
      step('player.set', { id: 'p' }, { name: 'Ida Moor' }),
    );
    expect(shown.balls.map((b) => b.blockId)).toEqual([null, 'k1']);
    expect(shown.parts.map(({ value }) => value)).toEqual([{ observations: { chest: 1 } }]);
    expect(shown.repetitions.map(({ id }) => id)).toEqual(['r2']);
    expect(shown).toMatchObject({ id: 'l', asked: 'Lower', player: { name: 'Ida Moor' } });
  });

  it('leaves other lessons alone', () => {
    const other = edit(step('ball.add', at('c', 'other'), { carryM: 1 }));
    expect(applyPending(lesson, [other])).toBe(lesson);
  });
});

describe('lists of lessons', () => {
  const ida = { id: 'p', name: 'Ida Moor' } as Player;
  const listed = (id: string, startsAt: string) =>
    ({ id, startsAt, asked: '', player: ida, version: 1 }) as LessonSummary;
  const known = [listed('a', '2026-05-04T09:00:00.000Z')];
  const day = { from: '2026-05-04T00:00:00.000Z', to: '2026-05-05T00:00:00.000Z' };
  const ids = (...steps: NewStep[]) =>
    applyLessons(known, day, [ida], [edit(...steps)]).map(({ id }) => id);
  const startsAt = '2026-05-04T10:00:00.000Z';

  it('hold what was opened here with its player, and what moved out of them no more', () => {
    const opened = step('lesson.add', at('new', 'p'), { startsAt });
    expect(ids(opened)).toEqual(['a', 'new']);
    expect(ids(step('lesson.add', at('new', 'nobody'), { startsAt }))).toEqual(['a']);
    expect(ids(step('lesson.set', at('a', 'p'), { startsAt: '2026-06-04T10:00:00.000Z' }))).toEqual(
      [],
    );
  });

  it('hold a lesson of somebody who was met here', () => {
    const met = step('player.add', { id: 'bo' }, { name: 'Bo', hand: 'left' });
    expect(ids(met, step('lesson.add', at('new', 'bo'), { startsAt }))).toEqual(['a', 'new']);
  });

  it('lose what was taken away, and have it again', () => {
    const gone = step('lesson.remove', at('a', 'p'));
    expect(ids(gone)).toEqual([]);
    expect(ids(gone, step('lesson.restore', at('a', 'p'), known[0]))).toEqual(['a']);
  });
});

describe('the academy’s own drills', () => {
  const drill = (id: string, name: string): OwnDrill => ({
    id,
    name,
    movesPath: 0,
    movesFace: 0,
    how: 'x',
    good: 'x',
    parts: [],
  });
  const { id: _id, ...body } = drill('', 'Low bench');
  const names = (drills: readonly OwnDrill[]) => drills.map(({ name }) => name);

  it('are there as soon as they are made, and once', () => {
    const made = edit(step('drill.add', { id: 'own-b' }, body));
    expect(names(applyDrills([drill('own-a', 'Gate')], [made]))).toEqual(['Gate', 'Low bench']);
    // Stored, and not yet let go.
    const stored = [drill('own-a', 'Gate'), drill('own-b', 'Low bench')];
    expect(names(applyDrills(stored, [made]))).toEqual(['Gate', 'Low bench']);
  });

  it('go and come back', () => {
    const gate = drill('own-a', 'Gate');
    const gone = edit(step('drill.remove', { id: 'own-a' }));
    expect(applyDrills([gate], [gone])).toEqual([]);
    const back = edit(step('drill.restore', { id: 'own-a' }, gate));
    expect(applyDrills([gate], [gone, back])).toEqual([gate]);
  });
});
