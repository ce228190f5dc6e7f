import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

interface As {
  readonly device?: string;
  readonly seen?: number;
  readonly change?: string;
}
type Method = 'post' | 'patch' | 'delete';

/** A write as a device makes it: it names itself, and the version it saw. */
function write(method: Method, path: string, body: object, { device, seen, change }: As = {}) {
  const request = t.http()[method](path).send(body);
  if (device !== undefined) void request.set('x-loxos-device', device);
  if (seen !== undefined) void request.set('if-match', `"${seen}"`);
  if (change !== undefined) void request.set('x-loxos-change', change);
  return request;
}
const get = async (path: string) => (await t.http().get(path).expect(200)).body;
const ballOf = async (lessonId: string, figures: object = { carryM: 100 }): Promise<string> => {
  const { body } = await write('post', `/api/lessons/${lessonId}/balls`, figures).expect(201);
  return body.id as string;
};
interface Entry {
  readonly id: string;
  readonly what: string;
  readonly before: object;
  readonly after: object;
}
const historyOf = (lessonId: string): Promise<Entry[]> => get(`/api/lessons/${lessonId}/history`);

describe('a write sent again since its answer was lost', () => {
  it.each([
    ['/api/players', { name: 'Sent Twice', hand: 'left' }],
    ['/api/lessons', { startsAt: '2026-05-04T09:00:00Z' }],
    ['/balls', { carryM: 100 }],
  ])('makes one thing, though it names no id: %s', async (path, body) => {
    const lessonId = await t.lesson();
    const full = path === '/balls' ? `/api/lessons/${lessonId}/balls` : path;
    const asked = path === '/api/lessons' ? { ...body, playerId: await t.player() } : body;
    const change = crypto.randomUUID();
    const first = await write('post', full, asked, { change }).expect(201);
    const again = await write('post', full, asked, { change }).expect(201);
    expect(again.body.id).toBe(first.body.id);
  });
});

describe('two devices', () => {
  it('that change different fields both keep theirs', async () => {
    const id = await t.player();
    const path = `/api/players/${id}`;
    await write('patch', path, { aims: 'Straighter' }, { device: 'tablet', seen: 1 }).expect(200);
    const { body } = await write(
      'patch',
      path,
      { bodyNotes: 'left knee' },
      { device: 'phone', seen: 1 },
    );
    expect(body).toMatchObject({ aims: 'Straighter', bodyNotes: 'left knee', version: 3 });
  });

  it('that change one field are told, and nothing is written over', async () => {
    const id = await t.player();
    const path = `/api/players/${id}`;
    await write('patch', path, { aims: 'Straighter' }, { device: 'tablet', seen: 1 }).expect(200);
    const clash = await write(
      'patch',
      path,
      { aims: 'Longer', bodyNotes: 'left knee' },
      { device: 'phone', seen: 1 },
    ).expect(409);
    expect(clash.body).toMatchObject({
      kind: 'conflict',
      fields: [{ field: 'aims' }],
      current: { aims: 'Straighter', version: 2 },
    });
    expect(await get(path)).toMatchObject({ aims: 'Straighter', bodyNotes: '' });
    // Having seen it, the writer may still want theirs.
    await write('patch', path, { aims: 'Longer' }, { device: 'phone', seen: 2 }).expect(200);
  });

  it('one device never conflicts with itself, and wanting the same is no conflict', async () => {
    const id = await t.player();
    const path = `/api/players/${id}`;
    for (const aims of ['a', 'b', 'c'])
      await write('patch', path, { aims }, { device: 'tablet', seen: 1 }).expect(200);
    await write('patch', path, { aims: 'c' }, { device: 'phone', seen: 1 }).expect(200);
    expect(await get(path)).toMatchObject({ aims: 'c', version: 4 });
  });

  it('see different links of the cause and both are kept', async () => {
    const lesson = await t.lesson();
    const path = `/api/lessons/${lesson}/parts/causes`;
    const see = (link: string, device: string, value: number) =>
      write('patch', path, { changes: { [`observations.${link}`]: value } }, { device, seen: 0 });
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
    const ball = await ballOf(lesson);
    await write('delete', `/api/balls/${ball}`, {}, { device: 'tablet', seen: 1 }).expect(204);
    await write('patch', `/api/balls/${ball}`, { keep: 'out' }, { device: 'phone', seen: 1 });
    expect((await t.whole(lesson)).balls).toEqual([]);
    const { body } = await write('post', `/api/balls/${ball}/restore`, {}).expect(200);
    expect(body).toMatchObject({ keep: 'out', carryM: 100 });
  });
});

describe('what is said of the whole and of its parts', () => {
  it('a change by a field within another is the same as one by its path', async () => {
    const lesson = await t.lesson();
    const path = `/api/lessons/${lesson}/parts/causes`;
    const see = (changes: object) => write('patch', path, { changes });
    await see({ 'observations.chest': 1 }).expect(200);
    await see({ observations: { 'ball-position': -1 } }).expect(200);
    const { parts } = await t.whole(lesson);
    expect(parts[0]!.value).toEqual({ observations: { chest: 1, 'ball-position': -1 } });
    await see({ observations: 'all' }).expect(400);
  });
});

describe('a write sent twice', () => {
  it('is taken once, even where another has come between', async () => {
    const lesson = await t.lesson();
    const ball = await ballOf(lesson);
    const path = `/api/balls/${ball}`;
    const change = crypto.randomUUID();
    await write('patch', path, { carryM: 110 }, { change }).expect(200);
    await write('patch', path, { carryM: 120 }).expect(200);
    const { body } = await write('patch', path, { carryM: 110 }, { change }).expect(200);
    expect(body).toMatchObject({ carryM: 120, version: 3 });
  });

  it('moves balls once', async () => {
    const lesson = await t.lesson();
    const ball = await ballOf(lesson);
    const block = crypto.randomUUID();
    await write('post', `/api/lessons/${lesson}/blocks`, { id: block, kind: 'play' }).expect(201);
    const change = crypto.randomUUID();
    const move = (blockId: string | null, as: As = {}) =>
      write('post', `/api/lessons/${lesson}/balls/block`, { ballIds: [ball], blockId }, as);
    await move(block, { change }).expect(204);
    await move(null).expect(204);
    await move(block, { change }).expect(204);
    expect((await t.whole(lesson)).balls[0]!.blockId).toBeNull();
  });

  it.each([
    ['if-match', '3'],
    ['if-match', 'W/"3"'],
    ['x-loxos-device', 'my phone, really'],
    ['x-loxos-change', 'x'.repeat(61)],
  ])('that names itself wrongly is refused: %s %s', async (header, value) => {
    const id = await t.player();
    const request = t.http().patch(`/api/players/${id}`).send({ aims: 'x' }).set(header, value);
    const { body } = await request.expect(400);
    expect(body.message).toContain(header);
  });
});

describe('history', () => {
  it('says what was changed from what to what, the newest first', async () => {
    const lesson = await t.lesson();
    const ball = await ballOf(lesson);
    await write('patch', `/api/balls/${ball}`, { keep: 'out', carryM: 100 }).expect(200);
    const [changed, added] = await historyOf(lesson);
    expect(changed).toMatchObject({
      what: 'ball 1 changed',
      before: { keep: 'auto' },
      after: { keep: 'out' },
    });
    expect(added).toMatchObject({ what: 'ball 1 added' });
    expect(changed!.before).not.toHaveProperty('carryM');
  });

  it('a change that changes nothing leaves no trace', async () => {
    const lesson = await t.lesson();
    const ball = await ballOf(lesson);
    const before = await historyOf(lesson);
    await write('patch', `/api/balls/${ball}`, { carryM: 100 }).expect(200);
    expect(await historyOf(lesson)).toEqual(before);
  });
});

describe('undo from history', () => {
  const undo = (id: string) => write('post', `/api/history/${id}/undo`, {});
  const last = async (lesson: string): Promise<Entry> => (await historyOf(lesson))[0]!;

  it('puts back a ball, a block, where balls were, a part and the lesson itself', async () => {
    const lesson = await t.lesson();
    const before = await t.whole(lesson);
    const ball = await ballOf(lesson);
    const block = crypto.randomUUID();
    const steps: [Method, string, object][] = [
      ['patch', `/api/balls/${ball}`, { carryM: 90 }],
      ['post', `/api/lessons/${lesson}/blocks`, { id: block, kind: 'play' }],
      ['patch', `/api/blocks/${block}`, { note: 'grip moved' }],
      ['post', `/api/lessons/${lesson}/balls/block`, { ballIds: [ball], blockId: block }],
      ['patch', `/api/lessons/${lesson}/parts/setup`, { changes: { target: 'oak', feetDeg: 2 } }],
      ['patch', `/api/lessons/${lesson}/parts/setup`, { changes: { target: 'elm' } }],
      ['delete', `/api/balls/${ball}`, {}],
      ['patch', `/api/lessons/${lesson}`, { asked: 'Lower' }],
    ];
    const seen: string[] = [];
    for (const [method, path, body] of steps) {
      await write(method, path, body);
      seen.push((await last(lesson)).id);
    }
    for (const id of seen.reverse()) await undo(id).expect(204);
    const after = await t.whole(lesson);
    expect(after).toMatchObject({ asked: before.asked, blocks: [] });
    expect(after.balls).toMatchObject([{ carryM: 100, blockId: null }]);
    expect(after.parts[0]!.value).toEqual({});
  });

  it('takes back what was made, and that again', async () => {
    const lesson = await t.lesson();
    await ballOf(lesson);
    await undo((await last(lesson)).id).expect(204);
    expect((await t.whole(lesson)).balls).toEqual([]);
    await undo((await last(lesson)).id).expect(204);
    expect((await t.whole(lesson)).balls).toHaveLength(1);
  });

  it('is refused where somebody changed the same since', async () => {
    const lesson = await t.lesson();
    const ball = await ballOf(lesson);
    await write('patch', `/api/balls/${ball}`, { carryM: 90 });
    const { id } = await last(lesson);
    await write('patch', `/api/balls/${ball}`, { carryM: 80 });
    const { body } = await undo(id).expect(409);
    expect(body.current).toMatchObject({ carryM: 80 });
    expect((await t.whole(lesson)).balls[0]!.carryM).toBe(80);
  });

  it('of a change that is none', async () => {
    await undo(crypto.randomUUID()).expect(404);
  });
});
