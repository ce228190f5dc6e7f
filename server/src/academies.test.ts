import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';
import { startTestApp } from './testing/app.ts';
import type { TestApp } from './testing/app.ts';
import { edit } from './testing/edit.ts';

/** Rows of another academy in the same store are as good as not there. */
describe('another academy’s rows', () => {
  const folder = mkdtempSync(join(tmpdir(), 'loxos-two-'));
  let t: TestApp;
  beforeAll(async () => {
    t = await startTestApp(folder);
    const client = createClient({ url: pathToFileURL(join(folder, 'loxos.db')).href });
    const at = '2999-01-01T00:00:00.000Z';
    await client.batch([
      {
        sql: 'insert into academy (id, name, created_at) values (?, ?, ?)',
        args: ['other', 'Other', at],
      },
      {
        sql: "insert into player (id, academy_id, name, hand, length_unit, speed_unit, angle_style, created_at, updated_at) values ('their-player', 'other', 'Stranger', 'right', 'm', 'mph', 'letters', ?, ?)",
        args: [at, at],
      },
      {
        sql: "insert into lesson (id, academy_id, player_id, starts_at, created_at, updated_at) values ('their-lesson', 'other', 'their-player', ?, ?, ?)",
        args: [at, at, at],
      },
    ]);
    client.close();
  });
  afterAll(async () => {
    await t.close();
    rmSync(folder, { recursive: true, force: true });
  });

  it.each([
    '/api/players/their-player',
    '/api/players/their-player/effects',
    '/api/players/their-player/history',
    '/api/lessons/their-lesson',
    '/api/lessons/their-lesson/history',
    '/api/lessons/their-lesson/balls.csv',
  ])('%s is not found', async (path) => {
    await t.http().get(path).expect(404);
  });

  it('are in no list', async () => {
    expect((await t.http().get('/api/players')).body).toEqual([]);
    expect((await t.http().get('/api/lessons')).body).toEqual([]);
  });

  it('cannot be written to', async () => {
    await edit(t.http(), 'player.set', { id: 'their-player', fields: { aims: 'x' } }).expect(404);
    await edit(t.http(), 'ball.add', { of: 'their-lesson', fields: { carryM: 100 } }).expect(404);
    const fields = { 'observations.chest': 1 };
    await edit(t.http(), 'part.set', { id: 'their-lesson.causes', fields }).expect(404);
    await t
      .http()
      .post('/api/lessons/their-lesson/files')
      .attach('file', Buffer.from('Face\n1\n'), 'a.csv')
      .expect(404);
  });
});
