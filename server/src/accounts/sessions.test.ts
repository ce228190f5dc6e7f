import { Clock } from '../common/clock.ts';
import { cookieOf, startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { join } from '../testing/people.ts';

const DAY_MS = 24 * 3600 * 1000;

let t: TestApp;
let now: Date;
beforeEach(async () => {
  t = await startTestApp();
  now = new Date('2026-05-04T09:00:00Z');
  jest.spyOn(t.app.get(Clock), 'now').mockImplementation(() => now);
});
afterEach(() => t.close());

const later = (ms: number): void => {
  now = new Date(now.getTime() + ms);
};
const ask = (cookie: string) => t.as(cookie).get('/api/account');

describe('a session', () => {
  it('gets a new token every day; the old one is good until the new one has been used', async () => {
    const { cookie: old } = await join(t, 'coach');
    expect((await ask(old)).headers['set-cookie']).toBeUndefined();
    later(DAY_MS + 1000);
    const renewed = cookieOf(await ask(old).expect(200));
    expect(renewed).not.toBe(old);
    // Requests under way, and an answer that never arrived.
    await ask(old).expect(200);
    await ask(renewed).expect(200);
    await ask(old).expect(401);
    await ask(renewed).expect(200);
  });

  it('whose new token never arrived gets another', async () => {
    const { cookie: old } = await join(t, 'coach');
    later(DAY_MS + 1000);
    const lost = cookieOf(await ask(old).expect(200));
    later(10 * 60_000);
    const another = cookieOf(await ask(old).expect(200));
    await ask(another).expect(200);
    await ask(lost).expect(401);
  });

  it('ends when it was not used for a month', async () => {
    const { cookie } = await join(t, 'coach');
    later(29 * DAY_MS);
    const renewed = cookieOf(await ask(cookie).expect(200));
    later(29 * DAY_MS);
    const again = cookieOf(await ask(renewed).expect(200));
    later(31 * DAY_MS);
    const { body, headers } = await ask(again).expect(401);
    expect(body).toMatchObject({ kind: 'signed-out', message: /Sign in to go on/ });
    expect(headers['set-cookie']![0]).toMatch(/^loxos=;.*Expires=Thu, 01 Jan 1970/);
  });

  it('ends as soon as the academy says, and the time last seen is kept finely enough for it', async () => {
    const { cookie } = await join(t, 'coach');
    const hours = (idleHours: number) => t.http().patch('/api/academy').send({ idleHours });
    await hours(1).expect(200);
    for (let n = 0; n < 3; n++) {
      later(55 * 60_000);
      await ask(cookie).expect(200);
    }
    later(61 * 60_000);
    await ask(cookie).expect(401);
  });

  it('ends no later than a month, and no sooner than an hour, whatever is asked', async () => {
    for (const idleHours of [0, 721, 1.5, 'never'])
      await t.http().patch('/api/academy').send({ idleHours }).expect(400);
    const { body } = await t.http().patch('/api/academy').send({ idleHours: 8 }).expect(200);
    expect(body.idleHours).toBe(8);
    expect((await t.http().get('/api/account')).body.idleHours).toBe(8);
  });

  it('ends after half a year however much it is used', async () => {
    let { cookie } = await join(t, 'coach');
    for (let day = 0; day < 180; day += 20) {
      const answer = await ask(cookie).expect(200);
      cookie = cookieOf(answer) || cookie;
      later(20 * DAY_MS);
    }
    later(DAY_MS);
    await ask(cookie).expect(401);
  });

  it('an invitation ends after two weeks, and a key after ten minutes', async () => {
    const { cookie } = await join(t, 'owner');
    const invited = await t
      .as(cookie)
      .post('/api/invitations')
      .send({ role: 'coach', name: 'Kit' });
    const key = await t.as(cookie).post('/api/account/keys');
    later(11 * 60_000);
    await t.as('').post('/api/sessions/key').send({ key: key.body.token }).expect(401);
    later(13 * DAY_MS);
    await t
      .as('')
      .get(`/api/links/${invited.body.token as string}`)
      .expect(200);
    later(DAY_MS);
    await t
      .as('')
      .get(`/api/links/${invited.body.token as string}`)
      .expect(410);
  });
});
