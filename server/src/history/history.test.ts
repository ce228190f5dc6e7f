import { like } from 'drizzle-orm';
import type { HistoryEntry } from '../changes/past.dto.ts';
import { history } from '../db/schema/index.ts';
import { Store } from '../db/store.ts';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { edit, putBack, putInto, sendSteps } from '../testing/edit.ts';
import type { Named } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

interface As extends Named {
  readonly seen?: number;
}

const setPlayer = (id: string, fields: object, { seen, ...as }: As) =>
  edit(t.http(), 'player.set', { id, fields, ...(seen !== undefined && { seen }) }, as);
const setBall = (id: string, fields: object, as: Named = {}) =>
  edit(t.http(), 'ball.set', { id, fields }, as);
const get = async (path: string) => (await t.http().get(path).expect(200)).body;
const playerNow = (id: string) => get(`/api/players/${id}`);
const ballOf = async (lessonId: string, fields: object = { carryM: 100 }): Promise<string> => {
  const { body } = await edit(t.http(), 'ball.add', { of: lessonId, fields }).expect(200);
  return body.id as string;
};
const blockOf = async (lessonId: string): Promise<string> => {
  const block = { of: lessonId, fields: { kind: 'play' } };
  return (await edit(t.http(), 'block.add', block).expect(200)).body.id as string;
};
const historyOf = (lessonId: string): Promise<HistoryEntry[]> =>
  get(`/api/lessons/${lessonId}/history`);

describe('a write sent again since its answer was lost', () => {
  it('makes one thing, and answers with it', async () => {
    const of = await t.lesson();
    const change = crypto.randomUUID();
    const ball = { id: crypto.randomUUID(), of, fields: { carryM: 100 } };
    const first = await edit(t.http(), 'ball.add', ball, { change }).expect(200);
    const again = await edit(t.http(), 'ball.add', ball, { change }).expect(200);
    expect(again.body).toEqual(first.body);
    expect((await t.whole(of)).balls).toHaveLength(1);
  });
});

describe('two devices', () => {
  it('that change different fields both keep theirs', async () => {
    const id = await t.player();
    await setPlayer(id, { aims: 'Straighter' }, { device: 'tablet', seen: 1 }).expect(200);
    const { body } = await setPlayer(id, { bodyNotes: 'left knee' }, { device: 'phone', seen: 1 });
    expect(body).toMatchObject({ aims: 'Straighter', bodyNotes: 'left knee', version: 3 });
  });

  it('that change one field are told, and nothing is written over', async () => {
    const id = await t.player();
    await setPlayer(id, { aims: 'Straighter' }, { device: 'tablet', seen: 1 }).expect(200);
    const both = { aims: 'Longer', bodyNotes: 'left knee' };
    const clash = await setPlayer(id, both, { device: 'phone', seen: 1 }).expect(409);
    expect(clash.body).toMatchObject({
      kind: 'conflict',
      fields: [{ field: 'aims' }],
      current: { id, aims: 'Straighter', version: 2 },
    });
    expect(await playerNow(id)).toMatchObject({ aims: 'Straighter', bodyNotes: '' });
    // Having seen it, the writer may still want theirs.
    await setPlayer(id, { aims: 'Longer' }, { device: 'phone', seen: 2 }).expect(200);
  });

  it('one device never conflicts with itself, and wanting the same is no conflict', async () => {
    const id = await t.player();
    for (const aims of ['a', 'b', 'c'])
      await setPlayer(id, { aims }, { device: 'tablet', seen: 1 }).expect(200);
    await setPlayer(id, { aims: 'c' }, { device: 'phone', seen: 1 }).expect(200);
    expect(await playerNow(id)).toMatchObject({ aims: 'c', version: 4 });
  });

  it('see different links of the cause and both are kept', async () => {
    const lesson = await t.lesson();
    const see = (link: string, device: string, value: number) => {
      const fields = { [`observations.${link}`]: value };
      return edit(t.http(), 'part.set', { id: `${lesson}.causes`, fields, seen: 0 }, { device });
    };
    await see('chest', 'tablet', 1).expect(200);
    await see('ball-position', 'phone', -1).expect(200);
    const { body } = await see('chest', 'phone', -1).expect(409);
    expect(body.fields[0].field).toBe('observations.chest');
    const { parts } = await t.whole(lesson);
    expect(parts[0]).toMatchObject({
      value: { observations: { chest: 1, 'ball-position': -1 } },
      version: 2,
    });
  });

  it('of which one has deleted a ball: the other’s change of it is kept with it', async () => {
    const lesson = await t.lesson();
    const id = await ballOf(lesson);
    await edit(t.http(), 'ball.remove', { id, seen: 1 }, { device: 'tablet' }).expect(200);
    const fields = { keep: 'out' };
    await edit(t.http(), 'ball.set', { id, fields, seen: 1 }, { device: 'phone' }).expect(200);
    expect((await t.whole(lesson)).balls).toEqual([]);
    const { body } = await edit(t.http(), 'ball.restore', { id }).expect(200);
    expect(body).toMatchObject({ keep: 'out', carryM: 100 });
  });
});

describe('what is said of the whole and of its parts', () => {
  it('a change by a field within another is the same as one by its path', async () => {
    const lesson = await t.lesson();
    const see = (fields: object) => edit(t.http(), 'part.set', { id: `${lesson}.causes`, fields });
    await see({ 'observations.chest': 1 }).expect(200);
    await see({ observations: { 'ball-position': -1 } }).expect(200);
    const { parts } = await t.whole(lesson);
    expect(parts[0]!.value).toEqual({ observations: { chest: 1, 'ball-position': -1 } });
    await see({ observations: 'all' }).expect(400);
  });
});

describe('a write sent twice', () => {
  it('is taken once, even where another has come between', async () => {
    const ball = await ballOf(await t.lesson());
    const change = crypto.randomUUID();
    await setBall(ball, { carryM: 110 }, { change }).expect(200);
    await setBall(ball, { carryM: 120 }).expect(200);
    const { body } = await setBall(ball, { carryM: 110 }, { change }).expect(200);
    expect(body).toMatchObject({ carryM: 120, version: 3 });
  });

  it('moves balls once', async () => {
    const lesson = await t.lesson();
    const ballIds = [await ballOf(lesson), await ballOf(lesson)];
    const block = await blockOf(lesson);
    const change = crypto.randomUUID();
    const move = (blockId: string | null, as: Named = {}) =>
      putInto(t.http(), lesson, { ballIds, blockId }, as);
    await move(block, { change }).expect(200);
    await move(null).expect(200);
    await move(block, { change }).expect(200);
    expect((await t.whole(lesson)).balls.map(({ blockId }) => blockId)).toEqual([null, null]);
  });

  it.each([{ change: 'x'.repeat(61) }, { change: 'my change' }, { device: 'my phone, really' }])(
    'that names itself wrongly is refused: %j',
    async (as) => {
      const { body } = await setPlayer(await t.player(), { aims: 'x' }, as).expect(400);
      expect(body.message).toContain('letters, digits');
    },
  );
});

describe('history', () => {
  it('says what was changed from what to what, the newest first', async () => {
    const lesson = await t.lesson();
    await setBall(await ballOf(lesson), { keep: 'out', carryM: 100 }).expect(200);
    const [changed, added] = await historyOf(lesson);
    expect(changed).toMatchObject({
      what: 'ball 1 changed',
      steps: [{ before: { keep: 'auto' }, after: { keep: 'out' } }],
    });
    expect(added).toMatchObject({ what: 'ball 1 added' });
    expect(changed!.steps[0]!.before).not.toHaveProperty('carryM');
  });

  it('a change of several things is one line with all of them', async () => {
    const lesson = await t.lesson();
    const ballIds = [await ballOf(lesson), await ballOf(lesson)];
    const blockId = await blockOf(lesson);
    await putInto(t.http(), lesson, { ballIds, blockId }).expect(200);
    const [moved, ...before] = await historyOf(lesson);
    expect(moved).toMatchObject({ what: '2 balls put into play', times: 1, canUndo: true });
    expect(moved!.steps.map(({ id }) => id)).toEqual(ballIds);
    expect(before).toHaveLength(4);
  });

  it('a change that changes nothing leaves no trace', async () => {
    const lesson = await t.lesson();
    const ball = await ballOf(lesson);
    const before = await historyOf(lesson);
    await setBall(ball, { carryM: 100 }).expect(200);
    expect(await historyOf(lesson)).toEqual(before);
  });

  it('of a change of which one thing is refused nothing is kept', async () => {
    const lesson = await t.lesson();
    const id = await ballOf(lesson);
    const before = await historyOf(lesson);
    const { body } = await sendSteps(t.http(), [
      { thing: 'ball', verb: 'set', id, fields: { carryM: 90 } },
      { thing: 'ball', verb: 'set', id: 'nobody', fields: { carryM: 90 } },
    ]).expect(404);
    expect(body.message).toContain('no such ball');
    expect(await historyOf(lesson)).toEqual(before);
    expect((await t.whole(lesson)).balls[0]!.carryM).toBe(100);
  });
});

describe('undo from history', () => {
  const last = async (lesson: string): Promise<HistoryEntry> => (await historyOf(lesson))[0]!;

  it('puts back a ball, a block, where balls were, a part and the lesson itself', async () => {
    const lesson = await t.lesson();
    const before = await t.whole(lesson);
    const ball = await ballOf(lesson);
    const block = crypto.randomUUID();
    const setup = (fields: object) => edit(t.http(), 'part.set', { id: `${lesson}.setup`, fields });
    const steps = [
      () => setBall(ball, { carryM: 90 }),
      () => edit(t.http(), 'block.add', { id: block, of: lesson, fields: { kind: 'play' } }),
      () => edit(t.http(), 'block.set', { id: block, fields: { note: 'grip moved' } }),
      () => putInto(t.http(), lesson, { ballIds: [ball], blockId: block }),
      () => setup({ target: 'oak', feetDeg: 2 }),
      () => setup({ target: 'elm' }),
      () => edit(t.http(), 'ball.remove', { id: ball }),
      () => edit(t.http(), 'lesson.set', { id: lesson, fields: { asked: 'Lower' } }),
    ];
    const seen: HistoryEntry[] = [];
    for (const step of steps) {
      await step().expect(200);
      seen.push(await last(lesson));
    }
    for (const entry of seen.reverse()) await putBack(t.http(), entry).expect(200);
    const after = await t.whole(lesson);
    expect(after).toMatchObject({ asked: before.asked, blocks: [] });
    expect(after.balls).toMatchObject([{ carryM: 100, blockId: null }]);
    expect(after.parts[0]!.value).toEqual({});
  });

  it('takes back what was made, and that again', async () => {
    const lesson = await t.lesson();
    await ballOf(lesson);
    await putBack(t.http(), await last(lesson)).expect(200);
    expect((await t.whole(lesson)).balls).toEqual([]);
    await putBack(t.http(), await last(lesson)).expect(200);
    expect((await t.whole(lesson)).balls).toHaveLength(1);
  });

  it('is refused where somebody changed the same since, on this device too', async () => {
    const lesson = await t.lesson();
    const ball = await ballOf(lesson);
    await setBall(ball, { carryM: 90 });
    const entry = await last(lesson);
    await setBall(ball, { carryM: 80 });
    const { body } = await putBack(t.http(), entry).expect(409);
    expect(body.current).toMatchObject({ carryM: 80 });
    expect((await t.whole(lesson)).balls[0]!.carryM).toBe(80);
  });

  it('also of balls put into blocks before each had a row of its own', async () => {
    const lesson = await t.lesson();
    const ball = await ballOf(lesson);
    const block = await blockOf(lesson);
    await putInto(t.http(), lesson, { ballIds: [ball], blockId: block }).expect(200);
    const values = { before: { [ball]: null }, after: { [ball]: block } };
    await t.app.get(Store).write((tx) =>
      tx
        .update(history)
        .set({
          thing: 'balls',
          thingId: lesson,
          before: json(values.before),
          after: json(values.after),
        })
        .where(like(history.what, '%put into%')),
    );
    await putBack(t.http(), await last(lesson)).expect(200);
    expect((await t.whole(lesson)).balls[0]!.blockId).toBeNull();
  });
});

const json = (value: object): string => JSON.stringify(value);
