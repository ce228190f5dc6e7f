import type { Lesson, OwnDrill } from '../api/client.ts';
import { applyDrills, applyPending } from './apply.ts';
import { ballOf } from '../testing/ball.ts';
import type { Pending } from './pending.ts';

const lesson = {
  id: 'l',
  balls: [ballOf('a', 1), ballOf('b', 2)],
  blocks: [],
  parts: [],
  repetitions: [],
} as unknown as Lesson;
const at = { lessonId: 'l' } as const;
const idsAfter = (entries: Pending[]): string[] =>
  applyPending(lesson, entries).balls.map((b) => b.id);

describe('what is not yet stored', () => {
  it('shows as if it were', () => {
    expect(idsAfter([{ ...at, op: 'add', ballId: 'c', body: { carryM: 120 } }])).toEqual([
      'a',
      'b',
      'c',
    ]);
    expect(idsAfter([{ ...at, op: 'remove', ballId: 'a', ball: ballOf('a', 1) }])).toEqual(['b']);
    const changed = applyPending(lesson, [
      { ...at, op: 'change', ballId: 'b', body: { keep: 'out' } },
    ]);
    expect(changed.balls[1]!.keep).toBe('out');
  });

  it('a launch file taken back is gone with its balls, and one dropped claims none before it is read', () => {
    const [a, b] = [{ ...ballOf('a', 1), launchFileId: 'f' }, ballOf('b', 2)];
    const held = { ...lesson, balls: [a, b], files: [{ id: 'f' }] } as unknown as Lesson;
    const after = applyPending(held, [
      { ...at, op: 'unfile', fileId: 'f' },
      {
        ...at,
        op: 'file',
        file: { name: 'range.csv', bytes: new ArrayBuffer(4) },
        answers: null,
        isAskedAgain: false,
      },
    ]);
    expect(after.balls).toEqual([b]);
    expect(after.files).toEqual([]);
  });

  it('put back, stands where it stood', () => {
    const entries: Pending[] = [
      { ...at, op: 'remove', ballId: 'a', ball: ballOf('a', 1) },
      { ...at, op: 'restore', ballId: 'a', ball: ballOf('a', 1) },
    ];
    expect(idsAfter(entries)).toEqual(['a', 'b']);
  });

  it('a ball is hit in the block under way, from the moment it is begun', () => {
    const begun: Pending[] = [
      { ...at, op: 'begin', body: { id: 'k1', kind: 'baseline' } },
      { ...at, op: 'begin', body: { id: 'k2', kind: 'drill', drillId: 'rails', doseStep: 1 } },
      { ...at, op: 'add', ballId: 'c', body: { carryM: 120 } },
    ];
    const after = applyPending(lesson, begun);
    expect(after.balls.map((b) => b.blockId)).toEqual([null, null, 'k2']);
    expect(after.blocks.map(({ kind }) => kind)).toEqual(['baseline', 'drill']);
    const changed = applyPending(lesson, [
      ...begun,
      { ...at, op: 'block', blockId: 'k2', body: { note: 'grip moved' } },
      { ...at, op: 'unblock', blockId: 'k1' },
    ]);
    expect(changed.blocks).toMatchObject([{ id: 'k2', note: 'grip moved' }]);
  });

  it('moved balls, parts and repetitions show as well', () => {
    const after = applyPending(lesson, [
      { ...at, op: 'move', ballIds: ['b'], blockId: 'k1' },
      { ...at, op: 'part', part: 'causes', changes: { 'observations.lie': 1 } },
      {
        ...at,
        op: 'part',
        part: 'causes',
        changes: { 'observations.chest': 1, 'observations.lie': null },
      },
      { ...at, op: 'repeat', body: { id: 'r1', drillId: 'overhang', good: true } },
      { ...at, op: 'repeat', body: { id: 'r2', drillId: 'overhang', good: false } },
      { ...at, op: 'unrepeat', repetitionId: 'r1' },
    ]);
    expect(after.balls.map((b) => b.blockId)).toEqual([null, 'k1']);
    expect(after.parts.map(({ value }) => value)).toEqual([{ observations: { chest: 1 } }]);
    expect(after.repetitions.map(({ id }) => id)).toEqual(['r2']);
  });

  it('leaves other lessons alone', () => {
    const entries: Pending[] = [{ lessonId: 'other', op: 'add', ballId: 'c', body: { carryM: 1 } }];
    expect(applyPending(lesson, entries)).toBe(lesson);
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
    const made: Pending = { op: 'invent', drillId: 'own-b', body };
    expect(names(applyDrills([drill('own-a', 'Gate')], [made]))).toEqual(['Gate', 'Low bench']);
    // Stored, and not yet let go.
    const stored = [drill('own-a', 'Gate'), drill('own-b', 'Low bench')];
    expect(names(applyDrills(stored, [made]))).toEqual(['Gate', 'Low bench']);
  });

  it('go and come back', () => {
    const gate = drill('own-a', 'Gate');
    const gone: Pending = { op: 'forget', drillId: 'own-a' };
    expect(applyDrills([gate], [gone])).toEqual([]);
    const back: Pending = { op: 'recall', drillId: 'own-a', drill: gate };
    expect(applyDrills([gate], [gone, back])).toEqual([gate]);
  });
});
