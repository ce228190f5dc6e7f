/** Requests no screen sends: every one gets a 2xx or a 4xx, and the server goes on. Seeds are fixed. */
import fc from 'fast-check';
import { startTestApp } from './testing/app.ts';
import type { TestApp } from './testing/app.ts';

const SEED = 20261125;
const RUNS = process.env['LOXOS_SOAK'] === '1' ? 10_000 : 250;

let t: TestApp;
let ids: Record<string, string>;
beforeAll(async () => {
  t = await startTestApp();
  const lesson = await t.lesson();
  const ball = await t.http().post(`/api/lessons/${lesson}/balls`).send({ carryM: 100 });
  const block = crypto.randomUUID();
  await t.http().post(`/api/lessons/${lesson}/blocks`).send({ id: block, kind: 'play' });
  const player = (await t.http().get(`/api/lessons/${lesson}`)).body.player.id as string;
  ids = { lesson, ball: ball.body.id as string, block, player, none: crypto.randomUUID() };
});
afterAll(() => t.close());

const ROUTES = [
  ['post', '/api/players'],
  ['patch', '/api/players/:player'],
  ['post', '/api/lessons'],
  ['patch', '/api/lessons/:lesson'],
  ['post', '/api/lessons/:lesson/balls'],
  ['patch', '/api/balls/:ball'],
  ['post', '/api/lessons/:lesson/blocks'],
  ['patch', '/api/blocks/:block'],
  ['post', '/api/lessons/:lesson/balls/block'],
  ['patch', '/api/lessons/:lesson/parts/setup'],
  ['patch', '/api/lessons/:lesson/parts/causes'],
  ['patch', '/api/lessons/:lesson/parts/work'],
  ['patch', '/api/lessons/:lesson/parts/send'],
  ['post', '/api/lessons/:lesson/repetitions'],
  ['post', '/api/lessons/:lesson/pages'],
  ['patch', '/api/settings'],
  ['post', '/api/drills'],
  ['post', '/api/history/:none/undo'],
  ['post', '/api/p/:none/ticks'],
  ['patch', '/api/academy'],
  ['post', '/api/account/codes'],
  ['post', '/api/account/passkeys'],
  ['post', '/api/sessions/passkey'],
  ['post', '/api/policy-reports'],
] as const;

/** Fields that exist, so that a value is looked at before it is refused. */
const FIELDS = [
  'id',
  'name',
  'hand',
  'wanted',
  'all',
  'shape',
  'startsAt',
  'asked',
  'playerId',
  'carryM',
  'clubPathDeg',
  'club',
  'clubText',
  'keep',
  'kind',
  'drillId',
  'aim',
  'judged',
  'targets',
  'ballIds',
  'blockId',
  'changes',
  'observations',
  'observations.chest',
  'drillIds',
  'stations',
  'stations.rails',
  'target',
  'camera',
  'points',
  'homework',
  'nextLook',
  'words',
  'content',
  'days',
  'stations',
  'slants',
  'numbers',
  'bands',
  'bands.pathNeutralDeg',
  'firstRoute',
  'movesPath',
  'how',
  'good',
  'parts',
  'date',
  'done',
  'response',
  'rawId',
  'type',
  'idleHours',
  'zone',
  'code',
  'csp-report',
  '__proto__',
  'constructor',
];

const leaf = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    true,
    '',
    'right',
    'toString',
    'constructor',
    '__proto__',
    '7-iron',
    'drill',
    '2026',
    '2026-05-04',
    '2026-05-04T09:00:00Z',
    '2026-13-45T99:00:00Z',
    'a\u0000b',
    '\ud800',
    -1,
    0,
    1e308,
    -0,
    '00000000-0000-4000-8000-000000000000',
  ),
  fc.string({ maxLength: 20 }),
  fc.double(),
);
const tree = fc.letrec((tie) => ({
  value: fc.oneof(
    { depthSize: 'small' },
    leaf,
    fc.array(tie('value'), { maxLength: 4 }),
    fc.dictionary(fc.constantFrom(...FIELDS), tie('value'), { maxKeys: 6 }),
  ),
}));
const body = fc.dictionary(fc.constantFrom(...FIELDS), tree.value, { maxKeys: 8 });

const pathOf = (route: string): string => route.replace(/:(\w+)/g, (_, name: string) => ids[name]!);

describe('requests no screen sends', () => {
  it(
    'never break the server',
    async () => {
      await fc.assert(
        fc.asyncProperty(fc.constantFrom(...ROUTES), body, async ([method, route], sent) => {
          const { status, text } = await t.http()[method](pathOf(route)).send(sent);
          if (status >= 500 || status < 200) throw new Error(`${status} ${text}`);
        }),
        { seed: SEED, numRuns: RUNS },
      );
      await t.http().get('/api/health').expect(200);
      await t.http().get(`/api/lessons/${ids['lesson']!}`).expect(200);
    },
    RUNS * 400,
  );

  const deep = (levels: number): string => `${'['.repeat(levels)}${']'.repeat(levels)}`;
  it.each([
    ['nothing at all', undefined, 400],
    ['a list', '[]', 400],
    ['a number', '7', 400],
    ['half a text', '{"name":', 400],
    ['what is too deep', `{"changes":${deep(5000)}}`, 400],
    ['a NUL', '{"name":"a\\u0000b","hand":"right"}', 400],
    ['a year alone', '{"name":"x","hand":"right","wanted":null}', 400],
  ])('%s is refused in words', async (_name, text, status) => {
    const request = t.http().post('/api/players').set('content-type', 'application/json');
    const { body: problem } = await (text === undefined ? request : request.send(text)).expect(
      status,
    );
    expect(problem.message).not.toBe('');
    expect(JSON.stringify(problem)).not.toContain('when you report it');
  });

  it.each([null, '', '2026', '2026-05-04', 5, '0001-01-01T00:00:00Z'])(
    'a lesson does not begin at %j',
    async (startsAt) => {
      const { body: problem } = await t
        .http()
        .patch(`/api/lessons/${ids['lesson']!}`)
        .send({ startsAt })
        .expect(400);
      expect(problem.message).toContain('startsAt');
    },
  );

  it('an id that is another thing’s already is said to be taken', async () => {
    const { ball, lesson } = ids as { ball: string; lesson: string };
    await t.http().delete(`/api/balls/${ball}`).expect(204);
    const known = await t.http().post(`/api/lessons/${lesson}/balls`).send({ id: ball, carryM: 1 });
    expect(known.status).toBeLessThan(500);
    await t.http().post(`/api/balls/${ball}/restore`).expect(200);
  });
});
