import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import type { HistoryEntry } from '../changes/past.dto.ts';
import { edit, putBack } from '../testing/edit.ts';
import { messageOf, newBay, saidBall } from '../testing/live.ts';
import { join } from '../testing/people.ts';
import type { Bay } from './bay.dto.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const bayOf = async (id: string): Promise<Bay> => {
  const { body } = await t.http().get('/api/bays').expect(200);
  return (body as Bay[]).find((bay) => bay.id === id)!;
};
const ballsIn = async (lessonId: string) => (await t.whole(lessonId)).balls;
const begin = async (lessonId: string, kind: string): Promise<string> => {
  const { body } = await edit(t.http(), 'block.add', { of: lessonId, fields: { kind } }).expect(
    200,
  );
  return (body as { id: string }).id;
};
const fatesOf = (fates: readonly { readonly fate: string }[]) => fates.map(({ fate }) => fate);

describe('balls of a bay that points at a lesson', () => {
  it('come into the block under way, in our units, and are told whose block it is', async () => {
    const lesson = await t.lesson(await t.player({ hand: 'left' }));
    const block = await begin(lesson, 'baseline');
    const { post } = await newBay(t, lesson);
    const { body } = await post(messageOf([saidBall(1), saidBall(2)])).expect(200);
    expect(fatesOf(body.fates)).toEqual(['taken', 'taken']);
    expect(body.now).toEqual({
      bay: 'Bay 1',
      isOn: true,
      hand: 'left',
      block: { kind: 'baseline', drillId: null },
    });
    const balls = await ballsIn(lesson);
    expect(balls.map(({ blockId, club, seen }) => [blockId, club, seen])).toEqual([
      [block, '7-iron', 'monitor'],
      [block, '7-iron', 'monitor'],
    ]);
    expect(balls[0]!.clubPathDeg).toBe(-4);
    expect(balls[0]!.clubSpeedMps).toBeCloseTo(saidBall(1).figures.clubSpeed * 0.44704, 6);
    expect(balls[0]!.carryM).toBeCloseTo(saidBall(1).figures.carry * 0.9144, 6);
  });

  it('that come twice are there once, in one message or in two', async () => {
    const lesson = await t.lesson();
    const { send } = await newBay(t, lesson);
    expect(fatesOf(await send(saidBall(1), saidBall(1)))).toEqual(['taken', 'taken']);
    expect(fatesOf(await send(saidBall(1), saidBall(2)))).toEqual(['known', 'taken']);
    expect(await ballsIn(lesson)).toHaveLength(2);
  });

  it('are other balls where their source is another', async () => {
    const lesson = await t.lesson();
    const { send, post } = await newBay(t, lesson);
    await send(saidBall(1));
    await post(messageOf([saidBall(1)], { source: 'after a restart' })).expect(200);
    expect(await ballsIn(lesson)).toHaveLength(2);
  });

  it('that come late stand where they were hit, in the block of the ball before', async () => {
    const lesson = await t.lesson();
    const baseline = await begin(lesson, 'baseline');
    const { send } = await newBay(t, lesson);
    await send(saidBall(1, { path: 1 }));
    await edit(t.http(), 'ball.add', { of: lesson, fields: { carryM: 99 } }).expect(200);
    const drill = await begin(lesson, 'drill');
    await send(saidBall(4, { path: 4 }));
    await send(saidBall(2, { path: 2 }), saidBall(3, { path: 3 }));
    const balls = await ballsIn(lesson);
    expect(balls.map(({ clubPathDeg, blockId }) => [clubPathDeg, blockId])).toEqual([
      [1, baseline],
      // What others put down keeps its place.
      [null, baseline],
      [2, baseline],
      [3, baseline],
      [4, drill],
    ]);
    expect(new Set(balls.map(({ ordinal }) => ordinal)).size).toBe(5);
  });

  it('without a club go on with the one before', async () => {
    const lesson = await t.lesson();
    const { send } = await newBay(t, lesson);
    await send({ ...saidBall(1), club: 'driver' }, { ...saidBall(2), club: null });
    expect((await ballsIn(lesson)).map(({ club }) => club)).toEqual(['driver', 'driver']);
  });

  it('are in history once a message', async () => {
    const lesson = await t.lesson();
    const { send } = await newBay(t, lesson);
    await send(saidBall(1));
    await send(saidBall(2), saidBall(3));
    const { body } = await t.http().get(`/api/lessons/${lesson}/history`).expect(200);
    const entries = body as HistoryEntry[];
    expect(entries.map(({ what }) => what).slice(0, 2)).toEqual([
      '2 balls from Bay 1',
      'ball 1 from Bay 1',
    ]);
    // Put back, the balls are taken out, and the bay goes on.
    await putBack(t.http(), entries[0]!).expect(200);
    expect(await ballsIn(lesson)).toHaveLength(1);
    expect(fatesOf(await send(saidBall(4)))).toEqual(['taken']);
  });
});

describe('a message', () => {
  it('with a bad ball loses that one alone, and says why', async () => {
    const lesson = await t.lesson();
    const { send } = await newBay(t, lesson);
    const fates = await send(
      saidBall(1),
      { ...saidBall(2), figures: { carry: 4000 } },
      { ...saidBall(3), figures: { carry: 'far' } },
      { figures: { carry: 100 } },
      { ...saidBall(4), hitAt: 'noon' },
      7,
      saidBall(5),
    );
    expect(fates).toEqual([
      { sequence: 1, fate: 'taken', reason: '' },
      {
        sequence: 2,
        fate: 'refused',
        reason: expect.stringContaining('outside what carry can be'),
      },
      {
        sequence: 3,
        fate: 'refused',
        reason: '“carry” is no number: leave out what is not measured.',
      },
      { sequence: null, fate: 'refused', reason: expect.stringContaining('sequence') },
      { sequence: 4, fate: 'refused', reason: expect.stringContaining('hitAt') },
      { sequence: null, fate: 'refused', reason: 'A ball is an object.' },
      { sequence: 5, fate: 'taken', reason: '' },
    ]);
    expect(await ballsIn(lesson)).toHaveLength(2);
  });

  it.each<[string, object, RegExp]>([
    ['of another version', { version: 2 }, /this server reads version 1/],
    ['of no source', { source: '' }, /name this run of numbers/],
    ['without a unit', { quantities: { carry: {} } }, /“carry” cannot be in “undefined”/],
    ['without a side', { quantities: { clubPath: { unit: 'deg' } } }, /what plus stands for/],
    ['of a strange figure', { quantities: { wobble: { unit: 'm' } } }, /“wobble” is not known/],
    ['without a list of balls', { balls: 'many' }, /balls must be an array/],
    ['of too many', { balls: Array.from({ length: 201 }, () => ({})) }, /no more than 200/],
  ])('%s is refused whole', async (_, more, why) => {
    const { post } = await newBay(t, await t.lesson());
    const { body } = await post(messageOf([saidBall(1)], more)).expect(400);
    expect(body.message).toMatch(why);
  });

  it('without balls says what is under way', async () => {
    const { post } = await newBay(t);
    const { body } = await post(messageOf([])).expect(200);
    expect(body).toEqual({
      fates: [],
      now: { bay: 'Bay 1', isOn: true, hand: null, block: null },
    });
  });
});

describe('a token', () => {
  it('is asked for, of one bay, and no more once it is ended or its bay is gone', async () => {
    const lesson = await t.lesson();
    const bay = await newBay(t, lesson);
    const message = messageOf([saidBall(1)]);
    await t.as('').post('/api/live').send(message).expect(401);
    const { body } = await bay.post(message, 'x'.repeat(32)).expect(401);
    expect(body.message).toBe('This token is of no bay: make a new one in Settings.');
    const second = await t.http().post(`/api/bays/${bay.id}/token`).expect(201);
    await bay.post(message).expect(401);
    await bay.post(message, (second.body as { token: string }).token).expect(200);
    await t.http().delete(`/api/bays/${bay.id}/token`).expect(204);
    await bay.post(message, (second.body as { token: string }).token).expect(401);
    const other = await newBay(t, lesson);
    await edit(t.http(), 'bay.remove', { id: other.id }).expect(200);
    await other.post(message).expect(401);
    expect(await ballsIn(lesson)).toHaveLength(1);
  });

  it('is made by who plans; an assistant points a bay, and neither makes nor removes one', async () => {
    const { cookie } = await join(t, 'assistant');
    const lesson = await t.lesson();
    const { id } = await newBay(t);
    const http = t.as(cookie);
    await http.post(`/api/bays/${id}/token`).expect(403);
    await edit(http, 'bay.set', { id, fields: { lessonId: lesson } }).expect(200);
    await edit(http, 'bay.remove', { id }).expect(403);
    await edit(http, 'bay.add', { fields: { name: 'Mine' } }).expect(403);
    expect((await bayOf(id)).lessonId).toBe(lesson);
    expect(JSON.stringify(await bayOf(id))).not.toContain('oken":"');
  });

  it('opens nothing else', async () => {
    const { token } = await newBay(t);
    await t.as('').get('/api/players').set('authorization', `Bearer ${token}`).expect(401);
    await t.as('').post('/api/changes').set('authorization', `Bearer ${token}`).expect(401);
  });
});

describe('balls of a bay that points at no lesson, or is held', () => {
  it('wait, and come into a lesson when they are given to it', async () => {
    const lesson = await t.lesson();
    const { id, send } = await newBay(t);
    expect(fatesOf(await send(saidBall(2, { path: 2 }), saidBall(1, { path: 1 })))).toEqual([
      'waiting',
      'waiting',
    ]);
    expect((await bayOf(id)).waiting).toBe(2);
    expect(await ballsIn(lesson)).toEqual([]);
    const { body } = await t.http().post(`/api/bays/${id}/waiting`).send({ lessonId: lesson });
    expect(body).toEqual({ taken: 2, left: 0 });
    expect((await ballsIn(lesson)).map(({ clubPathDeg }) => clubPathDeg)).toEqual([1, 2]);
    expect((await bayOf(id)).waiting).toBe(0);
    expect(fatesOf(await send(saidBall(1)))).toEqual(['known']);
  });

  it('are thrown away when that is said, and do not come again', async () => {
    const { id, send } = await newBay(t);
    await send(saidBall(1));
    await t.http().post(`/api/bays/${id}/waiting`).send({ lessonId: null }).expect(200);
    expect((await bayOf(id)).waiting).toBe(0);
    expect(fatesOf(await send(saidBall(1)))).toEqual(['known']);
  });

  it('wait while the bay is held', async () => {
    const lesson = await t.lesson();
    const { id, send } = await newBay(t, lesson);
    await edit(t.http(), 'bay.set', { id, fields: { isOn: false } }).expect(200);
    expect(fatesOf(await send(saidBall(1)))).toEqual(['waiting']);
    await edit(t.http(), 'bay.set', { id, fields: { isOn: true } }).expect(200);
    expect(fatesOf(await send(saidBall(2)))).toEqual(['taken']);
  });

  it('wait where the lesson is taken away; no bay points at another academy’s', async () => {
    const lesson = await t.lesson();
    const { id, send } = await newBay(t, lesson);
    await edit(t.http(), 'lesson.remove', { id: lesson }).expect(200);
    expect(fatesOf(await send(saidBall(1)))).toEqual(['waiting']);
    expect((await bayOf(id)).lessonId).toBeNull();
    await edit(t.http(), 'bay.set', { id, fields: { lessonId: 'nowhere' } }).expect(404);
  });
});

describe('what the first ten balls contradict', () => {
  it('is asked once; answered, all of them are read anew but what a coach has changed', async () => {
    const lesson = await t.lesson();
    const { id, send } = await newBay(t, lesson);
    const turned = (n: number) =>
      saidBall(n, { path: -5 + n / 5, face: -1 + n / 9, isTurned: true });
    for (let n = 1; n <= 9; n++) await send(turned(n));
    expect((await bayOf(id)).doubts).toEqual([]);
    await send(turned(10));
    const [doubt] = (await bayOf(id)).doubts;
    expect(doubt).toMatchObject({ kind: 'physics', headers: ['Club path (deg)'] });
    const before = await ballsIn(lesson);
    expect(before[0]!.clubPathDeg).toBeCloseTo(4.8, 9);
    await edit(t.http(), 'ball.set', { id: before[1]!.id, fields: { clubPathDeg: 0.5 } }).expect(
      200,
    );
    const { says } = doubt!.choices.find(({ isLikely }) => isLikely)!;
    await edit(t.http(), 'bay.set', { id, fields: { answers: says } }).expect(200);
    const after = await ballsIn(lesson);
    expect(after[0]!.clubPathDeg).toBeCloseTo(-4.8, 9);
    expect(after[1]!.clubPathDeg).toBe(0.5);
    expect((await bayOf(id)).doubts).toEqual([]);
    await send(turned(11));
    expect((await ballsIn(lesson))[10]!.clubPathDeg).toBeCloseTo(-2.8, 9);
    expect((await bayOf(id)).doubts).toEqual([]);
    // A wrong answer is taken back: they are read as they were said, and asked about again.
    await edit(t.http(), 'bay.set', { id, fields: { answers: null } }).expect(200);
    expect((await ballsIn(lesson))[0]!.clubPathDeg).toBeCloseTo(4.8, 9);
    await send(turned(12));
    expect((await bayOf(id)).doubts).toHaveLength(1);
  });

  it('is nothing where they are what they say', async () => {
    const { id, send } = await newBay(t, await t.lesson());
    for (let n = 1; n <= 12; n++) await send(saidBall(n, { path: -5 + n / 5, face: -1 + n / 9 }));
    expect((await bayOf(id)).doubts).toEqual([]);
  });
});

it('goes with its player when they are erased', async () => {
  const player = await t.player({ name: 'Ida Vale' });
  const lesson = await t.lesson(player);
  const { id, send } = await newBay(t, lesson);
  await send(saidBall(1));
  await t.http().post(`/api/players/${player}/erase`).send({ name: 'Ida Vale' });
  expect((await bayOf(id)).lessonId).toBeNull();
});
