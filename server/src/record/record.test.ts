import { openRecord, playerRecord, recordOfLesson, resolveContext } from '@loxos/core';
import type { LessonBall, PlayerRecord, Visit } from '@loxos/core';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import type { RecordAnswer } from './record.dto.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const fileOf = (pathDeg: number, club = '7 iron'): Buffer =>
  Buffer.from(
    `Club,Face angle (deg),Club path (deg),Carry (m)\n${Array.from(
      { length: 9 },
      (_, n) => `${club},${(n % 4) / 2},${pathDeg + (n % 3) / 2},${140 + n}`,
    ).join('\n')}\n`,
  );

/** A lesson on a day, with a file of nine balls. */
async function visit(playerId: string, startsAt: string, pathDeg: number, club?: string) {
  const made = await t.http().post('/api/lessons').send({ playerId, startsAt }).expect(201);
  const { id } = made.body as { id: string };
  await t
    .http()
    .post(`/api/lessons/${id}/files`)
    .attach('file', fileOf(pathDeg, club), `${startsAt.slice(0, 10)}.csv`)
    .expect(200);
  return id;
}
const dayOf = (week: number): string => new Date(Date.UTC(2026, 0, 5 + 7 * week, 10)).toISOString();

async function season(weeks: number): Promise<{ player: string; lessons: string[] }> {
  const player = await t.player();
  const lessons: string[] = [];
  for (let week = 0; week < weeks; week++)
    lessons.push(await visit(player, dayOf(week), week < weeks / 2 ? -6 : 0));
  return { player, lessons };
}

const asked = async (player: string, query = ''): Promise<RecordAnswer> =>
  (await t.http().get(`/api/players/${player}/record${query}`).expect(200)).body as RecordAnswer;

/** The same from what the lessons hold now, with nothing kept. */
async function computed(lessons: readonly string[], context: object = {}): Promise<PlayerRecord> {
  const resolved = resolveContext({ hand: 'right', ...context });
  const visits: Visit[] = [];
  for (const lessonId of lessons) {
    const { balls, blocks, startsAt } = await t.whole(lessonId);
    if (balls.length === 0) continue;
    const read = balls.map((ball): LessonBall => {
      const block = blocks.find((one) => one.id === ball.blockId);
      return { ...ball, block: block?.kind ?? null, drillId: block?.drillId ?? null } as LessonBall;
    });
    visits.push({ lessonId, at: startsAt, balls: openRecord(recordOfLesson(read, resolved)) });
  }
  const record = playerRecord(visits, { context: resolved, wanted: null, effects: [] });
  return JSON.parse(JSON.stringify(record)) as PlayerRecord;
}

describe('a player’s record', () => {
  it('is that of the balls as they are now, whatever was changed since they were read', async () => {
    const { player, lessons } = await season(6);
    expect((await asked(player)).record).toEqual(await computed(lessons));
    const [ball] = (await t.whole(lessons[2]!)).balls;
    await t.http().patch(`/api/balls/${ball!.id}`).send({ keep: 'out' }).expect(200);
    expect((await asked(player)).record).toEqual(await computed(lessons));
    await t.http().delete(`/api/lessons/${lessons[0]}`).expect(204);
    expect((await asked(player)).record).toEqual(await computed(lessons.slice(1)));
    const changes = { 'bands.pathAcceptableDeg': 4 };
    await t.http().patch('/api/settings').send({ changes }).expect(200);
    const { bands } = (await t.http().get('/api/settings')).body as { bands: object };
    const wider = (await asked(player)).record!;
    expect(wider).toEqual(await computed(lessons.slice(1), { bands }));
    expect(wider.followed.find(({ figure }) => figure === 'clubPathDeg')!.target!.window).toBe(4);
  });

  it('is of the kind of club asked for, and of what the player wants', async () => {
    const { player } = await season(2);
    await visit(player, dayOf(3), -3, 'driver');
    expect((await asked(player)).record).toMatchObject({ kind: 'iron', kinds: ['iron', 'driver'] });
    expect((await asked(player, '?kind=driver')).record).toMatchObject({ kind: 'driver' });
    const wanted = { all: { shape: 'fade' } };
    await t.http().patch(`/api/players/${player}`).send({ wanted }).expect(200);
    expect((await asked(player)).record!.wanted).toMatchObject({ shape: 'fade' });
    const { body } = await t.http().get(`/api/players/${player}/record?kind=putter`).expect(400);
    expect(JSON.stringify(body)).toContain('kind: choose one of driver');
  });

  it('is none before the first ball, and of nobody there is none', async () => {
    const player = await t.player();
    await t.lesson(player);
    expect(await asked(player)).toEqual({ record: null, stations: [], homework: [] });
    await t.http().get('/api/players/nobody/record').expect(404);
  });
});

describe('beside it', () => {
  it('stand the repetitions day by day, a lesson’s on its own day', async () => {
    const player = await t.player();
    const lesson = await visit(player, dayOf(0), -4);
    const log = (good: boolean) =>
      t
        .http()
        .post(`/api/lessons/${lesson}/repetitions`)
        .send({ id: crypto.randomUUID(), drillId: 'rails', good })
        .expect(201);
    await log(true);
    await log(true);
    await log(false);
    expect((await asked(player)).stations).toEqual([
      { drillId: 'rails', date: dayOf(0).slice(0, 10), good: 2, of: 3, isHome: false },
    ]);
  });

  it('stand the days on which the homework was done', async () => {
    const player = await t.player();
    const lesson = await visit(player, dayOf(0), -4);
    const content = {
      points: ['x'],
      numbers: [],
      slants: [],
      stations: [],
      homework: ['2026-01-08', '2026-01-11'].map((date) => ({ date, what: 'rails' })),
      nextLook: '2026-02-01',
      words: null,
    };
    const given = await t
      .http()
      .post(`/api/lessons/${lesson}/pages`)
      .send({ content, days: 9 })
      .expect(201);
    const { token } = given.body as { token: string };
    const tick = (date: string, done: boolean) =>
      t.http().post(`/api/p/${token}/ticks`).send({ date, done }).expect(204);
    await tick('2026-01-11', true);
    await tick('2026-01-08', true);
    await tick('2026-01-08', false);
    expect((await asked(player)).homework).toEqual(['2026-01-11']);
  });
});
