/**
 * Every route, asked by everybody: nobody, somebody signed out, a page's token, an assistant, a coach, an owner, and the
 * owner of another academy who knows the ids. The table says who may; the API's own document says which routes there are.
 */
import { createHash, randomUUID } from 'node:crypto';
import { join as pathOf } from 'node:path';
import { rmSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';
import type { ChangesAnswer } from '../changes/change.dto.ts';
import { cookieOf, startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { MIGRATION_TAGS, oldDatabase } from '../testing/old-database.ts';
import { givePage } from '../testing/pages.ts';
import { join } from '../testing/people.ts';

type Method = 'get' | 'post' | 'patch' | 'put' | 'delete';
type Needs = 'anyone' | 'page' | 'see' | 'log' | 'plan' | 'own';
type Route = readonly [Method, string, Needs, object?];

const AT = '2026-05-04T09:00:00Z';
const FRESH = '5f0c5c55-0f70-4a3a-9d0a-6d7a0a3c0001';

const PAGE = { days: 7 };

/** Ids are the names of the things: a database with a row in every table has them so. */
const ROUTES: readonly Route[] = [
  ['get', '/api/health', 'anyone'],
  ['get', '/api/door', 'anyone'],
  ['post', '/api/policy-reports', 'anyone', {}],
  ['post', '/api/academy', 'anyone', {}],
  ['post', '/api/sessions', 'anyone', {}],
  ['post', '/api/sessions/key', 'anyone', { key: 'x' }],
  ['post', '/api/sessions/demo', 'anyone', {}],
  ['post', '/api/sessions/passkey/question', 'anyone', {}],
  ['post', '/api/sessions/passkey', 'anyone', { response: {} }],
  ['get', '/api/links/{token}', 'anyone'],
  ['post', '/api/links/{token}', 'anyone', {}],
  ['get', '/api/p/{token}', 'page'],
  ['post', '/api/p/{token}/changes', 'page', { changes: [] }],
  ['get', '/api/p/{token}/homework.ics', 'page'],
  // A bay’s token is asked for, and no session.
  ['post', '/api/live', 'anyone', {}],
  ['get', '/api/bays', 'see'],
  ['post', '/api/bays/{bay}/token', 'plan', {}],
  ['delete', '/api/bays/{bay}/token', 'plan'],
  ['post', '/api/bays/{bay}/waiting', 'log', { lessonId: null }],
  ['get', '/api/lessons/{lesson}/live', 'see'],
  ['get', '/api/account', 'see'],
  ['patch', '/api/account', 'see', { name: 'Somebody' }],
  ['post', '/api/account/password', 'see', { password: 'x', next: 'ten long words' }],
  ['post', '/api/account/keys', 'see', {}],
  ['get', '/api/account/sessions', 'see'],
  ['get', '/api/account/passkeys', 'see'],
  ['post', '/api/account/passkeys/question', 'see', {}],
  ['post', '/api/account/passkeys', 'see', { response: {} }],
  ['delete', '/api/account/passkeys/{passkey}', 'see'],
  ['get', '/api/account/codes', 'see'],
  ['post', '/api/account/codes/offer', 'see', {}],
  ['post', '/api/account/codes', 'see', { code: '123456' }],
  ['post', '/api/account/codes/end', 'see', { password: 'x' }],
  ['get', '/api/account/calendar', 'see'],
  ['post', '/api/account/calendar', 'see', { whose: 'all' }],
  ['delete', '/api/account/calendar', 'see'],
  ['get', '/api/calendar/{token}.ics', 'page'],
  ['delete', '/api/account/sessions/{session}', 'see'],
  ['delete', '/api/sessions/this', 'see'],
  ['patch', '/api/academy', 'own', { name: 'Renamed' }],
  ['get', '/api/academy/history', 'see'],
  ['get', '/api/people', 'see'],
  ['patch', '/api/people/{person}', 'own', { role: 'coach' }],
  ['post', '/api/people/{person}/reset', 'own', {}],
  ['get', '/api/invitations', 'own'],
  ['get', '/api/doors', 'own'],
  ['get', '/api/doors/news', 'own'],
  ['post', '/api/doors/seen', 'own', {}],
  ['post', '/api/invitations', 'own', { role: 'coach', name: 'Kit' }],
  ['delete', '/api/invitations/{invitation}', 'own'],
  ['post', '/api/changes', 'log', { changes: [] }],
  ['get', '/api/players', 'see'],
  ['get', '/api/players/{player}', 'see'],
  ['get', '/api/players/{player}/consent', 'plan'],
  ['put', '/api/players/{player}/consent', 'plan', { isMinor: false, guardian: '', consents: [] }],
  ['get', '/api/players/{player}/effects', 'see'],
  ['get', '/api/players/{player}/record', 'see'],
  ['get', '/api/players/{player}/reports', 'see'],
  ['post', '/api/players/{player}/reports', 'plan', PAGE],
  ['get', '/api/kept', 'see'],
  ['get', '/api/kept/gone', 'own'],
  ['post', '/api/players/{player}/keep', 'own', {}],
  ['get', '/api/standings', 'see'],
  ['get', '/api/moved', 'see'],
  ['get', '/api/players/{player}/history', 'see'],
  ['get', '/api/players/{player}/given', 'see'],
  ['get', '/api/given', 'see'],
  ['get', '/api/lessons', 'see'],
  ['get', '/api/lessons/{lesson}', 'see'],
  ['get', '/api/lessons/{lesson}/history', 'see'],
  ['get', '/api/lessons/{lesson}/balls', 'see'],
  ['get', '/api/lessons/{lesson}/blocks', 'see'],
  ['get', '/api/lessons/{lesson}/parts', 'see'],
  ['get', '/api/lessons/{lesson}/files', 'see'],
  ['get', '/api/lessons/{lesson}/repetitions', 'see'],
  ['get', '/api/lessons/{lesson}/pages', 'see'],
  ['get', '/api/files/{launch_file}/rows', 'see'],
  // None is on its way: as of an id that is nowhere, for everybody who may ask.
  ['get', '/api/files-under-way/{id}', 'log'],
  ['delete', '/api/files-under-way/{id}', 'log'],
  ['get', '/api/file-sources', 'see'],
  ['get', '/api/lessons/{lesson}/balls.csv', 'see'],
  ['get', '/api/lessons/{lesson}/balls.json', 'see'],
  ['get', '/api/lessons/{lesson}/balls.xlsx', 'see'],
  ['post', '/api/lessons/{lesson}/files', 'log', {}],
  ['post', '/api/lessons/{lesson}/pages', 'plan', {}],
  ['get', '/api/files/{launch_file}', 'see'],
  ['get', '/api/drills', 'see'],
  ['get', '/api/settings', 'see'],
  ['get', '/api/archive', 'own'],
  ['post', '/api/archive', 'own', {}],
  ['get', '/api/players/{player}/archive', 'plan'],
  ['post', '/api/players/{player}/erase', 'own', { name: 'not their name' }],
  ['get', '/api/backups', 'own'],
  ['post', '/api/backups', 'own', {}],
  ['post', '/api/backups/restore', 'own', {}],
  ['get', '/api/backups/state', 'own'],
  ['post', '/api/backups/tried', 'own', {}],
  ['post', '/api/backups/seal', 'own', { passphrase: 'short' }],
  ['delete', '/api/backups/seal', 'own'],
  ['get', '/api/backups/{name}', 'own'],
  ['post', '/api/backups/{name}/restore', 'own', {}],
];

const DRILL = { name: 'New', movesPath: 1, movesFace: 0, how: 'x', good: 'x', parts: [] };

/** Every thing and what can be done with it, by whom; what is not here is done by nobody. Ids are the things' names. */
type StepOf = readonly [thing: string, verb: string, needs: Needs, id: string, fields?: object];
const STEPS: readonly StepOf[] = [
  ['player', 'add', 'plan', FRESH, { name: 'New', hand: 'right' }],
  ['player', 'set', 'plan', 'player', { aims: 'changed' }],
  ['player', 'remove', 'plan', 'player'],
  ['player', 'restore', 'plan', 'player'],
  ['lesson', 'add', 'plan', FRESH, { startsAt: AT }],
  ['lesson', 'set', 'plan', 'lesson', { asked: 'changed' }],
  ['lesson', 'remove', 'plan', 'lesson'],
  ['lesson', 'restore', 'plan', 'lesson'],
  ['ball', 'add', 'log', FRESH, { carryM: 100 }],
  ['ball', 'set', 'log', 'ball', { carryM: 101 }],
  ['ball', 'remove', 'log', 'ball'],
  ['ball', 'restore', 'log', 'ball'],
  ['block', 'add', 'log', FRESH, { kind: 'play' }],
  ['block', 'set', 'log', 'block', { kind: 'play' }],
  ['block', 'remove', 'log', 'block'],
  ['block', 'restore', 'log', 'block'],
  ['part', 'set', 'plan', 'lesson.setup', { target: 'changed' }],
  ['repetition', 'add', 'log', FRESH, { drillId: 'rails', good: true }],
  ['repetition', 'remove', 'log', 'repetition'],
  ['repetition', 'restore', 'log', 'repetition'],
  ['file', 'remove', 'log', 'launch_file'],
  ['file', 'restore', 'log', 'launch_file'],
  ['source', 'set', 'log', 'source_mapping', { name: 'changed' }],
  ['source', 'remove', 'log', 'source_mapping'],
  ['source', 'restore', 'log', 'source_mapping'],
  ['page', 'remove', 'plan', 'shared_page'],
  ['page', 'restore', 'plan', 'shared_page'],
  ['drill', 'add', 'plan', `own-${FRESH}`, DRILL],
  ['drill', 'remove', 'plan', 'own_drill'],
  ['drill', 'restore', 'plan', 'own_drill'],
  ['setting', 'set', 'plan', 'academy', { firstRoute: 'path' }],
  ['tick', 'set', 'page', '2026-05-04', { done: true }],
  ['word', 'add', 'page', 'a-word-back', { text: 'Hello' }],
  ['bay', 'add', 'plan', FRESH, { name: 'New' }],
  ['bay', 'set', 'log', 'bay', { name: 'changed' }],
  ['bay', 'remove', 'plan', 'bay'],
  ['bay', 'restore', 'plan', 'bay'],
];

const CAN: Readonly<Record<string, readonly Needs[]>> = {
  nobody: ['anyone', 'page'],
  'signed out': ['anyone', 'page'],
  'a page’s token': ['anyone', 'page'],
  assistant: ['anyone', 'page', 'see', 'log'],
  coach: ['anyone', 'page', 'see', 'log', 'plan'],
  owner: ['anyone', 'page', 'see', 'log', 'plan', 'own'],
};

/** The academy with a row in everything, and one beside it whose owner knows every id. */
async function twoAcademies(): Promise<{ t: TestApp; folder: string; stranger: string }> {
  const folder = await oldDatabase(MIGRATION_TAGS.at(-1)!);
  const t = await startTestApp(folder);
  const client = createClient({ url: pathToFileURL(pathOf(folder, 'loxos.db')).href });
  const at = new Date().toISOString();
  const token = 'token-of-the-stranger';
  const hash = createHash('sha256').update(token).digest('hex');
  await client.batch([
    "update academy set personal_for = 'coaches'",
    {
      sql: 'insert into academy (id, name, created_at) values (?, ?, ?)',
      args: ['far', 'Far', at],
    },
    {
      sql: 'insert into user (id, academy_id, email, name, role, password_hash, created_at) values (?, ?, ?, ?, ?, ?, ?)',
      args: ['far-owner', 'far', 'far@far.example', 'Far Owner', 'owner', 'x', at],
    },
    {
      sql: 'insert into session (id, academy_id, user_id, token_hash, rotated_at, created_at, seen_at, device) values (?, ?, ?, ?, ?, ?, ?, ?)',
      args: ['far-session', 'far', 'far-owner', hash, at, at, at, ''],
    },
  ]);
  client.close();
  return { t, folder, stranger: `loxos=${token}` };
}

let t: TestApp;
let folder: string;
const cookies: Record<string, string> = { nobody: '' };
beforeAll(async () => {
  let stranger: string;
  ({ t, folder, stranger } = await twoAcademies());
  const owner = await join(t, 'owner');
  const left = await join(t, 'coach', 'left@academy.example');
  await t.as(left.cookie).delete('/api/sessions/this').expect(204);
  const page = await givePage(t.http(), 'lesson');
  Object.assign(cookies, {
    stranger,
    owner: owner.cookie,
    coach: (await join(t, 'coach')).cookie,
    assistant: (await join(t, 'assistant')).cookie,
    'signed out': left.cookie,
    'a page’s token': `loxos=${(page.body as { token: string }).token}`,
  });
});
afterAll(async () => {
  await t.close();
  rmSync(folder, { recursive: true, force: true });
});

/** Ids in a path: those of the academy's things are the things' names. */
const THINGS = /\{(player|lesson|ball|block|launch_file|bay)\}/;
const isAimed = ([, path]: Route): boolean => THINGS.test(path);

function ask(who: string, [method, path, , body]: Route, id = '$1') {
  const aimed = path.replace(THINGS, id).replace(/\{\w+\}/, 'none');
  const asked = t.as(cookies[who]!)[method](aimed);
  return body === undefined ? asked : asked.send(body);
}

it('the table names every route there is', async () => {
  const { body } = await t.http().get('/api/openapi.json').expect(200);
  const paths = (body as { paths: Record<string, object> }).paths;
  const given = Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => `${method} ${path.replace(/\{\w+\}/g, '*')}`),
  );
  const told = ROUTES.map(([method, path]) => `${method} ${path.replace(/\{\w+\}/g, '*')}`);
  expect(told.sort()).toEqual(given.sort());
});

// An owner is refused nothing.
describe.each(Object.entries(CAN).filter(([who]) => who !== 'owner'))('%s', (who, may) => {
  const refused = ROUTES.filter(([, , needs]) => !may.includes(needs));
  const isSignedIn = may.includes('see');
  it.each(refused)('may not %s %s', async (...route) => {
    const { status, body } = await ask(who, route as unknown as Route);
    expect(status).toBe(isSignedIn ? 403 : 401);
    expect((body as { kind: string }).kind).toBe(isSignedIn ? 'refused' : 'signed-out');
    expect(JSON.stringify(body)).not.toMatch(/Ada Reed/);
  });
});

/** Sends a step and says what became of it: its problem, or null where it was taken. */
async function sent(who: string, step: object, token?: string) {
  const path = token === undefined ? '/api/changes' : `/api/p/${token}/changes`;
  const change = { id: randomUUID(), steps: [step] };
  const answer = await t
    .as(cookies[who]!)
    .post(path)
    .send({ changes: [change] })
    .expect(200);
  return (answer.body as ChangesAnswer).answers[0]!;
}
const VERBS = ['add', 'set', 'remove', 'restore'];
/** What a thing that is added is of. */
const PARENTS: Readonly<Record<string, string>> = {
  ...{ lesson: 'player', ball: 'lesson', block: 'lesson', repetition: 'lesson' },
};
const stepOf = ([thing, verb, , id, fields = {}]: StepOf) => ({
  ...{ thing, verb, id, fields },
  of: verb === 'add' ? (PARENTS[thing] ?? '') : '',
});

describe.each(['assistant', 'coach', 'owner'])('a change by the %s', (who) => {
  it.each(STEPS)('%s.%s needs to %s', async (...given) => {
    const step = given as unknown as StepOf;
    const [, , needs] = step;
    const { problem } = await sent(who, stepOf(step));
    if (CAN[who]!.includes(needs) && needs !== 'page')
      expect(problem === null || [400, 404, 409].includes(problem.statusCode)).toBe(true);
    else expect(problem).toMatchObject({ statusCode: 403, kind: 'refused' });
  });

  const all = [...new Set(STEPS.map(([thing]) => thing))];
  const known = new Set(STEPS.map(([thing, verb]) => `${thing}.${verb}`));
  const unknown = all.flatMap((thing) => VERBS.map((verb) => [thing, verb] as const));
  it.each(unknown.filter(([thing, verb]) => !known.has(`${thing}.${verb}`)))(
    '%s.%s is done by nobody',
    async (thing, verb) => {
      const { problem } = await sent(who, { thing, verb, id: thing, of: '', fields: {} });
      expect(problem).toMatchObject({ statusCode: 400, fields: [{ field: 'verb' }] });
    },
  );
});

describe('a change at a page', () => {
  const token = (): string => cookies['a page’s token']!.slice('loxos='.length);
  it.each(STEPS)('%s.%s is taken where it is the player’s', async (...given) => {
    const step = given as unknown as StepOf;
    const [thing, verb] = step;
    const isTheirs = ['tick.set', 'word.add', 'repetition.add'].includes(`${thing}.${verb}`);
    // An owner who holds the link is its player there, and no more.
    for (const who of ['nobody', 'owner']) {
      const { problem } = await sent(who, stepOf(step), token());
      expect(problem?.kind === 'refused').toBe(!isTheirs);
    }
  });
});

describe('the owner of another academy, with every id', () => {
  it.each(
    STEPS.filter(([thing, verb, , id]) => verb !== 'add' && thing !== 'setting' && id !== FRESH),
  )('%s.%s: as though it were not there', async (...given) => {
    const step = given as unknown as StepOf;
    const theirs = await sent('stranger', stepOf(step));
    const [thing, verb, needs, , fields] = step;
    const id = thing === 'part' ? 'not-there.setup' : 'not-there';
    const nothing = await sent('stranger', stepOf([thing, verb, needs, id, fields]));
    expect([403, 404]).toContain(theirs.problem?.statusCode);
    expect(theirs.problem).toEqual(nothing.problem);
  });

  it.each(ROUTES.filter(isAimed))('%s %s: as though it were not there', async (...given) => {
    const route = given as unknown as Route;
    const theirs = await ask('stranger', route);
    const nothing = await ask('stranger', route, 'not-there');
    expect([400, 404]).toContain(theirs.status);
    expect([theirs.status, theirs.body]).toEqual([nothing.status, nothing.body]);
  });

  const lists = ROUTES.filter(([method, , needs]) => method === 'get' && needs === 'see').filter(
    (route) => !isAimed(route),
  );
  it.each(lists)('%s %s: shows nothing of it', async (...route) => {
    const { body } = await ask('stranger', route as unknown as Route);
    expect(JSON.stringify(body)).not.toMatch(/Ada Reed|Test academy|olga|"(?:lesson|player)"/i);
  });
});

describe('whoever may', () => {
  const by: Partial<Record<Needs, string>> = {
    see: 'assistant',
    log: 'assistant',
    plan: 'coach',
    own: 'owner',
  };
  const kept = ROUTES.filter(
    ([method, path, needs]) =>
      by[needs] !== undefined &&
      method !== 'delete' &&
      path !== '/api/account/password' &&
      // Stays open: see bays/live-stream.test.ts.
      !path.endsWith('/live'),
  );
  it.each(kept)('%s %s gets in', async (...given) => {
    const route = given as unknown as Route;
    const { status } = await ask(by[route[2]]!, route);
    expect([401, 403]).not.toContain(status);
    expect(status).toBeLessThan(500);
  });
});

it('a page’s token opens its page and nothing else', async () => {
  const token = cookies['a page’s token']!.slice('loxos='.length);
  await t.as('').get(`/api/p/${token}`).expect(200);
  await t.as('').get(`/api/links/${token}`).expect(404);
  await t.as('').post('/api/sessions/key').send({ key: token }).expect(401);
  await t.as('').get('/api/p/none').expect(404);
  expect(cookieOf(await t.as('').get(`/api/p/${token}`))).toBe('');
});

it('a page is asked no more often than a person could', async () => {
  const statuses: number[] = [];
  for (let i = 0; i < 245; i++) statuses.push((await t.as('').get('/api/p/asked-a-lot')).status);
  expect(statuses.slice(0, 240)).toEqual(Array(240).fill(404));
  expect(statuses.at(-1)).toBe(429);
});
