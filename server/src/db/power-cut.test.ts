/** The store when the power goes: whatever was lost of the log's end, all that was acknowledged before is there, whole. */
import { copyFileSync, mkdtempSync, rmSync, statSync, truncateSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';
import { seededRandom } from '@loxos/core';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { edit } from '../testing/edit.ts';

const CUTS = process.env['LOXOS_SOAK'] === '1' ? 200 : 15;
const WRITES = 12;
const random = seededRandom(20261125);

let t: TestApp;
const folders: string[] = [];
beforeAll(async () => (t = await startTestApp()));
afterAll(async () => {
  await t.close();
  for (const folder of folders) rmSync(folder, { recursive: true, force: true });
});

const logBytes = (): number => statSync(join(t.folder, 'loxos.db-wal')).size;

/** The store as it would be found had the log been written no further than this. */
async function foundAfter(bytes: number): Promise<{ soundness: unknown; targets: number[] }> {
  const folder = mkdtempSync(join(tmpdir(), 'loxos-cut-'));
  folders.push(folder);
  for (const name of ['loxos.db', 'loxos.db-wal'])
    copyFileSync(join(t.folder, name), join(folder, name));
  truncateSync(join(folder, 'loxos.db-wal'), bytes);
  const client = createClient({ url: pathToFileURL(join(folder, 'loxos.db')).href });
  const { rows } = await client.execute('PRAGMA integrity_check');
  const parts = await client.execute("select value from lesson_part where part = 'setup'");
  const history = await client.execute("select after from history where thing = 'part'");
  client.close();
  const numbers = (texts: readonly unknown[]) =>
    texts.map((text) => Number((JSON.parse(text as string) as { target: string }).target));
  const targets = numbers(history.rows.map((row) => row['after']));
  // A change and its history are one: the part is as the last change left it.
  expect(numbers(parts.rows.map((row) => row['value']))).toEqual(targets.slice(-1));
  return { soundness: rows[0]?.[0], targets };
}

it('finds every acknowledged change, and none by half', async () => {
  const lesson = await t.lesson();
  const from = logBytes();
  const acknowledged: number[] = [];
  for (let n = 0; n < WRITES; n++) {
    const body = { changes: { target: String(n) } };
    await edit(t.http(), 'part.set', { id: `${lesson}.setup`, fields: body.changes }).expect(200);
    acknowledged.push(logBytes());
  }
  // The log only grew: nothing of it was moved into the database meanwhile.
  expect(acknowledged).toEqual([...acknowledged].sort((a, b) => a - b));
  const to = acknowledged.at(-1)!;
  for (let cut = 0; cut < CUTS; cut++) {
    const bytes = Math.floor(from + random() * (to - from + 1));
    const kept = acknowledged.filter((end) => end <= bytes).length;
    const { soundness, targets } = await foundAfter(bytes);
    expect(soundness).toBe('ok');
    expect(targets).toEqual(Array.from({ length: kept }, (_, n) => n));
  }
});
