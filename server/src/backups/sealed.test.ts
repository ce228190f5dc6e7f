/** Copies that are looked through, sealed with a passphrase, and tried out. */
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Decrypter } from 'age-encryption';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import type { Checked, Written } from './copy-files.ts';
import { Pool } from '../threads/pool.ts';
import { BackupsService } from './backups.service.ts';
import type { Copy } from './backup.dto.ts';
import { readCopyName } from './copies.ts';
import { Seal } from './seal.ts';

const PASSPHRASE = 'five grey herons on a wall';
let t: TestApp;
beforeEach(async () => {
  t = await startTestApp();
  // As little work as there is: what a guess costs is no matter here.
  Object.assign(t.app.get(Seal), { work: 1 });
});
afterEach(() => t.close());

const folder = () => join(t.folder, 'backups');
const files = () => (existsSync(folder()) ? readdirSync(folder()) : []);
const bytesOf = (name: string) => readFileSync(join(t.folder, 'backups', name));
const list = async () => (await t.http().get('/api/backups').expect(200)).body as Copy[];
const make = async () => (await t.http().post('/api/backups').expect(201)).body as Copy;
const seal = (passphrase = PASSPHRASE) => t.http().post('/api/backups/seal').send({ passphrase });
const state = async () => (await t.http().get('/api/backups/state').expect(200)).body as object;
const names = async () =>
  ((await t.http().get('/api/players')).body as { name: string }[]).map(({ name }) => name);

it('are sealed, those there are too, so that nothing of them can be read', async () => {
  await t.player({ name: 'Ida Moor of the dunes' });
  const before = await make();
  expect(bytesOf(before.name).includes('Ida Moor of the dunes')).toBe(true);
  await seal('too short').expect(400);
  await seal().expect(204);
  const after = await make();
  expect((await list()).map(({ isSealed }) => isSealed)).toEqual([true, true]);
  for (const name of files()) {
    expect(readCopyName(name)).toMatchObject({ isSealed: true });
    expect(bytesOf(name).includes('Ida Moor')).toBe(false);
  }
  // Any program for age files opens it: the package is asked as one would.
  const decrypter = new Decrypter();
  decrypter.addPassphrase(PASSPHRASE);
  const opened = await decrypter.decrypt(new Uint8Array(bytesOf(after.name)));
  expect(Buffer.from(opened.slice(0, 15)).toString()).toBe('SQLite format 3');
  // The passphrase lies beside the database, never among the copies, and is its owner's alone.
  expect(statSync(join(t.folder, 'copies-passphrase')).mode & 0o077).toBe(0);
});

it('are put back by themselves where the passphrase is kept here', async () => {
  await t.player({ name: 'Before' });
  await seal().expect(204);
  const copy = await make();
  await t.player({ name: 'After' });
  await t.http().post(`/api/backups/${copy.name}/restore`).expect(204);
  expect(await names()).toEqual(['Before']);
});

it('from elsewhere are put back with the passphrase they were sealed with alone', async () => {
  await t.player({ name: 'Before' });
  await seal().expect(204);
  const bytes = bytesOf((await make()).name);
  await t.player({ name: 'After' });
  await t.http().delete('/api/backups/seal').expect(204);
  const send = (passphrase?: string) => {
    const sent = t.http().post('/api/backups/restore').attach('file', bytes, 'copy.db.age');
    return passphrase === undefined ? sent : sent.field('passphrase', passphrase);
  };
  const asked = await send().expect(400);
  expect(asked.body.fields[0].field).toBe('passphrase');
  const wrong = await send('another passphrase').expect(400);
  expect(wrong.body.fields[0].reason).toMatch(/not the one it was sealed with/);
  expect(await names()).toEqual(['After', 'Before']);
  await send(PASSPHRASE).expect(204);
  expect(await names()).toEqual(['Before']);
  expect(await state()).toMatchObject({ isSealed: false });
});

it('that were changed since are refused, sealed or not', async () => {
  await seal().expect(204);
  const { name } = await make();
  const bytes = bytesOf(name);
  bytes[bytes.length - 40]! ^= 1;
  writeFileSync(join(t.folder, 'backups', name), bytes);
  const { body } = await t.http().post(`/api/backups/${name}/restore`).expect(400);
  expect(body.message).toMatch(/damaged.*Nothing was changed/);
});

it('are tried out once a month, and a trouble is told to the owner', async () => {
  expect(await state()).toEqual({ isSealed: false, triedAt: null, trouble: null });
  const { body } = await t.http().post('/api/backups/tried').expect(201);
  expect(body).toMatchObject({ triedAt: expect.any(String), trouble: null });
  const [{ name }] = (await list()) as [Copy];
  writeFileSync(join(t.folder, 'backups', name), 'half a copy');
  await t.http().post('/api/doors/seen').expect(204);
  const failed = await t.http().post('/api/backups/tried').expect(201);
  expect(failed.body.trouble).toMatch(/no copy of Loxos/);
  const { body: news } = await t.http().get('/api/doors/news').expect(200);
  expect((news as { kind: string }[]).map(({ kind }) => kind)).toEqual(['copy-tried']);
  // There was none to try out: one was made.
  expect((await list()).map(({ reason }) => reason)).toEqual(['daily']);
  // What is tried out stays where it was.
  expect(files().filter((one) => one.startsWith('incoming'))).toEqual([]);
});

it('that do not hold what the database held do not count', async () => {
  const pool = t.app.get(Pool);
  const real = pool.run.bind(pool);
  jest.spyOn(pool, 'run').mockImplementation(async (task, input) => {
    const done = await real(task, input);
    if (task.name !== 'checkCopy') return done;
    return { ...(done as Checked), rows: { ...(done as Checked).rows, player: 99 } };
  });
  const before = files();
  const { body } = await t.http().post('/api/backups').expect(503);
  expect(body.message).toMatch(/not whole, and was thrown away/);
  expect(files()).toEqual(before);
});

it('one that was begun before a player is erased does not keep them', async () => {
  const name = 'Wilhelmina Quist';
  const player = await t.player({ name });
  const pool = t.app.get(Pool);
  const real = pool.run.bind(pool);
  let isWritten: () => void = () => undefined;
  const written = new Promise<void>((resolve) => (isWritten = resolve));
  let goOn: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (goOn = resolve));
  jest.spyOn(pool, 'run').mockImplementationOnce(async (task, input) => {
    const done = await real(task, input);
    isWritten();
    await held;
    return done;
  });
  const making = t.http().post('/api/backups');
  const made = making.then(({ status }) => status);
  await written;
  const erasing = t.http().post(`/api/players/${player}/erase`).send({ name });
  const erased = erasing.then(({ status }) => status);
  // Nothing is put down before the one that was begun is.
  await new Promise((resolve) => setTimeout(resolve, 300));
  goOn();
  expect([await made, await erased]).toEqual([201, 204]);
  for (const one of files()) expect(bytesOf(one).includes(name)).toBe(false);
  expect(readFileSync(join(t.folder, 'loxos.db')).includes(name)).toBe(false);
  expect(await list()).toHaveLength(1);
});

it('count where others wrote while they were written', async () => {
  const pool = t.app.get(Pool);
  const real = pool.run.bind(pool);
  jest.spyOn(pool, 'run').mockImplementationOnce(async (task, input) => {
    const done = await real(task, input);
    const { before, after } = done as Written;
    const players = (after['player'] ?? 0) + 2;
    return { before, after: { ...after, player: players } };
  });
  await make();
});

it('half done when the server was killed are let go of at the next start', async () => {
  const left = join(t.folder, 'backups', 'incoming-left');
  mkdirSync(left, { recursive: true });
  writeFileSync(join(left, 'loxos.db'), 'all of it, plain');
  const backups = t.app.get(BackupsService);
  await backups.start();
  await backups.beforeApplicationShutdown();
  expect(files().filter((one) => one.startsWith('incoming'))).toEqual([]);
});

it('are not left open where the passphrase is there and cannot be read', async () => {
  mkdirSync(join(t.folder, 'copies-passphrase'));
  await t.http().post('/api/backups').expect(503);
  expect((await list()).map(({ reason }) => reason)).toEqual([]);
});
