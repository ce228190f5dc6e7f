import { RECORD_LAYOUT, drillEffects, recordOfLesson, resolveContext } from '@loxos/core';
import type { LessonBall } from '@loxos/core';
import { eq } from 'drizzle-orm';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { lessonReading } from '../db/schema/index.ts';
import { Store } from '../db/store.ts';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { Pool } from '../threads/pool.ts';
import { CatchUp } from '../record/catch-up.ts';
import { ReadingsRepository } from './readings.repository.ts';
import { ReadingsService } from './readings.service.ts';
import { edit, putInto } from '../testing/edit.ts';

let t: TestApp;
let runs: jest.SpyInstance;
beforeAll(async () => {
  t = await startTestApp();
  runs = jest.spyOn(t.app.get(Pool), 'run');
});
afterAll(() => t.close());
beforeEach(() => runs.mockClear());

const fileOf = (pathDeg: number): string =>
  `Club,Face angle (deg),Club path (deg),Carry (m)\n${Array.from(
    { length: 8 },
    (_, n) => `7 iron,${n / 10},${pathDeg + (n % 3) / 2},140`,
  ).join('\n')}\n`;

/** A lesson with a baseline and a drill block; ids of its balls and of the drill's block. */
async function drilled(playerId: string) {
  const lesson = await t.lesson(playerId);
  const path = `/api/lessons/${lesson}`;
  const begin = async (kind: string, drillId?: string): Promise<string> => {
    const id = crypto.randomUUID();
    await edit(t.http(), 'block.add', { id, of: lesson, fields: { kind, drillId } }).expect(200);
    return id;
  };
  const drop = (pathDeg: number) =>
    t
      .http()
      .post(`${path}/files`)
      .attach('file', Buffer.from(fileOf(pathDeg)), `${pathDeg}.csv`);
  await begin('baseline');
  await drop(-6).expect(200);
  const block = await begin('drill', 'rails');
  await drop(-2).expect(200);
  return { lesson, block };
}

const effectsOf = async (playerId: string): Promise<object[]> =>
  (await t.http().get(`/api/players/${playerId}/effects`).expect(200)).body as object[];

/** The same from what the lesson holds now, with nothing kept. */
async function computed(lessonIds: readonly string[], context: object = {}): Promise<object[]> {
  const all: object[] = [];
  for (const id of lessonIds) {
    const { balls, blocks } = await t.whole(id);
    const read = balls.map((ball): LessonBall => {
      const block = blocks.find((one) => one.id === ball.blockId);
      return { ...ball, block: block?.kind ?? null, drillId: block?.drillId ?? null } as LessonBall;
    });
    all.push(...drillEffects(read, resolveContext({ hand: 'right', ...context })));
  }
  return JSON.parse(JSON.stringify(all)) as object[];
}

describe('what drills moved', () => {
  it('is kept, and computed anew for the lesson that changed and no other', async () => {
    const player = await t.player();
    const [first, second] = [await drilled(player), await drilled(player)];
    const lessons = [first.lesson, second.lesson];
    expect(await effectsOf(player)).toEqual(await computed(lessons));
    expect(runs).toHaveBeenCalledTimes(1);
    await effectsOf(player);
    expect(runs).toHaveBeenCalledTimes(1);
    const [ball] = (await t.whole(second.lesson)).balls.slice(-1);
    await edit(t.http(), 'ball.set', { id: ball!.id, fields: { keep: 'out' } }).expect(200);
    expect(await effectsOf(player)).toEqual(await computed(lessons));
    expect(runs.mock.calls.at(-1)![1].lessonIds).toHaveLength(1);
  });

  it.each<[string, (made: { lesson: string; block: string }) => Promise<unknown>]>([
    [
      'a ball deleted',
      async ({ lesson }) =>
        edit(t.http(), 'ball.remove', { id: (await t.whole(lesson)).balls.at(-1)!.id }).expect(200),
    ],
    [
      'a ball moved to no block',
      async ({ lesson }) => {
        const ballIds = [(await t.whole(lesson)).balls.at(-1)!.id];
        const body = { ballIds, blockId: null };
        return putInto(t.http(), lesson, body).expect(200);
      },
    ],
    [
      'the block of another drill',
      ({ block }) => edit(t.http(), 'block.set', { id: block, fields: { drillId: 'overhang' } }),
    ],
    [
      'the block taken away',
      ({ block }) => edit(t.http(), 'block.remove', { id: block }).expect(200),
    ],
    [
      'a file taken back',
      async ({ lesson }) =>
        edit(t.http(), 'file.remove', { id: (await t.whole(lesson)).files.at(-1)!.id }).expect(200),
    ],
    ['other rules', () => edit(t.http(), 'setting.set', { fields: { 'accuracy.clubPathDeg': 2 } })],
  ])('is never out of date: %s', async (_, change) => {
    const player = await t.player();
    const made = await drilled(player);
    await effectsOf(player);
    await change(made);
    const { bands, naming, accuracy } = (await t.http().get('/api/settings')).body;
    const wanted = await computed([made.lesson], { bands, naming, accuracy });
    expect(await effectsOf(player)).toEqual(wanted);
  });

  it('is nothing of a lesson without a drill, nor of a player who is not there', async () => {
    const player = await t.player();
    await t.lesson(player);
    expect(await effectsOf(player)).toEqual([]);
    expect(runs).not.toHaveBeenCalled();
    await t.http().get(`/api/players/${crypto.randomUUID()}/effects`).expect(404);
  });
});

/** What is kept of a lesson, and what its balls read anew come to. */
async function keptOf(lessonId: string, hand: 'right' | 'left' = 'right') {
  const store = t.app.get(Store);
  const repository = t.app.get(ReadingsRepository);
  const { id: academyId } = (await store.read((db) => t.app.get(AccountsRepository).first(db)))!;
  const scope = { academyId, userId: null, role: 'coach' } as const;
  const [[row], balls] = await store.read(async (db) => [
    await db.select().from(lessonReading).where(eq(lessonReading.lessonId, lessonId)),
    await repository.balls(scope, db, lessonId),
  ]);
  const { bands, naming, accuracy } = (await t.http().get('/api/settings')).body;
  const anew = recordOfLesson(balls, resolveContext({ hand, bands, naming, accuracy }));
  return { scope, row, anew };
}

async function expectUpToDate(lessonId: string, hand: 'right' | 'left' = 'right'): Promise<void> {
  const { row, anew } = await keptOf(lessonId, hand);
  expect(row).toBeDefined();
  expect(row!.count).toBe(anew.count);
  expect(Buffer.compare(row!.columns, Buffer.from(anew.columns))).toBe(0);
  expect(JSON.parse(row!.about)).toEqual({
    v: RECORD_LAYOUT,
    clubs: anew.clubs,
    blocks: anew.blocks,
    sources: anew.sources,
  });
  expect(JSON.parse(row!.effects)).toEqual(JSON.parse(JSON.stringify(anew.effects)));
}

async function catchUp(): Promise<void> {
  const { scope } = await keptOf('any');
  while ((await t.app.get(ReadingsService).catchUp(scope)) > 0);
}

/** Waits for something that comes by itself. */
async function until(is: () => Promise<boolean>): Promise<void> {
  while (!(await is())) await new Promise((resolve) => setTimeout(resolve, 100));
}

describe('readings kept of lessons', () => {
  it('are those that the balls give when they are read anew, whatever was done to them', async () => {
    const player = await t.player();
    const lefty = await t.player({ name: 'Lou Fenn', hand: 'left' });
    const [{ lesson, block }, left] = [await drilled(player), await drilled(lefty)];
    // A left-hander's file asks what plus means first: these are tapped in.
    for (const startDirectionDeg of [-3, 2])
      await edit(t.http(), 'ball.add', {
        of: left.lesson,
        fields: { startDirectionDeg, curveM: 9, carryM: 120, club: '7-iron', seen: 'eye' },
      }).expect(200);
    await catchUp();
    await expectUpToDate(lesson);
    await expectUpToDate(left.lesson, 'left');
    const ball = async () => (await t.whole(lesson)).balls.at(-1)!.id;
    const setLast = async (fields: object) =>
      edit(t.http(), 'ball.set', { id: await ball(), fields }).expect(200);
    const setRules = (fields: object) => edit(t.http(), 'setting.set', { id: 'academy', fields });
    const changes: (() => Promise<unknown>)[] = [
      () => setLast({ keep: 'out' }),
      () => setLast({ clubPathDeg: 7 }),
      async () => edit(t.http(), 'ball.remove', { id: await ball() }),
      () => edit(t.http(), 'block.set', { id: block, fields: { drillId: 'overhang' } }),
      () => edit(t.http(), 'ball.add', { of: lesson, fields: { carryM: 90, club: '7-iron' } }),
      () => setRules({ 'bands.pathNeutralDeg': 1.5 }),
      () => setRules({ 'accuracy.faceAngleDeg': 0.4 }),
      () => edit(t.http(), 'block.remove', { id: block }),
      async () => edit(t.http(), 'file.remove', { id: (await t.whole(lesson)).files[0]!.id }),
    ];
    for (const change of changes) {
      await change();
      await catchUp();
      await expectUpToDate(lesson);
      await expectUpToDate(left.lesson, 'left');
    }
  });

  it('follow a player who turns out to play with the other hand', async () => {
    const player = await t.player();
    const { lesson } = await drilled(player);
    await catchUp();
    await edit(t.http(), 'player.set', { id: player, fields: { hand: 'left' } }).expect(200);
    await catchUp();
    await expectUpToDate(lesson, 'left');
  });

  it('are read anew where another model read them', async () => {
    const { lesson } = await drilled(await t.player());
    await catchUp();
    const store = t.app.get(Store);
    await store.write((tx) =>
      tx.update(lessonReading).set({ stamp: '1.old.model', columns: Buffer.alloc(0) }),
    );
    await catchUp();
    await expectUpToDate(lesson);
  });

  it('come by themselves, while people work', async () => {
    const { lesson } = await drilled(await t.player());
    const count = async () => (await keptOf(lesson)).row?.count;
    t.app.get(CatchUp).start();
    await until(async () => (await count()) === 16);
    await edit(t.http(), 'ball.add', { of: lesson, fields: { carryM: 100 } }).expect(200);
    await until(async () => (await count()) === 17);
    await expectUpToDate(lesson);
  });
});
