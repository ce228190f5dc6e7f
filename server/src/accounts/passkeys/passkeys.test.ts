/** Passkeys against a device of our own making (testing/authenticator.ts): the package's checks are in force, and ours round them. */
import { Clock } from '../../common/clock.ts';
import { cookieOf, startTestApp } from '../../testing/app.ts';
import type { TestApp } from '../../testing/app.ts';
import { Authenticator } from '../../testing/authenticator.ts';
import { PASSWORD, join } from '../../testing/people.ts';
import { JUST_NOW_MS } from '../sure-who.ts';

const ORIGIN = 'http://localhost:4180';
const HOST = 'localhost:4180';

let t: TestApp;
beforeEach(async () => (t = await startTestApp()));
afterEach(() => t.close());

type Asked = { readonly options: { readonly challenge: string } };
const post = (cookie: string, path: string, body: object = {}) =>
  t.as(cookie).post(path).set({ Origin: ORIGIN, Host: HOST }).send(body);
const offered = async (cookie: string) =>
  ((await post(cookie, '/api/account/passkeys/question').expect(201)).body as Asked).options;
const asked = async () =>
  ((await post('', '/api/sessions/passkey/question').expect(201)).body as Asked).options;
const enter = (response: object) => post('', '/api/sessions/passkey', { response });

async function coachWithDevice() {
  const coach = await join(t, 'coach');
  const device = new Authenticator(ORIGIN, 'localhost');
  const response = device.make(await offered(coach.cookie));
  await post(coach.cookie, '/api/account/passkeys', { response }).expect(201);
  return { coach, device };
}

it('is made, listed, signs in, and is taken away', async () => {
  const { coach, device } = await coachWithDevice();
  const { body: list } = await t.as(coach.cookie).get('/api/account/passkeys').expect(200);
  expect(list).toMatchObject([{ id: device.id, site: 'localhost', usedAt: null }]);
  const entered = await enter(device.sign(await asked())).expect(201);
  expect(entered.body).toMatchObject({ id: coach.id, email: coach.email });
  await t.as(cookieOf(entered)).get('/api/account').expect(200);
  const { body: used } = await t.as(coach.cookie).get('/api/account/passkeys');
  expect(used[0].usedAt).not.toBeNull();
  await t.as(coach.cookie).delete(`/api/account/passkeys/${device.id}`).expect(204);
  await enter(device.sign(await asked())).expect(401);
  const { body: doors } = await t.http().get('/api/doors');
  expect((doors.events as { kind: string; detail: string }[]).slice(0, 3)).toMatchObject([
    { kind: 'passkey-removed' },
    { kind: 'signed-in', detail: expect.stringContaining('with a passkey') },
    { kind: 'passkey-added' },
  ]);
});

it.each([
  ['another address', { origin: 'https://evil.example' }],
  ['another site', { site: 'evil.example' }],
  ['a device that did not make sure who holds it', { isVerified: false }],
])('takes no answer from %s', async (_what, faults) => {
  const { coach, device } = await coachWithDevice();
  await enter(device.sign(await asked(), faults)).expect(401);
  const other = new Authenticator(ORIGIN, 'localhost');
  const response = other.make(await offered(coach.cookie), faults);
  await post(coach.cookie, '/api/account/passkeys', { response }).expect(400);
  // The right one still does.
  await enter(device.sign(await asked())).expect(201);
});

it('takes an answer once, to what was asked, lately', async () => {
  const { coach, device } = await coachWithDevice();
  const once = device.sign(await asked());
  await enter(once).expect(201);
  await enter(once).expect(401);
  await enter(device.sign({ challenge: 'bm90LWFza2VkLWF0LWFsbC1ieS1hbnlvbmU' })).expect(401);
  // What was asked to make a passkey signs nobody in.
  await enter(device.sign(await offered(coach.cookie))).expect(401);
  const late = device.sign(await asked());
  const clock = t.app.get(Clock);
  jest.spyOn(clock, 'now').mockReturnValue(new Date(Date.now() + 6 * 60_000));
  await enter(late).expect(401);
});

it('is refused where its counter has fallen back: it is a copy', async () => {
  const { device } = await coachWithDevice();
  await enter(device.sign(await asked(), { counter: 7 })).expect(201);
  await enter(device.sign(await asked(), { counter: 7 })).expect(401);
  await enter(device.sign(await asked(), { counter: 8 })).expect(201);
});

it('who signed in a while ago says their password first: a browser left open makes none', async () => {
  const coach = await join(t, 'coach');
  const clock = t.app.get(Clock);
  const later = new Date(Date.now() + JUST_NOW_MS + 1000);
  jest.spyOn(clock, 'now').mockReturnValue(later);
  const question = (password?: string) =>
    post(coach.cookie, '/api/account/passkeys/question', { ...(password && { password }) });
  const refused = await question().expect(400);
  expect(refused.body.fields).toMatchObject([{ field: 'password' }]);
  await question('nine red kites').expect(400);
  const asked = (await question(PASSWORD).expect(201)).body as Asked;
  const response = new Authenticator(ORIGIN, 'localhost').make(asked.options);
  await post(coach.cookie, '/api/account/passkeys', { response }).expect(201);
  // Nor a key to another device, where they would have signed in just now.
  await t.as(coach.cookie).post('/api/account/keys').send({}).expect(400);
  // Nor are one-time codes turned on, which would keep its owner out.
  await t.as(coach.cookie).post('/api/account/codes/offer').expect(400);
  await t
    .as(coach.cookie)
    .post('/api/account/codes/offer')
    .send({ password: PASSWORD })
    .expect(201);
});

it('is made for whoever was asked alone', async () => {
  const coach = await join(t, 'coach');
  const other = await join(t, 'assistant');
  const response = new Authenticator(ORIGIN, 'localhost').make(await offered(coach.cookie));
  await post(other.cookie, '/api/account/passkeys', { response }).expect(400);
});

it('lets nobody in who was sent away, and goes with a new password by a link', async () => {
  const { coach, device } = await coachWithDevice();
  await t.http().patch(`/api/people/${coach.id}`).send({ mayEnter: false }).expect(200);
  await enter(device.sign(await asked())).expect(401);
  await t.http().patch(`/api/people/${coach.id}`).send({ mayEnter: true }).expect(200);
  await enter(device.sign(await asked())).expect(201);
  const { body: link } = await t.http().post(`/api/people/${coach.id}/reset`).expect(201);
  const password = 'nine brown otters';
  await t.as('').post(`/api/links/${link.token}`).send({ password }).expect(201);
  await enter(device.sign(await asked())).expect(401);
});

it.each(['http://127.0.0.1:4180', 'http://192.168.1.20:4180', undefined])(
  'says that there is none at an address without a name: %s',
  async (origin) => {
    const request = t.as('').post('/api/sessions/passkey/question');
    if (origin !== undefined) void request.set({ Origin: origin, Host: new URL(origin).host });
    const { status, body } = await request.send({});
    expect([400, 403]).toContain(status);
    if (status === 400) expect(body.message).toMatch(/sign in with your password/);
  },
);

it.each([{}, { id: 7 }, { id: 'x', response: 'y' }, { id: '__proto__', rawId: [] }])(
  'answers whatever comes in place of a device’s answer: %p',
  async (response) => {
    const { coach } = await coachWithDevice();
    await enter(response).expect(401);
    await post(coach.cookie, '/api/account/passkeys', { response }).expect(400);
  },
);
