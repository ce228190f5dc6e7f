import { queryClient } from '../api/client.ts';
import type { ChangedThing, LessonPart } from '../api/client.ts';
import { PIECES, keys } from '../api/keys.ts';
import { knownPiece } from '../api/pieces.ts';
import { ballOf } from '../testing/ball.ts';
import { lessonOf } from '../testing/lesson.ts';
import { answering, piecesOf } from '../testing/server.ts';
import { taken } from './answers.ts';
import { partStep, step } from './step.ts';
import type { NewStep } from './step.ts';
import type { Pending } from './pending.ts';

const lesson = {
  ...lessonOf([]),
  id: 'l',
  lastChange: null,
  balls: [ballOf('b1', 1), ballOf('b2', 2)],
};
const asked = (change: object = {}) => answering(piecesOf({ ...lesson, ...change }));
const idsOf = () => knownPiece('l', 'balls')!.map(({ id }) => id);
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

const edit = (...steps: NewStep[]): Pending => {
  const [first, ...rest] = steps.map((one) => ({ ...one, seen: null }));
  return { steps: [first!, ...rest] };
};
const at = (id: string) => ({ id, of: 'l' });
/** What the server answers of a thing. */
const now = (thing: ChangedThing['thing'], id: string, value: object | null): ChangedThing => ({
  ...{ thing, id },
  value: value as ChangedThing['value'],
});

describe('a change that was taken', () => {
  const [b1, b2] = lesson.balls;
  const changed = { ...b1!, keep: 'out' as const, version: 2 };
  const keepOut = edit(step('ball.set', at('b1'), { keep: 'out' }));
  const remove = edit(step('ball.remove', at('b1')));
  it.each<[string, Pending, ChangedThing, () => unknown, unknown]>([
    [
      'a ball changed',
      keepOut,
      now('ball', 'b1', changed),
      () => knownPiece('l', 'balls')![0],
      changed,
    ],
    ['a ball deleted', remove, now('ball', 'b1', null), idsOf, ['b2']],
    [
      'a ball brought back stands where it stood',
      edit(step('ball.restore', at('b1'), b1)),
      now('ball', 'b1', b1!),
      idsOf,
      ['b1', 'b2'],
    ],
    [
      'balls moved',
      edit(step('ball.set', at('b2'), { blockId: 'k' })),
      now('ball', 'b2', { ...b2!, blockId: 'k' }),
      () => knownPiece('l', 'balls')!.map(({ blockId }) => blockId),
      [null, 'k'],
    ],
    [
      'a part',
      edit(partStep('l', 'setup', { target: 'oak' })),
      now('part', 'l.setup', { part: 'setup', value: { target: 'oak' }, version: 1 }),
      () => knownPiece('l', 'parts')!.map(({ value }) => value),
      [{ target: 'oak' }],
    ],
    [
      'a repetition',
      edit(step('repetition.add', at('r'), { drillId: 'rails', good: true })),
      now('repetition', 'r', { id: 'r', drillId: 'rails', good: true }),
      () => knownPiece('l', 'repetitions')!.map(({ id }) => id),
      ['r'],
    ],
  ])('%s: is shown from the answer, with nothing asked for but the head', async (...row) => {
    const [, change, answer, shown, wanted] = row;
    const requests = asked();
    await taken(change, [answer], true);
    expect(shown()).toEqual(wanted);
    expect(paths(requests)).toEqual(['/api/lessons/l']);
  });

  it('asks for nothing at all while more of its lane waits', async () => {
    const requests = asked();
    await taken(keepOut, [now('ball', 'b1', changed)], false);
    expect(requests).toEqual([]);
  });

  it('of a launch file asks for what the answer does not hold', async () => {
    const file = { name: 'a.csv', bytes: new ArrayBuffer(0) };
    const requests = asked({ balls: [] });
    await taken({ lessonId: 'l', file, answers: null, isAskedAgain: false }, [], true);
    expect(paths(requests).sort()).toEqual(['/api/lessons/l/balls', '/api/lessons/l/files']);
    expect(idsOf()).toEqual([]);
  });

  it('of a block taken away asks for the balls, which are in none then', async () => {
    const requests = asked({ balls: [] });
    await taken(edit(step('block.remove', at('k'))), [now('block', 'k', null)], false);
    expect(paths(requests)).toEqual(['/api/lessons/l/balls']);
  });

  it('looks at all of the lesson where another device changed it meanwhile', async () => {
    const others = [
      { part: 'setup', value: { feetDeg: 2 }, version: 3 },
    ] as unknown as LessonPart[];
    asked({ parts: others, lastChange: { id: 'h', device: 'theirs' } });
    await taken(remove, [now('ball', 'b1', null)], true);
    expect(knownPiece('l', 'parts')).toEqual(others);
  });

  it('is not undone by an answer that was asked for before it', async () => {
    asked();
    const late = queryClient.refetchQueries({ queryKey: keys.piece('l', 'balls') });
    await taken(remove, [now('ball', 'b1', null)], false);
    await late;
    expect(idsOf()).toEqual(['b2']);
  });
});
