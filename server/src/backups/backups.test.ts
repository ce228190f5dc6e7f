import { BackupsService } from './backups.service.ts';
import { cpSync, existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { messageOf, newBay } from '../testing/live.ts';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { KEPT, copyName, overdue, readCopyName } from './copies.ts';
import { givePage } from '../testing/pages.ts';
import { closed } from '../db/schema/index.ts';
import { Store } from '../db/store.ts';
import type { HistoryEntry } from '../changes/past.dto.ts';
import { edit, putBack as takeBack } from '../testing/edit.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

const names = async (): Promise<string[]> =>
  (await t.http().get('/api/players')).body.map(({ name }: { name: string }) => name);
const copies = async (): Promise<{ name: string; reason: string }[]> =>
  (await t.http().get('/api/backups').expect(200)).body;

describe('the name of a copy', () => {
  it('says when and why, and is read back', () => {
    const at = new Date('2026-05-04T09:08:07.006Z');
    const name = copyName(at, 'before-update');
    expect(name).toBe('loxos-2026-05-04T09-08-07-006Z-before-update.db');
    const said = { at: at.toISOString(), reason: 'before-update', isSealed: false };
    expect(readCopyName(name)).toEqual(said);
    expect(readCopyName(`${name}.age`)).toEqual({ ...said, isSealed: true });
    expect(readCopyName('loxos.db')).toBeNull();
    expect(readCopyName('../loxos-2026-05-04T09-08-07-006Z-daily.db')).toBeNull();
  });

  it('is over the number kept only within its own kind, the oldest first', () => {
    const day = (n: number) => copyName(new Date(Date.UTC(2026, 0, n)), 'daily');
    const daily = Array.from({ length: KEPT.daily + 2 }, (_, n) => day(n + 1));
    const asked = copyName(new Date(0), 'asked');
    expect(overdue([...daily, asked].reverse())).toEqual([day(1), day(2)]);
  });
});

describe('copies', () => {
  it('one is made when the app starts, where the last is a day old and there is an academy', async () => {
    expect(await copies()).toEqual([]);
    const backups = t.app.get(BackupsService);
    for (let n = 0; n < 2; n++) {
      await backups.start();
      await backups.beforeApplicationShutdown();
      expect((await copies()).map(({ reason }) => reason)).toEqual(['daily']);
    }
  });

  it('one asked for holds everything, and puts it back; what was there is kept first', async () => {
    await t.player({ name: 'Before' });
    const { body: copy } = await t.http().post('/api/backups').expect(201);
    await t.player({ name: 'After' });
    await t
      .http()
      .post(`/api/backups/${copy.name as string}/restore`)
      .expect(204);
    expect(await names()).toEqual(['Before']);
    const [newest] = await copies();
    expect(newest!.reason).toBe('before-restore');
    await t.http().post(`/api/backups/${newest!.name}/restore`).expect(204);
    expect(await names()).toEqual(['After', 'Before']);
    // And the app goes on writing to it.
    await t.player({ name: 'Later' });
    expect(await names()).toContain('Later');
  });

  it('one downloaded can be put back from its file', async () => {
    const { body: copy } = await t.http().post('/api/backups').expect(201);
    const { body: bytes } = await t
      .http()
      .get(`/api/backups/${copy.name as string}`)
      .buffer(true);
    const count = (await names()).length;
    await t.player({ name: 'Too much' });
    await t.http().post('/api/backups/restore').attach('file', bytes, 'copy.db').expect(204);
    expect(await names()).toHaveLength(count);
  });

  it.each([
    ['a text', Buffer.from('not a database')],
    ['nothing much', Buffer.from('SQLite format 3\0'.padEnd(4096, '\0'))],
  ])('%s is refused, and nothing is changed', async (_name, bytes) => {
    const before = await names();
    const sent = t.http().post('/api/backups/restore').attach('file', bytes, 'x.db');
    const { body } = await sent.expect(400);
    expect(body.message).toMatch(/Nothing was changed/);
    expect(await names()).toEqual(before);
    expect(readdirSync(join(t.folder, 'backups')).filter((n) => n.startsWith('incoming'))).toEqual(
      [],
    );
  });

  it.each(['../loxos.db', 'loxos.db', '%2e%2e%2floxos.db'])('%s is no copy', async (name) => {
    await t
      .http()
      .get(`/api/backups/${encodeURIComponent(name)}`)
      .expect(404);
  });
});

describe('a folder where copies cannot be made', () => {
  it('does not keep the app from starting', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'loxos-no-copies-'));
    writeFileSync(join(folder, 'backups'), 'a file is in the way');
    const app = await startTestApp(folder);
    await app.http().get('/api/health').expect(200);
    expect(existsSync(join(folder, 'loxos.db'))).toBe(true);
    await app.close();
    rmSync(folder, { recursive: true, force: true });
  });
});

describe('a copy that is put back', () => {
  const give = async (): Promise<{ id: string; token: string; lessonId: string }> => {
    const lesson = await t.lesson();
    const { body } = await givePage(t.http(), lesson, {}, 90);
    return { ...(body as { id: string; token: string }), lessonId: lesson };
  };
  const copy = async (): Promise<Buffer> => {
    const { body } = await t.http().post('/api/backups').expect(201);
    const name = body.name as string;
    return (await t.http().get(`/api/backups/${name}`).buffer(true)).body as Buffer;
  };
  const putBack = (bytes: Buffer) =>
    t.http().post('/api/backups/restore').attach('file', bytes, 'copy.db').expect(204);
  const page = (token: string) => t.as('').get(`/api/p/${token}`);

  it('opens no page and no calendar that was closed, and brings back nobody who was erased', async () => {
    const [shut, open] = [await give(), await give()];
    const { body: feed } = await t.http().post('/api/account/calendar').send({ whose: 'all' });
    const gone = await t.player({ name: 'Gone Gorse' });
    const before = await copy();
    await edit(t.http(), 'page.remove', { id: shut.id }).expect(200);
    await t.http().delete('/api/account/calendar').expect(204);
    await t.http().post(`/api/players/${gone}/erase`).send({ name: 'Gone Gorse' }).expect(204);
    await putBack(before);
    await page(shut.token).expect(410);
    await page(open.token).expect(200);
    await t
      .as('')
      .get(feed.path as string)
      .expect(404);
    await t.http().get(`/api/players/${gone}`).expect(404);
    expect(await names()).not.toContain('Gone Gorse');
  });

  it('lets no monitor send again whose token was ended, and the others go on', async () => {
    const [ended, going] = [await newBay(t), await newBay(t)];
    const before = await copy();
    await t.http().delete(`/api/bays/${ended.id}/token`).expect(204);
    await putBack(before);
    await ended.post(messageOf([])).expect(401);
    await going.post(messageOf([])).expect(200);
  });

  it('and where the server ended before all was closed again, the next start does it', async () => {
    const own = await startTestApp();
    const [gone, kept] = [await own.player({ name: 'Gone Gorse' }), await own.player()];
    const { academyId } = (await own.http().get('/api/account')).body as { academyId: string };
    await own.app.get(Store).write(async (tx) => {
      await tx.insert(closed).values({ kind: 'player', key: gone, academyId, at: '2026-05-04' });
    });
    await own.app.close();
    const again = await startTestApp(own.folder);
    await again.http().get(`/api/players/${gone}`).expect(404);
    await again.http().get(`/api/players/${kept}`).expect(200);
    await again.close();
  });

  it('nor does an older one between, which has not even the page; one given again is open', async () => {
    const old = await copy();
    const [shut, again] = [await give(), await give()];
    const newer = await copy();
    for (const { id } of [shut, again]) await edit(t.http(), 'page.remove', { id: id }).expect(200);
    const { body: lesson } = await t.http().get(`/api/lessons/${again.lessonId}/history`);
    const withdrawn = (lesson as HistoryEntry[]).find(({ what }) => what === 'page withdrawn')!;
    await takeBack(t.http(), withdrawn).expect(200);
    await page(again.token).expect(200);
    await putBack(old);
    await page(shut.token).expect(404);
    await putBack(newer);
    await page(shut.token).expect(410);
    await page(again.token).expect(200);
  });
});

describe('copies without their database', () => {
  it('are given to no stranger: the app says how to put one back, and starts anew only on purpose', async () => {
    const own = await startTestApp();
    await own.player({ name: 'Kept' });
    await own.http().post('/api/backups').expect(201);
    const kept = mkdtempSync(join(tmpdir(), 'loxos-orphans-'));
    cpSync(join(own.folder, 'backups'), join(kept, 'backups'), { recursive: true });
    await own.close();
    const begin = (asked = {}) => startTestApp(kept, asked);
    await expect(begin()).rejects.toThrow(/no database beside them\. Put one back: copy it to/);
    writeFileSync(join(kept, 'loxos.db'), '');
    await expect(begin()).rejects.toThrow(/LOXOS_BEGIN_ANEW=1/);
    const anew = await begin({ mayBeginAnew: true });
    expect((await anew.http().get('/api/players')).body).toEqual([]);
    await anew.close();
  });
});
