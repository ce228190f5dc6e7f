// What a browser shows of changes before the server has said, and what the server makes of them, are the same.
import { applySteps, fieldsOf } from '@loxos/core';
import type { Fields, State, Step } from '@loxos/core';
import fc from 'fast-check';
import { BallsRepository } from '../balls/balls.repository.ts';
import { startTestApp } from '../testing/app.ts';
import type { TestApp, WholeLesson } from '../testing/app.ts';
import { edit, putBack, sendSteps } from '../testing/edit.ts';
import { givePage } from '../testing/pages.ts';
import { join } from '../testing/people.ts';
import type { ChangesAnswer } from './change.dto.ts';
import type { HistoryEntry } from './past.dto.ts';

const SEED = 20261201;
const RUNS = process.env['LOXOS_SOAK'] === '1' ? 300 : 12;
const DEVICES = ['tablet', 'phone'] as const;

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

/** What somebody does: to which of the balls and blocks there are by then, and in which order they are numbered. */
const act = fc.record({
  kind: fc.constantFrom(
    ...(['add', 'add', 'set', 'keep', 'remove', 'restore'] as const),
    ...(['begin', 'note', 'end', 'move', 'part', 'link', 'repeat', 'unrepeat', 'ask'] as const),
  ),
  device: fc.constantFrom(...DEVICES),
  n: fc.nat(20),
  value: fc.integer({ min: 50, max: 250 }),
});
type Act = typeof act extends fc.Arbitrary<infer T> ? T : never;

/** Ids are made as the acts come, so that both sides name the same things. */
interface Named {
  readonly balls: string[];
  readonly blocks: string[];
  readonly repetitions: string[];
}
const at = <T>(list: readonly T[], n: number): T | undefined => list[n % Math.max(1, list.length)];

function stepsOf({ kind, n, value }: Act, lesson: string, playerId: string, named: Named): Step[] {
  const step = (thing: Step['thing'], verb: Step['verb'], id: string | undefined, fields = {}) =>
    id === undefined ? [] : [{ thing, verb, id, of: lesson, fields, seen: null }];
  const fresh = (list: string[]): string => {
    const id = crypto.randomUUID();
    list.push(id);
    return id;
  };
  const ball = at(named.balls, n);
  const block = at(named.blocks, n);
  switch (kind) {
    case 'add':
      return step('ball', 'add', fresh(named.balls), { carryM: value, club: '7-iron' });
    case 'set':
      return step('ball', 'set', ball, { carryM: value });
    case 'keep':
      return step('ball', 'set', ball, { keep: value % 2 === 0 ? 'out' : 'in' });
    case 'remove':
      return step('ball', 'remove', ball);
    case 'restore':
      return step('ball', 'restore', ball);
    case 'begin':
      return step('block', 'add', fresh(named.blocks), { kind: 'play' });
    case 'note':
      return step('block', 'set', block, { note: `no. ${value}` });
    case 'end':
      return step('block', 'remove', block);
    case 'move':
      return named.balls
        .slice(0, 3)
        .flatMap((id) => step('ball', 'set', id, { blockId: block ?? null }));
    case 'part':
      return step('part', 'set', `${lesson}.setup`, { target: `oak ${value}`, feetDeg: n });
    case 'link':
      return step('part', 'set', `${lesson}.causes`, {
        'observations.chest': n % 2 === 0 ? 1 : null,
      });
    case 'repeat':
      return step('repetition', 'add', fresh(named.repetitions), { drillId: 'rails', good: n > 9 });
    case 'unrepeat':
      return step('repetition', 'remove', at(named.repetitions, n));
    case 'ask':
      return [
        {
          thing: 'lesson',
          verb: 'set',
          id: lesson,
          of: playerId,
          fields: { asked: `${n}` },
          seen: null,
        },
      ];
  }
}

/** A lesson as the screens hold it, without what only the server knows: balls are numbered with those taken away. */
function plain({ balls, blocks, parts, repetitions, asked }: WholeLesson | Shown) {
  const known = ({
    version: _v,
    startedAt: _s,
    at: _a,
    updatedAt: _u,
    updatedBy: _b,
    ordinal: _o,
    ...rest
  }: Loose) => rest;
  const idOf = (one: Loose): string => String(one['id'] ?? one['part']);
  const byId = (a: Loose, b: Loose) => idOf(a).localeCompare(idOf(b));
  return {
    asked,
    balls: (balls as Loose[]).map(known),
    blocks: (blocks as Loose[]).map(known).sort(byId),
    parts: (parts as Loose[]).map(known).filter(isWritten).sort(byId),
    repetitions: (repetitions as Loose[]).map(known).sort(byId),
  };
}
type Loose = Record<string, unknown>;
/** Whether anything is put down in a step. */
const isWritten = ({ value }: Loose): boolean =>
  Object.keys(fieldsOf('causes', value as Loose)).length > 0;
interface Shown extends State {
  readonly asked: string;
  readonly balls: readonly object[];
  readonly blocks: readonly object[];
  readonly parts: readonly object[];
  readonly repetitions: readonly object[];
}

/** What the browser shows: what comes back keeps what it was, as the step that took it away says. */
function shown(before: WholeLesson, steps: readonly Step[]): Shown {
  const { id, asked, balls, blocks, parts, repetitions } = before;
  const head = { id, asked };
  const state = applySteps({ lessons: [head], balls, blocks, parts, repetitions }, steps);
  const [lesson] = state.lessons as { asked: string }[];
  return { ...state, asked: lesson!.asked };
}

const ballFields = (whole: WholeLesson, id: string): Fields => ({
  ...whole.balls.find((ball) => ball.id === id),
});

describe('two devices, whatever they do', () => {
  it('see what the server has, and history has each change once', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(act, { minLength: 5, maxLength: 25 }), async (acts) => {
        const playerId = await t.player();
        const lesson = await t.lesson(playerId);
        const named: Named = { balls: [], blocks: [], repetitions: [] };
        const gone = new Map<string, Fields>();
        let now = await t.whole(lesson);
        let taken = 0;
        for (const one of acts) {
          const asked = stepsOf(one, lesson, playerId, named);
          // What a screen does not show is not touched, and only what was taken away is brought back.
          const steps = asked
            .filter(
              ({ thing, verb, id }) =>
                thing !== 'ball' || verb === 'add' || gone.has(id) === (verb === 'restore'),
            )
            .filter(
              ({ thing, verb, id }) =>
                thing !== 'block' || verb === 'add' || now.blocks.some((b) => b.id === id),
            )
            .map((step) =>
              step.verb === 'restore' ? { ...step, fields: gone.get(step.id)! } : step,
            );
          if (steps.length === 0) continue;
          for (const { thing, verb, id } of steps) {
            if (thing === 'ball' && verb === 'remove') gone.set(id, ballFields(now, id));
            if (thing === 'ball' && verb === 'restore') gone.delete(id);
          }
          const expected = shown(now, steps);
          const before = (await entries(lesson)).length;
          const change = crypto.randomUUID();
          await sendSteps(t.http(), steps, { device: one.device, change }).expect(200);
          await sendSteps(t.http(), steps, { device: one.device, change }).expect(200);
          now = await t.whole(lesson);
          expect(plain(now)).toEqual(plain(expected));
          const since = (await entries(lesson)).length - before;
          expect([0, 1]).toContain(since);
          taken += since;
        }
        expect((await entries(lesson)).length).toBe(taken + 1);
      }),
      { seed: SEED, numRuns: RUNS },
    );
  }, 300_000);

  it('and taking every change back, the last first, leaves the lesson as it was', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(act, { minLength: 3, maxLength: 15 }), async (acts) => {
        const playerId = await t.player();
        const lesson = await t.lesson(playerId);
        const named: Named = { balls: [], blocks: [], repetitions: [] };
        const before = plain(await t.whole(lesson));
        for (const one of acts) {
          const steps = stepsOf(one, lesson, playerId, named);
          if (steps.length > 0) await sendSteps(t.http(), steps, { device: one.device });
        }
        for (const entry of (await entries(lesson)).slice(0, -1))
          await putBack(t.http(), entry).expect(200);
        expect(plain(await t.whole(lesson))).toEqual(before);
      }),
      { seed: SEED, numRuns: RUNS },
    );
  }, 300_000);

  it('what was made away from the network and comes late merges by field, or is told', async () => {
    const lesson = await t.lesson();
    const id = crypto.randomUUID();
    const set = (fields: object, device: string, seen: number | null = 1) => {
      const step = {
        thing: 'ball',
        verb: 'set',
        id,
        of: lesson,
        fields: { ...fields },
        seen,
      } as const;
      return sendSteps(t.http(), [step], { device });
    };
    const add = { thing: 'ball', verb: 'add', id, of: lesson, fields: { carryM: 100 } } as const;
    await sendSteps(t.http(), [add], { device: 'tablet' }).expect(200);
    await set({ keep: 'out' }, 'tablet').expect(200);
    await set({ carryM: 90 }, 'phone').expect(200);
    const { body } = await set({ keep: 'in' }, 'phone').expect(409);
    expect(body.current).toMatchObject({ keep: 'out', version: 3 });
    expect((await t.whole(lesson)).balls).toMatchObject([{ keep: 'out', carryM: 90 }]);
  });
});

const entries = async (lesson: string): Promise<HistoryEntry[]> =>
  (await t.http().get(`/api/lessons/${lesson}/history`).expect(200)).body as HistoryEntry[];

describe('several changes at once', () => {
  it('are each taken or refused by themselves, in order', async () => {
    const of = await t.lesson();
    const add = (carryM: number) => ({
      id: crypto.randomUUID(),
      steps: [{ thing: 'ball', verb: 'add', id: crypto.randomUUID(), of, fields: { carryM } }],
    });
    const changes = [add(100), add(-5), add(120)];
    const { body } = await t.http().post('/api/changes').send({ changes }).expect(200);
    const { answers } = body as ChangesAnswer;
    expect(answers.map(({ id }) => id)).toEqual(changes.map(({ id }) => id));
    expect(answers.map(({ problem }) => problem?.statusCode ?? 200)).toEqual([200, 400, 200]);
    expect((await t.whole(of)).balls.map(({ carryM }) => carryM)).toEqual([100, 120]);
  });

  it('wait behind one that the server itself failed on', async () => {
    const of = await t.lesson();
    const change = (id: string, carryM: number) => ({
      id,
      steps: [{ thing: 'ball', verb: 'add', id: crypto.randomUUID(), of, fields: { carryM } }],
    });
    const insert = jest.spyOn(t.app.get(BallsRepository), 'insert');
    insert.mockRejectedValueOnce(new Error('SQLITE_FULL: disk is full'));
    const sent = { changes: [change('first', 100), change('second', 120)] };
    const { body } = await t.http().post('/api/changes').send(sent).expect(200);
    insert.mockRestore();
    const { answers } = body as ChangesAnswer;
    expect(answers).toMatchObject([{ id: 'first', problem: { statusCode: 503 } }]);
    await t.http().post('/api/changes').send(sent).expect(200);
    expect((await t.whole(of)).balls).toHaveLength(2);
  });

  it.each([
    [{ changes: [{ id: 'x', steps: [] }] }, 'steps'],
    [{ changes: Array(101).fill({ id: 'x', steps: [{}] }) }, 'changes: 100 at most at once'],
    [{ changes: [{ id: 'x', steps: [{ thing: 'moon', verb: 'add', id: 'x' }] }] }, 'thing'],
    [{ changes: [{ id: 'x', steps: [{ thing: 'ball', verb: 'eat', id: 'x' }] }] }, 'verb'],
    [{ changes: 'all' }, 'changes'],
  ])('that are none are refused in words: %#', async (body, words) => {
    const answer = await t.http().post('/api/changes').send(body).expect(400);
    expect((answer.body as { message: string }).message).toContain(words);
  });
});

describe('what somebody may not read', () => {
  it('is not told by sending a change again that names it, nor at a page', async () => {
    const playerId = await t.player();
    const lesson = await t.lesson(playerId);
    const given = await givePage(t.http(), lesson);
    const { token } = given.body as { token: string };
    const id = crypto.randomUUID();
    const at = (steps: object[]) =>
      t
        .as('')
        .post(`/api/p/${token}/changes`)
        .send({ changes: [{ id, steps }] });
    const word = { thing: 'word', verb: 'add', id: 'a-word-back', fields: { text: 'Hello' } };
    const first = await at([word]).expect(200);
    expect((first.body as ChangesAnswer).answers[0]).toEqual({ id, problem: null, things: [] });
    const rules = { thing: 'setting', verb: 'set', id: 'academy', fields: {} };
    const again = await at([word, rules]).expect(200);
    expect((again.body as ChangesAnswer).answers[0]).toMatchObject({
      problem: { statusCode: 403 },
      things: [],
    });
  });

  it('is not told by what it is refused for', async () => {
    await t.http().patch('/api/academy').send({ personalFor: 'own-coach' }).expect(200);
    const own = await join(t, 'coach');
    const lesson = await t.lesson(await t.player({ coachId: own.id }));
    const id = `${lesson}.setup`;
    const fields = { body: 'The hip pinches' };
    await edit(t.as(own.cookie), 'part.set', { id, fields }).expect(200);
    const asked = { thing: 'part', verb: 'set', id, fields: { target: 'oak' }, was: { body: 'x' } };
    const { body } = await sendSteps(t.http(), [asked as Partial<Step>]).expect(400);
    expect(JSON.stringify(body)).not.toContain('pinches');
  });
});
