import { OWNER, cookieOf, startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { PASSWORD, join } from '../testing/people.ts';
import type { HistoryEntry } from '../changes/past.dto.ts';
import { edit, putBack } from '../testing/edit.ts';

let t: TestApp;
beforeEach(async () => {
  t = await startTestApp();
});
afterEach(() => t.close());

const signIn = (email: string, password: string) =>
  t.as('').post('/api/sessions').send({ email, password });
const allCookiesOf = ({ headers }: { headers: Record<string, unknown> }): string =>
  (headers['set-cookie'] as string[]).map((cookie) => cookie.split(';')[0]!).join('; ');
const isIn = async (cookie: string): Promise<boolean> =>
  (await t.as(cookie).get('/api/account')).status === 200;

describe('founding', () => {
  it('happens once: who comes second is told to sign in', async () => {
    const second = { ...OWNER, email: 'other@academy.example' };
    const { body } = await t.as('').post('/api/academy').send(second).expect(409);
    expect(body.message).toMatch(/founded already: sign in/);
    expect((await t.as('').get('/api/door')).body).toEqual({ isFounded: true, isDemo: false });
  });

  it('takes the zone of its days, which the owner may change; nobody else, and to none there is not', async () => {
    const zoneOf = async () => (await t.http().get('/api/account').expect(200)).body.zone;
    expect(await zoneOf()).toBeNull();
    const { body } = await t.http().patch('/api/academy').send({ zone: 'Mars/Base' }).expect(400);
    expect(JSON.stringify(body)).toContain('name a time zone, such as Europe/London');
    await t.http().patch('/api/academy').send({ zone: 'Pacific/Auckland' }).expect(200);
    expect(await zoneOf()).toBe('Pacific/Auckland');
    const { body: history } = await t.http().get('/api/academy/history').expect(200);
    expect(history[0]).toMatchObject({ what: 'time zone changed', who: OWNER.name });
    const { cookie } = await join(t, 'coach');
    await t.as(cookie).patch('/api/academy').send({ zone: 'UTC' }).expect(403);
  });

  it('makes an owner, whose name stands by what they change', async () => {
    const player = await t.player();
    const { body } = await t.http().get(`/api/players/${player}/history`).expect(200);
    expect(body).toMatchObject([{ what: 'player added', who: OWNER.name }]);
    expect((await t.http().get(`/api/players/${player}`)).body.coachId).toBe(
      (await t.http().get('/api/account')).body.id,
    );
  });
});

describe('signing in', () => {
  it('takes the e-mail in any letters, and gives a cookie no script can read', async () => {
    const answer = await signIn(' OLGA@academy.example ', OWNER.password).expect(201);
    expect(answer.headers['set-cookie']![0]).toMatch(/^loxos=[\w-]{32};.*HttpOnly; SameSite=Lax$/);
    expect(answer.body).toMatchObject({ name: OWNER.name, role: 'owner', academy: OWNER.academy });
    expect(JSON.stringify(answer.body)).not.toMatch(/hash|password/i);
  });

  it('says the same of a wrong password and of an e-mail nobody has', async () => {
    const wrong = await signIn(OWNER.email, 'not the password').expect(401);
    const nobody = await signIn('nobody@academy.example', 'not the password').expect(401);
    expect(wrong.body).toEqual(nobody.body);
    expect(wrong.headers['set-cookie']).toBeUndefined();
  });

  it('is slowed down after wrong passwords for one e-mail, but not where they signed in before', async () => {
    const known = allCookiesOf(await signIn(OWNER.email, OWNER.password));
    const guesses = await Promise.all(
      Array.from({ length: 12 }, async (_, i) => (await signIn(OWNER.email, `guess ${i}`)).status),
    );
    // At once or one after the other: so many are tried, and no more.
    expect(guesses.filter((status) => status === 401)).toHaveLength(8);
    const { body } = await signIn(OWNER.email, OWNER.password).expect(429);
    expect(body).toMatchObject({
      kind: 'too-many',
      message: /^Too many wrong passwords\. Wait \d seconds?, or sign in from a browser/,
    });
    const { email, password } = OWNER;
    await t.as(known).post('/api/sessions').send({ email, password }).expect(201);
    const coach = await join(t, 'coach');
    await t.as(known).post('/api/sessions').send({ email: coach.email, password }).expect(401);
  });

  it('ends what the browser was signed in with', async () => {
    const before = cookieOf(await signIn(OWNER.email, OWNER.password));
    const { email, password } = OWNER;
    await t.as(before).post('/api/sessions').send({ email, password }).expect(201);
    expect(await isIn(before)).toBe(false);
  });

  it('ends when it is left, and only there', async () => {
    const one = cookieOf(await signIn(OWNER.email, OWNER.password));
    const two = cookieOf(await signIn(OWNER.email, OWNER.password));
    await t.as(one).delete('/api/sessions/this').expect(204);
    expect([await isIn(one), await isIn(two)]).toEqual([false, true]);
  });

  it('can be seen and ended from another browser, by its own user only', async () => {
    const coach = await join(t, 'coach');
    const phone = cookieOf(await signIn(coach.email, PASSWORD));
    const { body } = await t.as(coach.cookie).get('/api/account/sessions').expect(200);
    expect(body).toHaveLength(2);
    const other = (body as { id: string; isThis: boolean }[]).find(({ isThis }) => !isThis)!;
    await t.http().delete(`/api/account/sessions/${other.id}`).expect(404);
    await t.as(coach.cookie).delete(`/api/account/sessions/${other.id}`).expect(204);
    expect([await isIn(phone), await isIn(coach.cookie)]).toEqual([false, true]);
  });
});

describe('a password', () => {
  it('that is changed signs every other browser out', async () => {
    const other = cookieOf(await signIn(OWNER.email, OWNER.password));
    const changed = await t
      .http()
      .post('/api/account/password')
      .send({ password: OWNER.password, next: 'four tall pines' })
      .expect(200);
    expect([await isIn(other), await isIn(cookieOf(changed))]).toEqual([false, true]);
    await signIn(OWNER.email, OWNER.password).expect(401);
    await signIn(OWNER.email, 'four tall pines').expect(201);
  });

  it('is changed by whoever knows the one until now', async () => {
    const { body } = await t
      .http()
      .post('/api/account/password')
      .send({ password: 'a guess at it', next: 'four tall pines' })
      .expect(400);
    expect(body.fields).toEqual([
      { field: 'password', reason: 'password: that is not your password' },
    ]);
  });

  it.each([
    ['short', /at least 10/],
    ['aaaaaaaaaaaa', /more different/],
    ['olga@academy.example', /your name or e-mail/],
  ])('is not %s', async (next, why) => {
    const asked = { password: OWNER.password, next };
    const { body } = await t.http().post('/api/account/password').send(asked).expect(400);
    expect(body.message).toMatch(why);
  });

  it('is chosen anew by a link of the owner’s, once, and ends what was open', async () => {
    const coach = await join(t, 'coach');
    const { body } = await t.http().post(`/api/people/${coach.id}/reset`).expect(201);
    const link = `/api/links/${body.token as string}`;
    expect((await t.as('').get(link).expect(200)).body).toMatchObject({
      kind: 'reset',
      name: coach.name,
    });
    const eight = await Promise.all(
      Array.from({ length: 8 }, async () => {
        return (await t.as('').post(link).send({ password: 'five wet stones' })).status;
      }),
    );
    expect(eight.sort()).toEqual([201, ...Array<number>(7).fill(410)]);
    await t.as('').post(link).send({ password: 'six wet stones' }).expect(410);
    expect(await isIn(coach.cookie)).toBe(false);
    await signIn(coach.email, 'five wet stones').expect(201);
  });
});

describe('people', () => {
  it('come by a link that is used once, or taken back', async () => {
    const invite = async () =>
      (await t.http().post('/api/invitations').send({ role: 'coach', name: 'Kit' })).body as {
        id: string;
        token: string;
      };
    const used = await invite();
    const who = { name: 'Kit', email: 'kit@academy.example', password: PASSWORD };
    await t.as('').post(`/api/links/${used.token}`).send(who).expect(201);
    const again = { ...who, email: 'kit2@academy.example' };
    await t.as('').post(`/api/links/${used.token}`).send(again).expect(410);
    const withdrawn = await invite();
    await t.http().delete(`/api/invitations/${withdrawn.id}`).expect(204);
    await t.as('').get(`/api/links/${withdrawn.token}`).expect(410);
    expect((await t.http().get('/api/invitations')).body).toEqual([]);
  });

  it('cannot take the e-mail of somebody who is there; the invitation stays open', async () => {
    const { body } = await t.http().post('/api/invitations').send({ role: 'coach', name: 'Kit' });
    const link = `/api/links/${body.token as string}`;
    const who = { name: 'Kit', email: OWNER.email, password: PASSWORD };
    await t.as('').post(link).send(who).expect(409);
    await t.as('').get(link).expect(200);
  });

  it('who are sent away are out at once, and are let in again as they were', async () => {
    const { id, cookie, email } = await join(t, 'coach');
    await t.http().patch(`/api/people/${id}`).send({ mayEnter: false }).expect(200);
    expect(await isIn(cookie)).toBe(false);
    await signIn(email, PASSWORD).expect(401);
    await t.http().patch(`/api/people/${id}`).send({ mayEnter: true }).expect(200);
    await signIn(email, PASSWORD).expect(201);
  });

  it('can do from the next request what their role lets them', async () => {
    const { id, cookie } = await join(t, 'assistant');
    await edit(t.as(cookie), 'player.add', { fields: { name: 'A', hand: 'left' } }).expect(403);
    await t.http().patch(`/api/people/${id}`).send({ role: 'coach' }).expect(200);
    await edit(t.as(cookie), 'player.add', { fields: { name: 'A', hand: 'left' } }).expect(200);
  });

  it('always have an owner among them', async () => {
    const { id } = (await t.http().get('/api/account')).body as { id: string };
    for (const asked of [{ role: 'coach' }, { mayEnter: false }]) {
      const { body } = await t.http().patch(`/api/people/${id}`).send(asked).expect(409);
      expect(body.message).toMatch(/needs an owner/);
    }
  });

  it('see each other’s names, and only the owner the e-mails', async () => {
    const { cookie } = await join(t, 'coach');
    const names = (await t.as(cookie).get('/api/people')).body as { email?: string }[];
    expect(names).toHaveLength(2);
    expect(names.every(({ email }) => email === undefined)).toBe(true);
    expect((await t.http().get('/api/people')).body[0]).toHaveProperty('email');
  });

  it('and the academy’s name are written into its history', async () => {
    await t.http().patch('/api/academy').send({ name: 'Dune Golf' }).expect(200);
    const { id, name } = await join(t, 'coach');
    await t.http().patch(`/api/people/${id}`).send({ role: 'assistant' }).expect(200);
    const { body } = await t.http().get('/api/academy/history').expect(200);
    expect((body as { what: string }[]).map(({ what }) => what)).toEqual([
      `${name}: what they may do`,
      `${name} invited as coach`,
      'academy renamed',
    ]);
    const entry = (body as HistoryEntry[])[0]!;
    expect(entry.canUndo).toBe(false);
    await putBack(t.http(), entry).expect(400);
  });
});

describe('a key', () => {
  it('signs its maker in on another device, once', async () => {
    const coach = await join(t, 'coach');
    const { token: key } = (await t.as(coach.cookie).post('/api/account/keys')).body as {
      token: string;
    };
    const entered = await t.as('').post('/api/sessions/key').send({ key }).expect(201);
    expect(entered.body).toMatchObject({ id: coach.id, role: 'coach' });
    await t.as('').post('/api/sessions/key').send({ key }).expect(401);
  });

  it('is no link to join by', async () => {
    const { body } = await t.http().post('/api/account/keys');
    await t
      .as('')
      .get(`/api/links/${body.token as string}`)
      .expect(404);
  });
});

it('nobody enters by the demo’s button where there is no demo', async () => {
  const { body } = await t.as('').post('/api/sessions/demo').expect(401);
  expect(body.message).toMatch(/no demo/);
});

it('a page left open does not act for whoever signed in after', async () => {
  const coach = await join(t, 'coach');
  const left = { 'x-loxos-user': coach.id };
  await t.as(coach.cookie).get('/api/players').set(left).expect(200);
  const { body } = await t.http().get('/api/players').set(left).expect(401);
  expect(body.message).toMatch(/Somebody else has signed in/);
});
