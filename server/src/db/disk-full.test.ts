/** A disk that is full: every change is refused in words and by none at half, and goes on once there is room. */
import { sql } from 'drizzle-orm';
import { PLAIN_FILE, startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { Store } from './store.ts';
import { edit } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

/** Lets the database grow by so many pages; null for as far as it likes. */
async function leaveRoom(pages: number | null): Promise<void> {
  await t.app.get(Store).read(async (db) => {
    const [row] = await db.values<[number]>(sql`PRAGMA page_count`);
    const most = pages === null ? 1_000_000 : row![0] + pages;
    await db.run(sql.raw(`PRAGMA max_page_count = ${most}`));
  });
}

it('refuses what does not fit, keeps all that was there, and takes it once there is room', async () => {
  const lesson = await t.lesson();
  await leaveRoom(0);
  const big = { bodyNotes: 'x'.repeat(2000) };
  const { playerId, refusals } = await fillUp(lesson, big);
  expect(refusals.length).toBeGreaterThan(0);
  for (const { status, body } of refusals) {
    expect(status).toBe(503);
    expect(body).toMatchObject({ kind: 'unavailable', message: /Nothing was changed; try again/ });
  }
  const balls = async (): Promise<unknown[]> => (await t.whole(lesson)).balls;
  expect(await balls()).toEqual([]);
  await leaveRoom(null);
  await edit(t.http(), 'player.set', { id: playerId, fields: big }).expect(200);
  await t
    .http()
    .post(`/api/lessons/${lesson}/files`)
    .attach('file', Buffer.from(PLAIN_FILE), 'a.csv')
    .expect(200);
  expect(await balls()).toHaveLength(2);
});

/** Asks for more than there is room for, until it is refused. */
async function fillUp(lesson: string, big: object) {
  const { player } = (await t.http().get(`/api/lessons/${lesson}`)).body as {
    player: { id: string };
  };
  const refusals: { status: number; body: unknown }[] = [];
  for (let n = 0; n < 30 && refusals.length === 0; n++) {
    const { status, body } = await edit(t.http(), 'player.set', {
      id: player.id,
      fields: {
        ...big,
        aims: `y${n}`.repeat(300),
      },
    });
    if (status !== 200) refusals.push({ status, body: body as unknown });
  }
  const file = await t
    .http()
    .post(`/api/lessons/${lesson}/files`)
    .attach('file', Buffer.from(`${PLAIN_FILE}${'7 iron,1,1,100\n'.repeat(500)}`), 'a.csv');
  if (file.status !== 200) refusals.push({ status: file.status, body: file.body as unknown });
  return { playerId: player.id, refusals };
}
