/** How the database finds what each place asks for: a large academy has hundreds of thousands of balls, and none is looked through. */
import { createClient } from '@libsql/client';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { PLAIN_FILE, startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import type { Connection } from './connection.ts';
import { Store } from './store.ts';
import { givePage } from '../testing/pages.ts';
import { edit, putInto } from '../testing/edit.ts';

/** Tables that grow with every lesson: read by an index, or not at all. */
const LARGE = [
  'ball',
  'ball_file',
  'history',
  'repetition',
  'launch_file',
  'homework_tick',
  'block',
];

let t: TestApp;
const asked = new Set<string>();

/** Writes down every statement that is run. */
function listen(connection: Connection): void {
  const ask = connection.ask.bind(connection);
  connection.ask = (sql, args) => {
    asked.add(sql);
    return ask(sql, args);
  };
}

/** A coach's day: a lesson with files, blocks, repetitions, a page, and every place that shows them. */
async function tour(): Promise<void> {
  const player = await t.player();
  const lesson = await t.lesson(player);
  const path = `/api/lessons/${lesson}`;
  const block = crypto.randomUUID();
  const http = () => t.http();
  const drill = { kind: 'drill', drillId: 'rails' };
  await edit(http(), 'block.add', { id: block, of: lesson, fields: drill }).expect(200);
  const file = await http().post(`${path}/files`).attach('file', Buffer.from(PLAIN_FILE), 'a.csv');
  const ball = await edit(http(), 'ball.add', { of: lesson, fields: { carryM: 120 } }).expect(200);
  await edit(http(), 'ball.set', { id: ball.body.id, fields: { keep: 'out' } }).expect(200);
  const move = { ballIds: [ball.body.id], blockId: null };
  await putInto(http(), lesson, move).expect(200);
  const fields = { target: 'oak' };
  await edit(http(), 'part.set', { id: `${lesson}.setup`, fields }).expect(200);
  const repetition = { id: crypto.randomUUID(), drillId: 'rails', good: true };
  await edit(http(), 'repetition.add', { of: lesson, fields: repetition }).expect(200);
  expect((await givePage(http(), lesson)).status).toBe(201);
  await t.whole(lesson);
  const today = '?today=2026-05-05';
  const reads = [
    '/api/players',
    `/api/players/${player}`,
    `/api/players/${player}/effects`,
    `/api/players/${player}/record`,
    '/api/standings',
    '/api/moved?kind=iron',
    `/api/players/${player}/given${today}`,
    `/api/players/${player}/history`,
    `/api/given${today}`,
    '/api/lessons?from=2026-05-01T00:00:00Z&to=2026-06-01T00:00:00Z',
    `/api/lessons?playerId=${player}`,
    `${path}/history`,
    `${path}/balls.csv`,
    `/api/files/${file.body.file.id}/rows`,
    '/api/academy/history',
  ];
  for (const read of reads) await http().get(read).expect(200);
  await edit(http(), 'file.remove', { id: file.body.file.id }).expect(200);
  await http().post(`${path}/files`).attach('file', Buffer.from(PLAIN_FILE), 'a.csv').expect(200);
}

it('looks nothing large through from end to end, whatever is asked', async () => {
  t = await startTestApp();
  listen(t.app.get<{ connection: Connection }>(Store).connection);
  await tour();
  const statements = [...asked].filter((sql) => /^\s*(select|update|delete)\b/i.test(sql));
  expect(statements.length).toBeGreaterThan(40);
  const plans = createClient({ url: pathToFileURL(join(t.folder, 'loxos.db')).href });
  const scans: string[] = [];
  for (const sql of statements) {
    const args = Array.from(sql.matchAll(/\?/g), () => null);
    const { rows } = await plans.execute({ sql: `explain query plan ${sql}`, args });
    for (const { detail } of rows) {
      const step = detail as string;
      const table = /^SCAN "?(\w+)"?/.exec(step)?.[1];
      if (table !== undefined && LARGE.includes(table)) scans.push(`${step}: ${sql}`);
    }
  }
  plans.close();
  await t.close();
  expect(scans).toEqual([]);
});
