import { generate } from 'otplib';
import { Clock } from '../../common/clock.ts';
import { startTestApp } from '../../testing/app.ts';
import type { TestApp } from '../../testing/app.ts';
import { PASSWORD, join } from '../../testing/people.ts';
import { SLOW } from '../slow-door.ts';
import { newRecoveryCodes, plainRecoveryCode, stepOf } from './one-time.ts';

const STEP_MS = 30_000;
let t: TestApp;
let now: Date;
beforeEach(async () => {
  t = await startTestApp();
  now = new Date();
  const clock = t.app.get(Clock);
  jest.spyOn(clock, 'now').mockImplementation(() => now);
  jest.spyOn(clock, 'text').mockImplementation(() => now.toISOString());
});
afterEach(() => t.close());

const later = (ms: number): Date => (now = new Date(now.getTime() + ms));
const codeAt = (secret: string, at = now) =>
  generate({ secret, epoch: Math.floor(at.getTime() / 1000) });

async function coachWithCodes() {
  const coach = await join(t, 'coach');
  const http = () => t.as(coach.cookie);
  const { body: offer } = await http().post('/api/account/codes/offer').expect(201);
  const secret = offer.secret as string;
  const { body } = await http()
    .post('/api/account/codes')
    .send({ code: await codeAt(secret) })
    .expect(201);
  const signIn = (code?: string) =>
    t
      .as('')
      .post('/api/sessions')
      .send({ email: coach.email, password: PASSWORD, ...(code !== undefined && { code }) });
  return { coach, http, secret, uri: offer.uri as string, codes: body.codes as string[], signIn };
}

describe('one-time codes', () => {
  // RFC 6238, appendix B (SHA-1), its last six of eight figures.
  it.each([
    [59, '287082'],
    [1111111109, '081804'],
    [1234567890, '005924'],
    [20000000000, '353130'],
  ])('are those of the standard at %i s', async (seconds, code) => {
    const secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
    const of = { secret, after: null, at: seconds * 1000 };
    expect(await stepOf(code, of)).toBe(Math.floor(seconds / 30));
    expect(await stepOf(code, { ...of, after: Math.floor(seconds / 30) })).toBeNull();
    expect(await stepOf('000000', of)).toBeNull();
  });

  it('are asked for besides the password once they are on, and each is taken once', async () => {
    const { secret, uri, signIn } = await coachWithCodes();
    expect(uri).toMatch(/^otpauth:\/\/totp\//);
    const asked = await signIn().expect(401);
    expect(asked.body.fields).toMatchObject([{ field: 'code' }]);
    // The one that turned them on is used up.
    await signIn(await codeAt(secret)).expect(401);
    later(STEP_MS);
    const code = await codeAt(secret);
    await signIn(` ${code.slice(0, 3)} ${code.slice(3)} `).expect(201);
    await signIn(code).expect(401);
  });

  it('are taken from a phone half a minute off, and not from one further off', async () => {
    const { secret, signIn } = await coachWithCodes();
    later(10 * STEP_MS);
    await signIn(await codeAt(secret, new Date(now.getTime() - 3 * STEP_MS))).expect(401);
    await signIn(await codeAt(secret, new Date(now.getTime() - STEP_MS))).expect(201);
  });

  it('that come twice at once are taken once', async () => {
    const { secret, signIn } = await coachWithCodes();
    later(2 * STEP_MS);
    const code = await codeAt(secret);
    const answers = await Promise.all([signIn(code), signIn(code), signIn(code)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 401, 401]);
  });

  it('cannot be guessed: wrong ones make the wait longer, with the right password too', async () => {
    const { signIn } = await coachWithCodes();
    const statuses: number[] = [];
    for (let n = 0; n <= SLOW.freeTries; n++) statuses.push((await signIn('000000')).status);
    expect(statuses.at(-1)).toBe(429);
  });

  it('have stand-ins for a lost phone, each used once', async () => {
    const { codes, signIn, http } = await coachWithCodes();
    expect(codes).toHaveLength(10);
    await signIn(codes[0]!.toLowerCase().replace('-', ' ')).expect(201);
    await signIn(codes[0]).expect(401);
    await signIn(codes[1]).expect(201);
    const { body } = await http().get('/api/account/codes').expect(200);
    expect(body).toEqual({ isOn: true, left: 8 });
  });

  it('are turned off with the password alone, and by a link to a new one', async () => {
    const { http, signIn, coach } = await coachWithCodes();
    await http().post('/api/account/codes/end').send({ password: 'not it' }).expect(400);
    await http().post('/api/account/codes/offer').expect(409);
    await http().post('/api/account/codes/end').send({ password: PASSWORD }).expect(204);
    await signIn().expect(201);
    const { body: offer } = await http().post('/api/account/codes/offer').expect(201);
    later(STEP_MS);
    const code = await codeAt(offer.secret);
    await http().post('/api/account/codes').send({ code }).expect(201);
    const { body: link } = await t.http().post(`/api/people/${coach.id}/reset`).expect(201);
    const password = 'nine brown otters';
    await t.as('').post(`/api/links/${link.token}`).send({ password }).expect(201);
    const { email } = coach;
    await t.as('').post('/api/sessions').send({ email, password }).expect(201);
  });

  it('are not on before one has come, and not by a wrong or a late one', async () => {
    const coach = await join(t, 'coach');
    const http = () => t.as(coach.cookie);
    const { body: offer } = await http().post('/api/account/codes/offer').expect(201);
    const confirm = (code: string) => http().post('/api/account/codes').send({ code });
    await confirm('000000').expect(400);
    await confirm('six').expect(400);
    const { body } = await http().get('/api/account/codes');
    expect(body).toEqual({ isOn: false, left: 0 });
    later(16 * 60_000);
    await confirm(await codeAt(offer.secret)).expect(400);
  });
});

it('recovery codes differ, and hold nothing that is taken for another letter', () => {
  const codes = Array.from({ length: 50 }, newRecoveryCodes).flat();
  expect(new Set(codes).size).toBe(500);
  for (const code of codes) {
    expect(code).toMatch(/^[2-9A-HJKMNP-Z]{5}-[2-9A-HJKMNP-Z]{5}$/);
    expect(plainRecoveryCode(` ${code.toLowerCase()} `)).toBe(code.replace('-', ''));
  }
});
