/** The record of doors: what is in it, who sees it, and that nobody fills or changes it. */
import { join as pathOf } from 'node:path';
import { pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';
import { Clock } from '../../common/clock.ts';
import { OWNER, cookieOf, startTestApp } from '../../testing/app.ts';
import type { TestApp } from '../../testing/app.ts';
import { givePage } from '../../testing/pages.ts';
import { PASSWORD, join } from '../../testing/people.ts';
import type { DoorEvent, DoorPage } from './door-event.dto.ts';
import { DoorRecordService, MOST_TRIES } from './door-record.service.ts';

let t: TestApp;
beforeEach(async () => (t = await startTestApp(undefined, { trustProxy: 1 })));
afterEach(() => t.close());

const record = async (): Promise<DoorEvent[]> =>
  ((await t.http().get('/api/doors').expect(200)).body as DoorPage).events;
const news = async (): Promise<DoorEvent[]> =>
  (await t.http().get('/api/doors/news').expect(200)).body as DoorEvent[];
const signIn = (email: string, password: string, from = '10.0.0.9') =>
  t
    .as('')
    .post('/api/sessions')
    .set('x-forwarded-for', from)
    .set('user-agent', 'A tablet')
    .send({ email, password });

it('holds who came in, how, from where and with what', async () => {
  await signIn(OWNER.email, OWNER.password).expect(201);
  const [last] = await record();
  expect(last).toMatchObject({
    kind: 'signed-in',
    who: OWNER.name,
    detail: 'with a password',
    isNewBrowser: true,
    address: '10.0.0.9',
    device: 'A tablet',
    times: 1,
  });
});

it('counts refused tries of one place as one, and keeps no e-mail that nobody has', async () => {
  for (let n = 0; n < 3; n++) await signIn(OWNER.email, 'a wrong one').expect(401);
  await signIn('my-password-by-mistake@x.example', 'x').expect(401);
  const refused = (await record()).filter(({ kind }) => kind === 'refused');
  expect(refused).toMatchObject([
    { who: '', times: 1 },
    { who: OWNER.name, times: 3, address: '10.0.0.9' },
  ]);
  expect(JSON.stringify(refused)).not.toContain('by-mistake');
});

it('is not filled by whoever tries from everywhere', async () => {
  const doors = t.app.get(DoorRecordService);
  const { academyId } = (await t.http().get('/api/account')).body;
  const tried = { academyId, kind: 'refused', userId: null, who: '' } as const;
  for (let n = 0; n < MOST_TRIES + 20; n++)
    await doors.write(tried, { name: '', address: `10.1.${n >> 8}.${n & 255}` });
  const client = createClient({ url: pathToFileURL(pathOf(t.folder, 'loxos.db')).href });
  const { rows } = await client.execute(
    "select count(*) as n, max(times) as most from door_event where kind = 'refused'",
  );
  client.close();
  expect(rows[0]).toMatchObject({ n: MOST_TRIES + 1, most: 20 });
});

it('holds what was carried out, made, changed and erased, and names no player who is gone', async () => {
  const player = await t.player({ name: 'Ida Moor' });
  const lesson = await t.lesson(player);
  await t.http().get(`/api/lessons/${lesson}/balls.csv`).expect(200);
  await t.http().get(`/api/players/${player}/archive`).expect(200);
  await t.http().get('/api/archive').expect(200);
  const { body: copy } = await t.http().post('/api/backups').expect(201);
  await t.http().get(`/api/backups/${copy.name}`).expect(200);
  const coach = await join(t, 'coach');
  await t.http().patch(`/api/people/${coach.id}`).send({ role: 'assistant' }).expect(200);
  await t.http().post(`/api/people/${coach.id}/reset`).expect(201);
  const { body: page } = await givePage(t.http(), lesson);
  for (let n = 0; n < 2; n++) await t.as('').get(`/api/p/${page.token}`).expect(200);
  const told = (events: DoorEvent[]) =>
    events.map(({ kind, detail, player: name }) => [kind, detail, name]);
  expect(told(await record()).slice(0, 10)).toEqual([
    ['page-opened', '', 'Ida Moor'],
    ['reset-link', coach.name, null],
    ['role-changed', `${coach.name}: assistant`, null],
    ['signed-in', 'by an invitation', null],
    ['invited', `${coach.name}, as coach`, null],
    ['copy-taken', copy.name, null],
    ['copy-made', '', null],
    ['archive-taken', 'the whole academy', null],
    ['archive-taken', 'all of a player', 'Ida Moor'],
    ['exported', 'balls as CSV', 'Ida Moor'],
  ]);
  await t.http().post(`/api/players/${player}/erase`).send({ name: 'Ida Moor' }).expect(204);
  const after = await record();
  expect(told(after)[0]).toEqual(['erased', 'a player', null]);
  expect(JSON.stringify(after)).not.toContain('Ida');
});

it('tells an owner what others did since they last looked, and nothing of their own', async () => {
  await t.http().get('/api/archive').expect(200);
  const other = await join(t, 'owner', 'other@academy.example');
  await t.http().post('/api/doors/seen').expect(204);
  expect(await news()).toEqual([]);
  await t.as(other.cookie).get('/api/archive').expect(200);
  for (let n = 0; n < 5; n++) await signIn(OWNER.email, 'a wrong one').expect(401);
  await signIn(other.email, 'a wrong one').expect(401);
  expect((await news()).map(({ kind, who }) => [kind, who])).toEqual([
    ['refused', OWNER.name],
    ['archive-taken', other.name],
  ]);
  await t.http().post('/api/doors/seen').expect(204);
  expect(await news()).toEqual([]);
});

it('tells an owner of a new browser that signed in as them', async () => {
  await t.http().post('/api/doors/seen').expect(204);
  const answer = await signIn(OWNER.email, OWNER.password).expect(201);
  expect((await news()).map(({ kind }) => kind)).toEqual(['signed-in']);
  // The same browser again is none.
  await t.http().post('/api/doors/seen').expect(204);
  const device = (answer.headers['set-cookie'] as unknown as string[])[1]!.split(';', 1)[0]!;
  await t.as(device).post('/api/sessions').send({ email: OWNER.email, password: OWNER.password });
  expect(await news()).toEqual([]);
});

it('is the owner’s alone, stays when a copy is put back, and is forgotten after a year', async () => {
  const coach = await join(t, 'coach');
  await t.as(coach.cookie).get('/api/doors').expect(403);
  const { body: copy } = await t.http().post('/api/backups').expect(201);
  await signIn(coach.email, PASSWORD).expect(201);
  await t.http().post(`/api/backups/${copy.name}/restore`).expect(204);
  expect((await record()).map(({ kind }) => kind).slice(0, 3)).toEqual([
    'copy-put-back',
    'signed-in',
    'copy-made',
  ]);
  const clock = t.app.get(Clock);
  const later = new Date(Date.now() + 366 * 24 * 3600 * 1000);
  jest.spyOn(clock, 'now').mockReturnValue(later);
  jest.spyOn(clock, 'text').mockReturnValue(later.toISOString());
  const { headers } = await signIn(OWNER.email, OWNER.password).expect(201);
  const cookie = cookieOf({ headers });
  const { body } = await t.as(cookie).get('/api/doors').expect(200);
  expect((body as DoorPage).events.map(({ kind }) => kind)).toEqual(['signed-in']);
});

it('is read a part at a time, whole and in order', async () => {
  for (let n = 0; n < 120; n++) await t.http().post('/api/account/calendar').send({ whose: 'all' });
  const first = (await t.http().get('/api/doors').expect(200)).body as DoorPage;
  expect(first.events).toHaveLength(100);
  const query = { before: first.next };
  const rest = (await t.http().get('/api/doors').query(query).expect(200)).body as DoorPage;
  expect(rest.next).toBeNull();
  const ids = [...first.events, ...rest.events].map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids.length).toBeGreaterThanOrEqual(120);
  await t.http().get('/api/doors').query({ before: 'yesterday' }).expect(400);
});
