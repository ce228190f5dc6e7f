/** What docs/live.md says is so: its message, its answer, its sender, its schema. */
import { execFile } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { LIVE_NAMES, liveSchema } from '@loxos/core';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { edit } from '../testing/edit.ts';
import { messageOf, newBay, saidBall } from '../testing/live.ts';

const DOCS = join(__dirname, '../../../docs');
const doc = readFileSync(join(DOCS, 'live.md'), 'utf8');
const blocks = (kind: string): string[] =>
  [...doc.matchAll(new RegExp(`\`\`\`${kind}\n([\\s\\S]*?)\`\`\``, 'g'))].map(([, text]) => text!);
const [message, answer] = blocks('json').map((text) => JSON.parse(text) as object);

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

it('shows a message and the answer it is given', async () => {
  const lesson = await t.lesson();
  await edit(t.http(), 'block.add', { of: lesson, fields: { kind: 'baseline' } }).expect(200);
  const { post } = await newBay(t, lesson);
  expect((await post(message!).expect(200)).body).toEqual(answer);
});

it('shows a sender of twenty lines that sends', async () => {
  const lesson = await t.lesson();
  const { token } = await newBay(t, lesson);
  const { port } = t.app.getHttpServer().address() as { port: number };
  const folder = mkdtempSync(join(tmpdir(), 'loxos-sender-'));
  const [code] = blocks('js');
  expect(code!.trim().split('\n').length).toBeLessThanOrEqual(20);
  writeFileSync(join(folder, 'sender.mjs'), code!);
  const env = { LOXOS_LIVE: `http://127.0.0.1:${port}/api/live`, LOXOS_BAY_TOKEN: token };
  await promisify(execFile)(process.execPath, [join(folder, 'sender.mjs')], {
    env: { ...process.env, ...env },
  });
  rmSync(folder, { recursive: true });
  expect((await t.whole(lesson)).balls).toMatchObject([
    { club: '7-iron', startDirectionDeg: -3, curveM: 8, carryM: 140 },
  ]);
});

it('names every quantity, and its schema is the one in force', () => {
  for (const name of LIVE_NAMES) expect(doc).toContain(`| \`${name}\``);
  const written = JSON.parse(readFileSync(join(DOCS, 'live.schema.json'), 'utf8')) as object;
  expect(written).toEqual(JSON.parse(JSON.stringify(liveSchema())));
});

it('has a schema that takes what the server takes, and refuses what it refuses', () => {
  const holds = new Ajv2020().compile(liveSchema());
  expect(holds(message)).toBe(true);
  expect(holds(messageOf([saidBall(1)]))).toBe(true);
  expect(holds(messageOf([saidBall(1)], { version: 2 }))).toBe(false);
  expect(holds(messageOf([], { quantities: { clubPath: { unit: 'deg' } } }))).toBe(false);
  expect(holds(messageOf([{ sequence: 1, figures: { carry: 'far' } }]))).toBe(false);
});
