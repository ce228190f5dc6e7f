import { queryClient } from '../api/client.ts';
import type { LessonPart } from '../api/client.ts';
import { PIECES, keys } from '../api/keys.ts';
import { knownPiece } from '../api/pieces.ts';
import { ballOf } from '../testing/ball.ts';
import { lessonOf } from '../testing/lesson.ts';
import { answering, piecesOf } from '../testing/server.ts';
import { taken } from './taken.ts';
import type { Pending } from './pending.ts';

const lesson = {
  ...lessonOf([]),
  id: 'l',
  lastChange: null,
  balls: [ballOf('b1', 1), ballOf('b2', 2)],
};
const asked = (change: object = {}) => answering(piecesOf({ ...lesson, ...change }));
const idsOf = () => knownPiece('l', 'balls')!.map(({ id }) => id);
const of = { lessonId: 'l' } as const;
const paths = (list: readonly { path: string }[]) => list.map(({ path }) => path);

/** The pieces as a screen that is open has them: asked for, and watched. */
beforeEach(() => {
  queryClient.clear();
  const { balls, blocks, parts, files, repetitions, pages, ...head } = lesson;
  const pieces = { head, balls, blocks, parts, files, repetitions, pages };
  for (const piece of PIECES) {
    queryClient.setQueryDefaults(keys.piece('l', piece), {
      queryFn: async () => {
        const path = piece === 'head' ? '' : `/${piece}`;
        const got = await fetch(new Request(`http://localhost/api/lessons/l${path}`));
        const body = (await got.json()) as { balls: unknown };
        return piece === 'balls' ? body.balls : body;
      },
    });
    queryClient.setQueryData(keys.piece('l', piece), pieces[piece]);
  }
});

describe('a change that was taken', () => {
  const changed = { ...lesson.balls[0]!, keep: 'out' as const, version: 2 };
  it.each<[string, Pending, unknown, () => unknown, unknown]>([
    [
      'a ball changed',
      { ...of, op: 'change', ballId: 'b1', body: { keep: 'out' } },
      changed,
      () => knownPiece('l', 'balls')![0],
      changed,
    ],
    [
      'a ball deleted',
      { ...of, op: 'remove', ballId: 'b1', ball: lesson.balls[0]! },
      undefined,
      idsOf,
      ['b2'],
    ],
    [
      'a ball brought back stands where it stood',
      { ...of, op: 'restore', ballId: 'b1', ball: lesson.balls[0]! },
      lesson.balls[0],
      idsOf,
      ['b1', 'b2'],
    ],
    [
      'balls moved',
      { ...of, op: 'move', ballIds: ['b2'], blockId: 'k' },
      undefined,
      () => knownPiece('l', 'balls')!.map(({ blockId }) => blockId),
      [null, 'k'],
    ],
    [
      'a part',
      { ...of, op: 'part', part: 'setup', changes: { target: 'oak' } },
      { part: 'setup', value: { target: 'oak' }, version: 1 },
      () => knownPiece('l', 'parts')!.map(({ value }) => value),
      [{ target: 'oak' }],
    ],
    [
      'a repetition',
      { ...of, op: 'repeat', body: { id: 'r', drillId: 'rails', good: true } },
      { id: 'r', drillId: 'rails', good: true },
      () => knownPiece('l', 'repetitions')!.map(({ id }) => id),
      ['r'],
    ],
  ])('%s: is shown from the answer, with nothing asked for but the head', async (...row) => {
    const [, change, answer, shown, wanted] = row;
    const requests = asked();
    await taken(change, answer, true);
    expect(shown()).toEqual(wanted);
    expect(paths(requests)).toEqual(['/api/lessons/l']);
  });

  it('asks for nothing at all while more of its lane waits', async () => {
    const requests = asked();
    await taken({ ...of, op: 'change', ballId: 'b1', body: { keep: 'out' } }, changed, false);
    expect(requests).toEqual([]);
  });

  it('of a launch file asks for what the answer does not hold', async () => {
    const file = { name: 'a.csv', bytes: new ArrayBuffer(0) };
    const requests = asked({ balls: [] });
    await taken({ ...of, op: 'file', file, answers: null, isAskedAgain: false }, {}, true);
    expect(paths(requests).sort()).toEqual(['/api/lessons/l/balls', '/api/lessons/l/files']);
    expect(idsOf()).toEqual([]);
  });

  it('looks at all of the lesson where another device changed it meanwhile', async () => {
    const others = [
      { part: 'setup', value: { feetDeg: 2 }, version: 3 },
    ] as unknown as LessonPart[];
    asked({ parts: others, lastChange: { id: 'h', device: 'theirs' } });
    await taken({ ...of, op: 'remove', ballId: 'b1', ball: lesson.balls[0]! }, undefined, true);
    expect(knownPiece('l', 'parts')).toEqual(others);
  });

  it('is not undone by an answer that was asked for before it', async () => {
    asked();
    const late = queryClient.refetchQueries({ queryKey: keys.piece('l', 'balls') });
    await taken({ ...of, op: 'remove', ballId: 'b1', ball: lesson.balls[0]! }, undefined, false);
    await late;
    expect(idsOf()).toEqual(['b2']);
  });
});
