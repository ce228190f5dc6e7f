import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';
import { drizzle } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { startTestApp } from '../testing/app.ts';
import { edit } from '../testing/edit.ts';
import { MIGRATION_TAGS, migrationsUntil, oldDatabase } from '../testing/old-database.ts';

describe('a database from before routes', () => {
  it('keeps its people, and turns the rules of what comes first into routes', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'loxos-old-'));
    const client = createClient({ url: pathToFileURL(join(folder, 'loxos.db')).href });
    await migrate(drizzle(client), { migrationsFolder: migrationsUntil('0004_seen') });
    const at = '2026-01-01T00:00:00.000Z';
    const work = JSON.stringify({
      school: 'relationship-first',
      target: null,
      drillIds: ['rails'],
    });
    await client.batch([
      { sql: 'insert into academy values (?, ?, ?)', args: ['a', 'Old', at] },
      {
        sql: "insert into player (id, academy_id, name, hand, length_unit, speed_unit, angle_style, created_at, updated_at) values ('p', 'a', 'Ada', 'right', 'm', 'mph', 'letters', ?, ?)",
        args: [at, at],
      },
      {
        sql: "insert into lesson (id, academy_id, player_id, starts_at, created_at, updated_at) values ('l', 'a', 'p', ?, ?, ?)",
        args: [at, at, at],
      },
      {
        sql: "insert into lesson_part (id, academy_id, lesson_id, part, value, updated_at, updated_by) values ('w', 'a', 'l', 'work', ?, ?, 'coach')",
        args: [work, at],
      },
      {
        sql: "insert into lesson_part (id, academy_id, lesson_id, part, value, updated_at, updated_by) values ('s', 'a', 'l', 'setup', ?, ?, 'coach')",
        args: [JSON.stringify({ target: 'oak', camera: ['At hand height'] }), at],
      },
      {
        sql: "insert into setting (academy_id, naming, bands, first_school, updated_at) values ('a', 'start-and-bend', '{}', 'face-first', ?)",
        args: [at],
      },
    ]);
    const ball = (id: string, ordinal: number, block: string | null, drillId: string | null) => ({
      sql: "insert into ball (id, academy_id, lesson_id, ordinal, keep, block, drill_id, created_at, updated_at) values (?, 'a', 'l', ?, 'auto', ?, ?, ?, ?)",
      args: [id, ordinal, block, drillId, at, at],
    });
    await client.batch([
      ball('b1', 1, 'baseline', null),
      ball('b2', 2, 'baseline', null),
      ball('b3', 3, null, null),
      ball('b4', 4, 'drill', 'rails'),
      ball('b5', 5, 'baseline', null),
    ]);
    client.close();
    const t = await startTestApp(folder);
    const settings = await t.http().get('/api/settings').expect(200);
    expect(settings.body).toMatchObject({ firstRoute: 'face-then-path' });
    expect(settings.body.bands.pathNeutralDeg).toBe(1);
    const { body: player } = await t.http().get('/api/players/p').expect(200);
    expect(player).toMatchObject({ name: 'Ada', wanted: { all: { shape: 'straight' } } });
    const lesson = await t.whole('l');
    const value = (name: string): unknown => lesson.parts.find(({ part }) => part === name)?.value;
    expect(value('work')).toEqual({ route: 'gap-first', drillIds: ['rails'] });
    // Where the film is taken from is one answer; what was only half set up is elsewhere.
    expect(value('setup')).toEqual({ target: 'oak', camera: 'elsewhere' });
    // Runs of one tag have become blocks, in the order hit.
    expect(lesson.blocks.map(({ kind, drillId }) => [kind, drillId])).toEqual([
      ['baseline', null],
      ['drill', 'rails'],
      ['baseline', null],
    ]);
    const [first, second, third] = lesson.blocks.map(({ id }) => id);
    expect(lesson.balls.map(({ blockId }) => blockId)).toEqual([first, first, null, second, third]);
    // The old one can be had as it was.
    expect(
      readdirSync(join(folder, 'backups')).some((name) => name.includes('before-update')),
    ).toBe(true);
    await t.close();
    rmSync(folder, { recursive: true, force: true });
  });
});

describe('a database of any earlier version', () => {
  it.each(MIGRATION_TAGS.slice(0, -1))(
    'as %s left it is opened with all that was in it',
    async (tag) => {
      const folder = await oldDatabase(tag);
      const t = await startTestApp(folder);
      const lesson = await t.whole('lesson');
      expect(lesson).toMatchObject({ player: { name: 'Ada Reed', hand: 'left' }, ballCount: 1 });
      expect(lesson.balls).toMatchObject([{ carryM: 123, version: 1 }]);
      expect(lesson.files).toHaveLength(1);
      for (const path of ['players', 'lessons', 'drills', 'settings', 'lessons/lesson/history'])
        await t.http().get(`/api/${path}`).expect(200);
      // It can be written to, and taking the file back takes its ball.
      await edit(t.http(), 'lesson.set', { id: 'lesson', fields: { asked: 'Lower' } }).expect(200);
      await edit(t.http(), 'file.remove', { id: 'launch_file' }).expect(200);
      expect(await t.whole('lesson')).toMatchObject({ balls: [], ballCount: 0 });
      await t.close();
      rmSync(folder, { recursive: true, force: true });
    },
  );
});

describe('a database whose rows were counted once', () => {
  it('has them counted anew after an update: a table that was rebuilt would be searched the wrong way round', async () => {
    const folder = await oldDatabase(MIGRATION_TAGS[20]!);
    const url = pathToFileURL(join(folder, 'loxos.db')).href;
    const counted = async (sql: string): Promise<unknown[]> => {
      const client = createClient({ url });
      const { rows } = await client.execute(sql);
      client.close();
      return rows;
    };
    await counted('ANALYZE');
    const t = await startTestApp(folder);
    expect(
      await counted("select idx from sqlite_stat1 where tbl = 'shared_page'"),
    ).not.toHaveLength(0);
    await t.close();
    rmSync(folder, { recursive: true, force: true });
  });
});

describe('a record of doors from before new browsers had a field', () => {
  it('keeps which sign-ins were from one, and says it once', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'loxos-old-'));
    const client = createClient({ url: pathToFileURL(join(folder, 'loxos.db')).href });
    await migrate(drizzle(client), { migrationsFolder: migrationsUntil('0030_privacy') });
    const at = new Date().toISOString();
    const event = (id: string, kind: string, detail: string) => ({
      sql: "insert into door_event (id, academy_id, kind, at, last_at, times, who, address, device, detail) values (?, 'a', ?, ?, ?, 1, 'Ada', '', '', ?)",
      args: [id, kind, at, at, detail],
    });
    await client.batch([
      { sql: "insert into academy (id, name, created_at) values ('a', 'Old', ?)", args: [at] },
      event('new', 'signed-in', 'with a password, in a new browser'),
      event('known', 'signed-in', 'with a password'),
      event('told', 'invited', 'Kit, in a new browser'),
    ]);
    client.close();
    const t = await startTestApp(folder);
    const { body } = await t.http().get('/api/doors').expect(200);
    const told = Object.fromEntries(
      (body.events as { id: string; detail: string; isNewBrowser: boolean }[]).map(
        ({ id, detail, isNewBrowser }) => [id, [detail, isNewBrowser]],
      ),
    );
    expect(told).toMatchObject({
      new: ['with a password', true],
      known: ['with a password', false],
      told: ['Kit, in a new browser', false],
    });
    await t.close();
  });
});
