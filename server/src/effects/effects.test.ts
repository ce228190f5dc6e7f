import { drillEffects, resolveContext } from '@loxos/core';
import type { LessonBall } from '@loxos/core';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { Pool } from '../threads/pool.ts';

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
    await t.http().post(`${path}/blocks`).send({ id, kind, drillId }).expect(201);
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
    await t.http().patch(`/api/balls/${ball!.id}`).send({ keep: 'out' }).expect(200);
    expect(await effectsOf(player)).toEqual(await computed(lessons));
    expect(runs.mock.calls.at(-1)![1].lessons).toHaveLength(1);
  });

  it.each<[string, (made: { lesson: string; block: string }) => Promise<unknown>]>([
    [
      'a ball deleted',
      async ({ lesson }) =>
        t
          .http()
          .delete(`/api/balls/${(await t.whole(lesson)).balls.at(-1)!.id}`)
          .expect(204),
    ],
    [
      'a ball moved to no block',
      async ({ lesson }) => {
        const ballIds = [(await t.whole(lesson)).balls.at(-1)!.id];
        const body = { ballIds, blockId: null };
        return t.http().post(`/api/lessons/${lesson}/balls/block`).send(body).expect(204);
      },
    ],
    [
      'the block of another drill',
      ({ block }) => t.http().patch(`/api/blocks/${block}`).send({ drillId: 'overhang' }),
    ],
    ['the block taken away', ({ block }) => t.http().delete(`/api/blocks/${block}`).expect(204)],
    [
      'a file taken back',
      async ({ lesson }) =>
        t
          .http()
          .delete(`/api/files/${(await t.whole(lesson)).files.at(-1)!.id}`)
          .expect(204),
    ],
    [
      'other rules',
      () =>
        t
          .http()
          .patch('/api/settings')
          .send({ changes: { 'accuracy.clubPathDeg': 2 } }),
    ],
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
