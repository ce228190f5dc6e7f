/** Every answer is what the document of the API says it is: the routes that give something, asked with things of every kind there. */
import { Ajv } from 'ajv';
import type { OpenAPIObject } from '@nestjs/swagger';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { edit } from '../testing/edit.ts';
import { givePage, threeVisits } from '../testing/pages.ts';

type Json = Record<string, unknown>;
const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null;

/** OpenAPI 3.0 says `nullable` where JSON Schema has a type. */
function asJsonSchema(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(asJsonSchema);
  if (!isObject(schema)) return schema;
  const { nullable, ...rest } = schema;
  const made = Object.fromEntries(Object.entries(rest).map(([k, v]) => [k, asJsonSchema(v)]));
  return nullable === true ? { anyOf: [made, { type: 'null' }] } : made;
}

let t: TestApp;
let document: OpenAPIObject;
const ids: Record<string, string> = {};

beforeAll(async () => {
  t = await startTestApp();
  document = (await t.http().get('/api/openapi.json').expect(200)).body as OpenAPIObject;
  const { player, lesson } = await threeVisits(t, { bodyNotes: 'a stiff hip' });
  for (const [kind, drillId, pathDeg] of [
    ['baseline', null, -5],
    ['drill', 'rails', 0],
  ] as const) {
    await edit(t.http(), 'block.add', { of: lesson, fields: { kind, drillId } }).expect(200);
    for (let n = 0; n < 8; n++) {
      const figures = { clubPathDeg: pathDeg + (n % 3) / 2, faceAngleDeg: n / 8, carryM: 140 };
      const fields = { ...figures, club: '7-iron' };
      await edit(t.http(), 'ball.add', { of: lesson, fields }).expect(200);
    }
  }
  const report = { points: ['Keep at it', null], from: '2020-01-01' };
  const goal = { kind: 'iron', figure: 'faceToPathDeg', wanted: 0, window: 1 };
  const goals = [{ id: 'goal-one', ...goal, by: '2099-01-01', setOn: '2020-01-01' }];
  await edit(t.http(), 'player.set', { id: player, fields: { report, goals } }).expect(200);
  const { body } = await givePage(t.http(), lesson);
  await t.http().post(`/api/players/${player}/reports`).send({ days: 9 }).expect(201);
  const { body: files } = await t.http().get(`/api/lessons/${lesson}/files`).expect(200);
  await t.http().post('/api/backups').expect(201);
  Object.assign(ids, { player, lesson, file: files[0].id as string, token: body.token as string });
});
afterAll(() => t.close());

const nameOf = (path: string, gap: string): string =>
  gap === 'token'
    ? ids['token']!
    : ids[path.includes('/files/') ? 'file' : path.includes('/lessons/') ? 'lesson' : 'player']!;

const SAID: Readonly<Record<string, string>> = { today: '2026-05-05', kind: 'iron' };
/** What a route must be asked with. */
const queryOf = (parameters: readonly unknown[] = []): string =>
  `?${parameters
    .filter((one) => isObject(one) && one['in'] === 'query' && one['required'] === true)
    .map((one) => (one as { readonly name: string }).name)
    .map((name) => `${name}=${SAID[name]}`)
    .join('&')}`;

/** The routes that answer with JSON, with the shape of the answer. */
const answersOf = ({ paths }: OpenAPIObject) =>
  Object.entries(paths).flatMap(([path, { get }]) => {
    const answer = get?.responses['200'];
    const schema =
      answer !== undefined && 'content' in answer
        ? answer.content?.['application/json']?.schema
        : undefined;
    return schema === undefined ? [] : [{ path, schema, query: queryOf(get?.parameters) }];
  });

it('holds in every answer: nothing is missing, nothing is of another kind', async () => {
  const ajv = new Ajv({ strict: false, allErrors: true });
  ajv.addSchema({ $id: 'api', components: asJsonSchema(document.components) });
  const wrong: string[] = [];
  const asked: string[] = [];
  for (const { path, schema, query } of answersOf(document)) {
    if (path.includes('/links/')) continue;
    const url = path.replace(/\{(\w+)\}/g, (_, gap: string) => nameOf(path, gap));
    const { status, body } = await t.http().get(url + query);
    if (status !== 200) continue;
    asked.push(path);
    const whole = JSON.parse(
      JSON.stringify(asJsonSchema(schema)).replaceAll('"#/components', '"api#/components'),
    ) as Json;
    const validate = ajv.compile(whole);
    if (!validate(body)) wrong.push(`${path}: ${ajv.errorsText(validate.errors)}`);
  }
  expect(wrong).toEqual([]);
  expect(asked).toEqual(
    expect.arrayContaining([
      '/api/p/{token}',
      '/api/players/{id}/record',
      '/api/players/{id}/effects',
      '/api/lessons/{lessonId}/balls',
      '/api/standings',
      '/api/moved',
      '/api/settings',
    ]),
  );
  expect(asked.length).toBeGreaterThan(30);
});

it('holds of a record with something in every part of it', async () => {
  const of = async (path: string): Promise<unknown> =>
    (await t.http().get(`/api/players/${ids['player']}/${path}`).expect(200)).body;
  const { record } = (await of('record')) as { record: Record<string, unknown[]> };
  for (const part of ['visits', 'followed', 'periods'])
    expect([part, record[part]!.length]).not.toEqual([part, 0]);
  expect(await of('effects')).not.toEqual([]);
});
