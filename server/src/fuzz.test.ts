/** Requests no screen sends: every one gets a 2xx or a 4xx, and the server goes on. Seeds are fixed. */
import { THING_NAMES, VERBS } from '@loxos/core';
import fc from 'fast-check';
import { startTestApp } from './testing/app.ts';
import type { TestApp } from './testing/app.ts';
import { edit } from './testing/edit.ts';

const SEED = 20261125;
const RUNS = process.env['LOXOS_SOAK'] === '1' ? 10_000 : 250;

let t: TestApp;
let ids: Record<string, string>;
beforeAll(async () => {
  t = await startTestApp();
  const lesson = await t.lesson();
  const ball = await edit(t.http(), 'ball.add', { of: lesson, fields: { carryM: 100 } });
  const block = crypto.randomUUID();
  await edit(t.http(), 'block.add', { of: lesson, fields: { id: block, kind: 'play' } });
  const player = (await t.http().get(`/api/lessons/${lesson}`)).body.player.id as string;
  ids = { lesson, ball: ball.body.id as string, block, player, none: crypto.randomUUID() };
});
afterAll(() => t.close());

const ROUTES = [
  ['post', '/api/changes'],
  ['post', '/api/lessons/:lesson/pages'],
  ['post', '/api/p/:none/changes'],
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
  'days',
  'stations',
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

/** Steps that may name something, with whatever fields. */
const step = fc.record({
  thing: fc.constantFrom(...THING_NAMES),
  verb: fc.constantFrom(...VERBS),
  id: fc.oneof(
    fc.constantFrom('lesson', 'ball', 'block', 'player', 'none').map((name) => () => ids[name]!),
    fc
      .constantFrom('setup', 'causes', 'work', 'send')
      .map((part) => () => `${ids['lesson']!}.${part}`),
    fc.constantFrom('academy', '2026-05-04', 'toString', '.').map((id) => () => id),
  ),
  isOfLesson: fc.boolean(),
  fields: body,
  was: fc.option(body, { nil: undefined }),
});

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

  it(
    'nor do changes that no screen makes',
    async () => {
      await fc.assert(
        fc.asyncProperty(fc.array(step, { minLength: 1, maxLength: 3 }), async (steps) => {
          const sent = steps.map(({ id, isOfLesson, ...rest }) => ({
            ...rest,
            id: id(),
            of: isOfLesson ? ids['lesson'] : '',
          }));
          const changes = [{ id: crypto.randomUUID(), steps: sent }];
          const { status, body: answer } = await t.http().post('/api/changes').send({ changes });
          const problem = status === 200 ? answer.answers[0].problem : answer;
          if (problem?.statusCode >= 500) throw new Error(JSON.stringify(problem));
          // Whatever was taken away is brought back, so that the next finds it.
          for (const thing of ['player', 'lesson', 'ball', 'block'] as const)
            await edit(t.http(), `${thing}.restore`, { id: ids[thing]! }).expect(200);
        }),
        { seed: SEED, numRuns: RUNS },
      );
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
    const request = t.http().post('/api/changes').set('content-type', 'application/json');
    const { body: problem } = await (text === undefined ? request : request.send(text)).expect(
      status,
    );
    expect(problem.message).not.toBe('');
    expect(JSON.stringify(problem)).not.toContain('when you report it');
  });

  it.each([null, '', '2026', '2026-05-04', 5, '0001-01-01T00:00:00Z'])(
    'a lesson does not begin at %j',
    async (startsAt) => {
      const { body: problem } = await edit(t.http(), 'lesson.set', {
        id: ids['lesson']!,
        fields: { startsAt },
      }).expect(400);
      expect(problem.message).toContain('startsAt');
    },
  );

  it('an id that is another thing’s already is said to be taken', async () => {
    const { ball, lesson } = ids as { ball: string; lesson: string };
    await edit(t.http(), 'ball.remove', { id: ball }).expect(200);
    const known = await edit(t.http(), 'ball.add', { of: lesson, fields: { id: ball, carryM: 1 } });
    expect(known.status).toBeLessThan(500);
    await edit(t.http(), 'ball.restore', { id: ball }).expect(200);
  });
});
