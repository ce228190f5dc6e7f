/** An academy whose database stands on a libSQL server, by the server's address. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PLAIN_FILE, startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { startLibsqlServer } from '../testing/libsql-server.ts';
import type { HistoryEntry } from '../changes/past.dto.ts';
import { edit, putBack } from '../testing/edit.ts';

const folder = mkdtempSync(join(tmpdir(), 'loxos-remote-'));
let server: Awaited<ReturnType<typeof startLibsqlServer>>;
let t: TestApp;
beforeAll(async () => {
  server = await startLibsqlServer(join(folder, 'far.db'), 'the-token');
  t = await startTestApp(undefined, { databaseUrl: server.url, databaseToken: 'the-token' });
});
afterAll(async () => {
  await t.close();
  await server.close();
  rmSync(folder, { recursive: true, force: true });
});

it('founds, writes, reads and undoes there as on its own disk', async () => {
  const lesson = await t.lesson(await t.player({ name: 'Far Reed' }));
  await t
    .http()
    .post(`/api/lessons/${lesson}/files`)
    .attach('file', Buffer.from(PLAIN_FILE), 'a.csv')
    .expect(200);
  await edit(t.http(), 'part.set', { id: `${lesson}.setup`, fields: { target: 'the oak' } }).expect(
    200,
  );
  const { body } = await t.http().get(`/api/lessons/${lesson}/history`).expect(200);
  await putBack(t.http(), (body as HistoryEntry[])[0]!).expect(200);
  const found = await t.whole(lesson);
  expect(found).toMatchObject({ player: { name: 'Far Reed' }, parts: [{ value: {} }] });
  expect(found.balls).toHaveLength(2);
});

it('leaves nothing of a change that fails, there either', async () => {
  const id = crypto.randomUUID();
  const lesson = await t.lesson();
  const other = await t.lesson();
  await edit(t.http(), 'ball.add', { of: other, fields: { id, carryM: 100 } }).expect(200);
  const again = await edit(t.http(), 'ball.add', { of: lesson, fields: { id, carryM: 100 } });
  expect(again.status).toBe(400);
  expect((await t.whole(lesson)).balls).toEqual([]);
});

it('says that copies are made where the database is', async () => {
  expect((await t.http().get('/api/backups').expect(200)).body).toEqual([]);
  const { body } = await t.http().post('/api/backups').expect(409);
  expect(body.message).toMatch(/its own copies/);
});
