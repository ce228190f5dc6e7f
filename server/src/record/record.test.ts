import {
  dayIn,
  openRecord,
  ownZone,
  playerRecord,
  recordOfLesson,
  resolveContext,
  toldOf,
} from '@loxos/core';
import type { LessonBall, PlayerRecord, Standing, Visit } from '@loxos/core';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { Store } from '../db/store.ts';
import { ReadingsService } from '../readings/readings.service.ts';
import { sourceKey } from '../intake/source-key.ts';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import type { AcademyMoved, PlayerStandings, RecordAnswer } from './record.dto.ts';
import { RecordService } from './record.service.ts';
import { givePage, homeworkOn } from '../testing/pages.ts';
import { edit, tickAt } from '../testing/edit.ts';

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

const SOURCE = sourceKey(fileOf(0).toString().split('\n'));

/** A lesson on a day, with a file of nine balls. */
async function visit(playerId: string, startsAt: string, pathDeg: number, club?: string) {
  const made = await edit(t.http(), 'lesson.add', { fields: { playerId, startsAt } }).expect(200);
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
      const [kind, drillId] = [block?.kind ?? null, block?.drillId ?? null];
      return { ...ball, block: kind, drillId, source: SOURCE } as LessonBall;
    });
    visits.push({
      lessonId,
      at: startsAt,
      day: dayIn(startsAt, ownZone()),
      balls: openRecord(recordOfLesson(read, resolved)),
    });
  }
  const record = playerRecord(visits, { context: resolved, wanted: null, effects: [] });
  return JSON.parse(JSON.stringify(record)) as PlayerRecord;
}

describe('a player’s record', () => {
  it('is that of the balls as they are now, whatever was changed since they were read', async () => {
    const { player, lessons } = await season(6);
    expect((await asked(player)).record).toEqual(await computed(lessons));
    const [ball] = (await t.whole(lessons[2]!)).balls;
    await edit(t.http(), 'ball.set', { id: ball!.id, fields: { keep: 'out' } }).expect(200);
    expect((await asked(player)).record).toEqual(await computed(lessons));
    await edit(t.http(), 'lesson.remove', { id: lessons[0] }).expect(200);
    expect((await asked(player)).record).toEqual(await computed(lessons.slice(1)));
    const changes = { 'bands.pathAcceptableDeg': 4 };
    await edit(t.http(), 'setting.set', { fields: changes }).expect(200);
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
    await edit(t.http(), 'player.set', { id: player, fields: { wanted } }).expect(200);
    expect((await asked(player)).record!.wanted).toMatchObject({ shape: 'fade' });
    const { body } = await t.http().get(`/api/players/${player}/record?kind=putter`).expect(400);
    expect(JSON.stringify(body)).toContain('kind: choose one of driver');
  });

  it('is of a period, and parted on a day, where that is asked for', async () => {
    const { player } = await season(6);
    const late = (await asked(player, `?from=${dayOf(2).slice(0, 10)}&to=${dayOf(4).slice(0, 10)}`))
      .record!;
    expect(late.visits.map(({ at }) => at)).toEqual([2, 3, 4].map(dayOf));
    const parted = (await asked(player, `?parted=${dayOf(1).slice(0, 10)}`)).record!;
    expect(parted.periods.map(({ from, to }) => [from, to])).toEqual([
      [0, 1],
      [1, 6],
    ]);
    expect((await asked(player, '?to=2020-01-01')).record).toBeNull();
    await t.http().get(`/api/players/${player}/record?from=soon`).expect(400);
  });

  it('knows which source wrote each visit’s figures down', async () => {
    const { player, lessons } = await season(2);
    const other =
      'Club;Face to target;Club path;Carry distance (m)\n7 iron;1;2;140\n7 iron;1;2;141\n7 iron;2;2;142\n';
    const made = await edit(t.http(), 'lesson.add', {
      fields: { playerId: player, startsAt: dayOf(3) },
    });
    const id = (made.body as { id: string }).id;
    await t
      .http()
      .post(`/api/lessons/${id}/files`)
      .attach('file', Buffer.from(other), 'b.csv')
      .expect(200);
    const { visits } = (await asked(player)).record!;
    expect(visits).toHaveLength(3);
    expect(visits[0]!.source).toBe(SOURCE);
    expect(visits[1]!.source).toBe(SOURCE);
    expect(visits[2]!.source).not.toBe(SOURCE);
    expect(lessons).toHaveLength(2);
  });

  it('is none before the first ball, and of nobody there is none', async () => {
    const player = await t.player();
    await t.lesson(player);
    expect(await asked(player)).toEqual({ record: null, stations: [], homework: [] });
    await t.http().get('/api/players/nobody/record').expect(404);
  });
});

let scope: { readonly academyId: string; readonly userId: null; readonly role: 'coach' };
beforeAll(async () => {
  const academy = await t.app.get(Store).read((db) => t.app.get(AccountsRepository).first(db));
  scope = { academyId: academy!.id, userId: null, role: 'coach' };
});

/** Brings readings and standings up to date, as the server does behind everything else. */
async function catchUp(): Promise<void> {
  for (const part of [t.app.get(ReadingsService), t.app.get(RecordService)])
    while ((await part.catchUp(scope)) > 0);
}

describe('where everybody stands', () => {
  const standingOf = async (player: string): Promise<Standing[] | undefined> => {
    const { body } = await t.http().get('/api/standings').expect(200);
    return (body as PlayerStandings[]).find(({ playerId }) => playerId === player)?.standings;
  };

  it('is kept, and made anew when balls, lessons or wishes are others since', async () => {
    const { player, lessons } = await season(6);
    expect(await standingOf(player)).toBeUndefined();
    await catchUp();
    const same = async (): Promise<void> => {
      await catchUp();
      const { record } = await asked(player);
      const told = toldOf(record!.followed)!;
      expect((await standingOf(player))![0]).toMatchObject({
        kind: 'iron',
        visits: record!.visits.length,
        figure: told.figure,
        now: {
          value: expect.closeTo(told.now!.value, 2),
          half95: expect.closeTo(told.now!.half95, 2),
          state: told.now!.state,
        },
        target: {
          wanted: expect.closeTo(told.target!.wanted, 2),
          window: expect.closeTo(told.target!.window, 2),
        },
        lastDay: record!.visits.at(-1)!.day,
      });
    };
    await same();
    const [ball] = (await t.whole(lessons[5]!)).balls;
    await edit(t.http(), 'ball.set', { id: ball!.id, fields: { keep: 'out' } }).expect(200);
    await same();
    await edit(t.http(), 'lesson.remove', { id: lessons[5] }).expect(200);
    await same();
    await edit(t.http(), 'lesson.restore', { id: lessons[5] }).expect(200);
    await same();
    await edit(t.http(), 'lesson.set', { id: lessons[5], fields: { startsAt: dayOf(20) } }).expect(
      200,
    );
    await same();
    const wanted = { all: { shape: 'draw' } };
    await edit(t.http(), 'player.set', { id: player, fields: { wanted } }).expect(200);
    await same();
    expect(await t.app.get(RecordService).catchUp(scope)).toBe(0);
  });

  it('is made of readings that are up to date, or left', async () => {
    const { player, lessons } = await season(3);
    await catchUp();
    const before = await standingOf(player);
    await edit(t.http(), 'ball.add', { of: lessons[0], fields: { carryM: 120 } }).expect(200);
    // Its lesson is not read again yet.
    expect(await t.app.get(RecordService).catchUp(scope)).toBe(0);
    expect(await standingOf(player)).toEqual(before);
    await catchUp();
    expect(await t.app.get(RecordService).catchUp(scope)).toBe(0);
  });

  it('says who drifted in the last visit', async () => {
    const player = await t.player();
    for (let week = 0; week < 5; week++) await visit(player, dayOf(week), 0);
    await visit(player, dayOf(5), -7);
    await catchUp();
    const [standing] = (await standingOf(player))!;
    expect(standing!.drifted).toMatchObject({ drift: { state: 'away' } });
    expect(standing!.points).toHaveLength(6);
    const since = async (day: string): Promise<string[]> => {
      const { body } = await t.http().get(`/api/standings?since=${day}`).expect(200);
      return (body as PlayerStandings[]).map(({ playerId }) => playerId);
    };
    expect(await since('2026-02-01')).toContain(player);
    expect(await since('2026-03-01')).not.toContain(player);
    await t.http().get('/api/standings?since=lately').expect(400);
    await edit(t.http(), 'player.remove', { id: player }).expect(200);
    expect(await standingOf(player)).toBeUndefined();
  });
});

describe('what drills moved over all', () => {
  it('is that of everybody’s kept lessons, a player once', async () => {
    const lessonWith = async (player: string): Promise<void> => {
      const lesson = await t.lesson(player);
      const path = `/api/lessons/${lesson}`;
      const hit = async (kind: string, pathDeg: number, drillId?: string): Promise<void> => {
        const id = crypto.randomUUID();
        await edit(t.http(), 'block.add', { id, of: lesson, fields: { kind, drillId } }).expect(
          200,
        );
        await t
          .http()
          .post(`${path}/files`)
          .attach('file', fileOf(pathDeg), `${pathDeg}.csv`)
          .expect(200);
      };
      await hit('baseline', -6);
      await hit('drill', -2, 'over-all');
    };
    for (const player of [await t.player(), await t.player()]) {
      await lessonWith(player);
      await lessonWith(player);
    }
    await catchUp();
    const { body } = await t.http().get('/api/moved?kind=iron').expect(200);
    const { moved } = body as AcademyMoved;
    expect(moved[0]).toMatchObject({ drillId: 'over-all', figure: 'clubPathDeg', players: 2 });
    expect(moved[0]!.pooled.value).toBeCloseTo(4, 1);
    await t.http().get('/api/moved').expect(400);
    await t.http().get('/api/moved?kind=putter').expect(400);
  });
});

describe('beside it', () => {
  it('stand the repetitions day by day, a lesson’s on its own day', async () => {
    const player = await t.player();
    const lesson = await visit(player, dayOf(0), -4);
    const log = (good: boolean, doseStep?: number) =>
      edit(t.http(), 'repetition.add', {
        of: lesson,
        fields: { id: crypto.randomUUID(), drillId: 'rails', good, doseStep },
      }).expect(200);
    await log(true);
    await log(true, 1);
    await log(false, 2);
    expect((await asked(player)).stations).toEqual([
      { drillId: 'rails', date: dayOf(0).slice(0, 10), good: 2, of: 3, doseStep: 2, isHome: false },
    ]);
  });

  it('stand the days on which the homework was done', async () => {
    const player = await t.player();
    const lesson = await visit(player, dayOf(0), -4);
    const homework = homeworkOn('2026-01-08', '2026-01-11');
    const given = await givePage(t.http(), lesson, { homework, nextLook: '2026-02-01' });
    const { token } = given.body as { token: string };
    const tick = (date: string, done: boolean) =>
      tickAt(t.http(), token, { date, done }).expect(200);
    await tick('2026-01-11', true);
    await tick('2026-01-08', true);
    await tick('2026-01-08', false);
    expect((await asked(player)).homework).toEqual([
      { date: '2026-01-08', isDone: false },
      { date: '2026-01-11', isDone: true },
    ]);
    // Of a period only its days.
    expect((await asked(player, '?from=2026-01-09')).homework).toHaveLength(1);
  });
});
