/** What happens where the machine's clock ran ahead, and is set back: nobody is kept out, nothing stops, nothing stays open. */
import { BackupsService } from './backups/backups.service.ts';
import { SLOW } from './accounts/slow-door.ts';
import { Clock } from './common/clock.ts';
import { OWNER, cookieOf, startTestApp } from './testing/app.ts';
import type { TestApp } from './testing/app.ts';
import { join } from './testing/people.ts';
import { edit } from './testing/edit.ts';

const DAY_MS = 24 * 3600 * 1000;
let t: TestApp;
let now: Date;
beforeEach(async () => {
  t = await startTestApp();
  now = new Date(Date.now() + 20 * DAY_MS);
  const clock = t.app.get(Clock);
  jest.spyOn(clock, 'now').mockImplementation(() => now);
  jest.spyOn(clock, 'text').mockImplementation(() => now.toISOString());
});
afterEach(() => t.close());
const setBack = (): Date => (now = new Date());

it('keeps nobody out who had to wait', async () => {
  const signIn = (password: string) =>
    t.as('').post('/api/sessions').send({ email: OWNER.email, password });
  for (let n = 0; n < SLOW.freeTries + 1; n++) await signIn('a wrong one');
  await signIn(OWNER.password).expect(429);
  setBack();
  await signIn(OWNER.password).expect(201);
});

it('renews sessions, and ends them when they were not used', async () => {
  const { cookie: old } = await join(t, 'coach');
  setBack();
  const renewed = cookieOf(await t.as(old).get('/api/account').expect(200));
  expect(renewed).not.toBe('');
  await t.as(renewed).get('/api/account').expect(200);
  now = new Date(now.getTime() + 31 * DAY_MS);
  await t.as(renewed).get('/api/account').expect(401);
});

it('goes on making a copy a day, and what is written is in order', async () => {
  const backups = t.app.get(BackupsService);
  await backups.start();
  await backups.beforeApplicationShutdown();
  const before = (await backups.list()).filter(({ reason }) => reason === 'daily').length;
  setBack();
  for (let n = 0; n < 2; n++) {
    await backups.start();
    await backups.beforeApplicationShutdown();
  }
  const after = (await backups.list()).filter(({ reason }) => reason === 'daily').length;
  expect(after).toBe(before + 1);
});

it('takes changes of a thing that was changed later by the clock', async () => {
  const id = await t.player();
  await edit(t.http(), 'player.set', { id: id, fields: { aims: 'Straighter' } }).expect(200);
  setBack();
  const { body } = await edit(t.http(), 'player.set', {
    id: id,
    seen: 2,
    fields: { aims: 'Longer' },
  }).expect(200);
  expect(body).toMatchObject({ aims: 'Longer', version: 3 });
});
