/**
 * Every route, asked by everybody: nobody, somebody signed out, a page's token, an assistant, a coach, an owner, and the
 * owner of another academy who knows the ids. The table says who may; the API's own document says which routes there are.
 */
import { createHash } from 'node:crypto';
import { join as pathOf } from 'node:path';
import { rmSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';
import { cookieOf, startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { MIGRATION_TAGS, oldDatabase } from '../testing/old-database.ts';
import { join } from '../testing/people.ts';
import { pageWith } from '../testing/pages.ts';

type Method = 'get' | 'post' | 'patch' | 'put' | 'delete';
type Needs = 'anyone' | 'page' | 'see' | 'log' | 'plan' | 'own';
type Route = readonly [Method, string, Needs, object?];

const AT = '2026-05-04T09:00:00Z';
const BLOCK = '5f0c5c55-0f70-4a3a-9d0a-6d7a0a3c0001';

const PAGE = { days: 7, content: pageWith({ points: ['a'] }) };
const REPORT = {
  ...PAGE,
  content: { ...PAGE.content, period: { from: '2026-01-01', to: '2026-05-04' } },
};

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
  ['post', '/api/p/{token}/ticks', 'page', { date: '2026-05-04', done: true }],
  ['post', '/api/p/{token}/repetitions', 'page', { drillId: 'rails', good: 1, of: 2 }],
  ['post', '/api/p/{token}/words', 'page', { id: 'a-word-back', text: 'Hello' }],
  ['get', '/api/p/{token}/homework.ics', 'page'],
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
  ['get', '/api/players', 'see'],
  ['post', '/api/players', 'plan', { name: 'New', hand: 'right' }],
  ['get', '/api/players/{player}', 'see'],
  ['patch', '/api/players/{player}', 'plan', { aims: 'changed' }],
  ['delete', '/api/players/{player}', 'plan'],
  ['post', '/api/players/{player}/restore', 'plan', {}],
  ['get', '/api/players/{player}/consent', 'plan'],
  ['put', '/api/players/{player}/consent', 'plan', { isMinor: false, guardian: '', consents: [] }],
  ['get', '/api/players/{player}/effects', 'see'],
  ['get', '/api/players/{player}/record', 'see'],
  ['get', '/api/players/{player}/reports', 'see'],
  ['post', '/api/players/{player}/reports', 'plan', REPORT],
  ['get', '/api/kept', 'see'],
  ['get', '/api/kept/gone', 'own'],
  ['post', '/api/players/{player}/keep', 'own', {}],
  ['get', '/api/standings', 'see'],
  ['get', '/api/moved', 'see'],
  ['get', '/api/players/{player}/history', 'see'],
  ['get', '/api/players/{player}/given', 'see'],
  ['get', '/api/given', 'see'],
  ['get', '/api/lessons', 'see'],
  ['post', '/api/lessons', 'plan', { playerId: 'player', startsAt: AT }],
  ['get', '/api/lessons/{lesson}', 'see'],
  ['patch', '/api/lessons/{lesson}', 'plan', { asked: 'changed' }],
  ['delete', '/api/lessons/{lesson}', 'plan'],
  ['post', '/api/lessons/{lesson}/restore', 'plan', {}],
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
  ['patch', '/api/file-sources/{source_mapping}', 'log', { name: 'changed' }],
  ['get', '/api/lessons/{lesson}/balls.csv', 'see'],
  ['get', '/api/lessons/{lesson}/balls.json', 'see'],
  ['get', '/api/lessons/{lesson}/balls.xlsx', 'see'],
  ['post', '/api/lessons/{lesson}/balls', 'log', { carryM: 100 }],
  ['post', '/api/lessons/{lesson}/balls/block', 'log', { ballIds: ['ball'], blockId: null }],
  ['post', '/api/lessons/{lesson}/blocks', 'log', { id: BLOCK, kind: 'play' }],
  ['post', '/api/lessons/{lesson}/files', 'log', {}],
  ['post', '/api/lessons/{lesson}/pages', 'plan', {}],
  ['patch', '/api/lessons/{lesson}/parts/{part}', 'plan', { changes: { target: 'changed' } }],
  ['post', '/api/lessons/{lesson}/repetitions', 'log', { drillId: 'rails', good: 1, of: 2 }],
  ['patch', '/api/balls/{ball}', 'log', { carryM: 101 }],
  ['delete', '/api/balls/{ball}', 'log'],
  ['post', '/api/balls/{ball}/restore', 'log', {}],
  ['patch', '/api/blocks/{block}', 'log', { kind: 'play' }],
  ['delete', '/api/blocks/{block}', 'log'],
  ['get', '/api/files/{launch_file}', 'see'],
  ['delete', '/api/files/{launch_file}', 'log'],
  ['delete', '/api/pages/{shared_page}', 'plan'],
  ['delete', '/api/repetitions/{repetition}', 'log'],
  ['get', '/api/drills', 'see'],
  ['post', '/api/drills', 'plan', {}],
  ['delete', '/api/drills/{own_drill}', 'plan'],
  ['post', '/api/drills/{own_drill}/restore', 'plan', {}],
  ['get', '/api/settings', 'see'],
  ['patch', '/api/settings', 'plan', { changes: {} }],
  ['post', '/api/history/{history}/undo', 'plan', {}],
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
  const page = await t.http().post('/api/lessons/lesson/pages').send(PAGE);
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
const THINGS =
  /\{(player|lesson|ball|block|launch_file|source_mapping|shared_page|repetition|own_drill|history)\}/;
const isAimed = ([, path]: Route): boolean => THINGS.test(path);

function ask(who: string, [method, path, , body]: Route, id = '$1') {
  const aimed = path
    .replace(THINGS, id)
    .replace('{part}', 'setup')
    .replace(/\{\w+\}/, 'none');
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

describe('the owner of another academy, with every id', () => {
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
      by[needs] !== undefined && method !== 'delete' && path !== '/api/account/password',
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
