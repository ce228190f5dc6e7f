/** The server as it is started: what it says when it cannot, and that it ends when it is told to. */
import { mkdirSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';
import type { PageContent, PlayerRecord } from '@loxos/core';
import { OWNER } from './testing/app.ts';
import { EIGHT_BALLS } from './testing/pages.ts';
import { endAll, enter, start } from './testing/started.ts';

const folder = mkdtempSync(join(tmpdir(), 'loxos-start-'));
afterAll(() => {
  endAll();
  rmSync(folder, { recursive: true, force: true });
});

/** How often it is killed, and how long one round may take, ms. */
const ROUNDS = process.env['LOXOS_SOAK'] === '1' ? 200 : 2;
const ROUND_MS = 30_000;

const sentenceOf = async (env: Record<string, string>): Promise<string> => {
  const { ended, trouble } = start(env);
  expect(await ended).toBe(1);
  return trouble();
};

describe('the server where it cannot start', () => {
  it('says that the port is in use', async () => {
    const other = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => other.once('listening', resolve));
    const { port } = other.address() as { port: number };
    const words = await sentenceOf({ PORT: String(port), LOXOS_DATA: join(folder, 'port') });
    expect(words).toBe('Another program uses this port: end it, or choose another with PORT.');
    other.close();
  });

  it('says that the folder is none', async () => {
    const file = join(folder, 'file');
    writeFileSync(file, '');
    expect(await sentenceOf({ LOXOS_DATA: file })).toMatch(/is no folder that you can write in/);
  });

  it('says that the database cannot be read, and where a copy is', async () => {
    const data = join(folder, 'corrupt');
    mkdirSync(data);
    writeFileSync(join(data, 'loxos.db'), 'this is not a database, and never was one'.repeat(200));
    expect(await sentenceOf({ LOXOS_DATA: data })).toMatch(
      /cannot be read: put a copy of it there/,
    );
  });

  it('says that a folder stands in the database’s place', async () => {
    const data = join(folder, 'a-folder');
    mkdirSync(join(data, 'loxos.db'), { recursive: true });
    expect(await sentenceOf({ LOXOS_DATA: data })).toMatch(/is a folder where the database should/);
  });

  it('is not started twice on one folder, and is again once the first was killed', async () => {
    const data = join(folder, 'two');
    const first = start({ LOXOS_DATA: data });
    expect(await first.said).toMatch(/Loxos is at/);
    expect(await sentenceOf({ LOXOS_DATA: data })).toBe(
      `Another Loxos uses ${data}: end it, or choose another folder with LOXOS_DATA.`,
    );
    first.child.kill('SIGKILL');
    await first.ended;
    expect(await start({ LOXOS_DATA: data }).said).toMatch(/Loxos is at/);
  });

  it('leaves what a newer version has written alone', async () => {
    const data = join(folder, 'newer');
    mkdirSync(data);
    const url = pathToFileURL(join(data, 'loxos.db')).href;
    const client = createClient({ url });
    await client.batch([
      'create table __drizzle_migrations (id integer primary key, hash text, created_at numeric)',
      'insert into __drizzle_migrations (hash, created_at) values (1, 99999999999999)',
    ]);
    client.close();
    expect(await sentenceOf({ LOXOS_DATA: data })).toMatch(/was written by a newer Loxos/);
  });

  it('is not opened to a network before it has an owner', async () => {
    const data = join(folder, 'open');
    const env = { HOST: '0.0.0.0', LOXOS_ORIGIN: 'http://10.0.0.2:4180', LOXOS_DATA: data };
    expect(await sentenceOf(env)).toMatch(/has no owner yet.*start without HOST/);
  });

  it('says what a port must be', async () => {
    expect(await sentenceOf({ PORT: 'eighty', LOXOS_DATA: join(folder, 'x') })).toBe(
      'PORT is "eighty"; it must be a whole number from 0 to 65535',
    );
  });
});

describe('the server that runs', () => {
  it('writes files for its owner alone, and ends when told to though a request hangs', async () => {
    const data = join(folder, 'runs');
    const { child, said, ended } = start({ LOXOS_DATA: data });
    const base = /http:\S+/.exec(await said)![0];
    const port = Number(new URL(base).port);
    expect((await fetch(`${base}/api/health`)).headers.get('cache-control')).toBe('no-store');
    for (const name of readdirSync(data))
      expect([name, statSync(join(data, name)).mode & 0o077]).toEqual([name, 0]);
    // A body that never comes.
    const socket = (await import('node:net')).connect(port, '127.0.0.1');
    socket.on('error', () => undefined);
    socket.write('POST /api/changes HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 100\r\n\r\n{');
    await new Promise((resolve) => setTimeout(resolve, 200));
    const asked = Date.now();
    child.kill('SIGTERM');
    // By its own end, or by the signal passed on once everything is put away.
    expect([0, null]).toContain(await ended);
    expect(Date.now() - asked).toBeLessThan(10_000);
    socket.destroy();
    // Everything is in the one file.
    const rest = readdirSync(data).filter((name) => /^loxos\.db-(?!shm)/.test(name));
    expect(rest.map((name) => [name, statSync(join(data, name)).size])).toEqual(
      rest.map((name) => [name, 0]),
    );
  });

  it('reads a file, makes a record and a page in threads, as it does where it is asked', async () => {
    const { child, said, ended } = start({ LOXOS_DATA: join(folder, 'threads') });
    const base = /http:\S+/.exec(await said)![0];
    const cookie = await enter(base);
    const ask = async <T>(path: string, body?: object | FormData): Promise<T> => {
      const isForm = body instanceof FormData;
      const answer = await fetch(`${base}/api/${path}`, {
        method: body === undefined ? 'GET' : 'POST',
        headers: { cookie, ...(!isForm && { 'content-type': 'application/json' }) },
        ...(body !== undefined && { body: isForm ? body : JSON.stringify(body) }),
      });
      expect([path, answer.ok]).toEqual([path, true]);
      return (await answer.json()) as T;
    };
    const [player, lesson] = [crypto.randomUUID(), crypto.randomUUID()];
    const add = (thing: string, id: string, of: string, fields: object) =>
      ask('changes', { changes: [{ id, steps: [{ thing, verb: 'add', id, of, fields }] }] });
    await add('player', player, '', { name: 'Ida Moor', hand: 'right' });
    await add('lesson', lesson, player, { startsAt: new Date().toISOString() });
    const form = new FormData();
    form.set('file', new Blob([EIGHT_BALLS]), 'eight.csv');
    await ask(`lessons/${lesson}/files`, form);
    const { balls } = await ask<{ balls: object[] }>(`lessons/${lesson}/balls`);
    expect(balls).toHaveLength(8);
    const { record } = await ask<{ record: PlayerRecord }>(`players/${player}/record`);
    expect(record.visits).toHaveLength(1);
    const { token } = await ask<{ token: string }>(`lessons/${lesson}/pages`, { days: 9 });
    const { points } = await ask<PageContent>(`p/${token}`);
    expect(points[0]).toMatch(/^Try this: |^Swing |^Bring |^Hit /);
    child.kill('SIGTERM');
    await ended;
  });

  it('gives whoever holds the data a link to a new password', async () => {
    const data = join(folder, 'forgotten');
    const first = start({ LOXOS_DATA: data });
    await enter(/http:\S+/.exec(await first.said)![0]);
    first.child.kill('SIGTERM');
    await first.ended;
    const { child, said, ended } = start({
      LOXOS_DATA: data,
      LOXOS_NEW_PASSWORD_FOR: OWNER.email.toUpperCase(),
    });
    const [, base, token] = /(http:\S+)\n[\s\S]*#(\S+)/.exec(await said)!;
    const answer = await fetch(`${base}/api/links/${token}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ password: 'eight new words' }),
    });
    expect(answer.status).toBe(201);
    child.kill('SIGTERM');
    await ended;
  });

  it(
    'loses nothing it has said is stored when it is killed',
    async () => {
      const data = join(folder, 'killed');
      const made: string[] = [];
      for (let round = 0; round < ROUNDS; round++) {
        const { child, said, ended } = start({ LOXOS_DATA: data });
        const base = /http:\S+/.exec(await said)![0];
        const cookie = await enter(base);
        const write = async (): Promise<void> => {
          const id = crypto.randomUUID();
          const fields = { name: `Player ${made.length}`, hand: 'right' };
          const steps = [{ thing: 'player', verb: 'add', id, fields }];
          const body = JSON.stringify({ changes: [{ id, steps }] });
          const headers = { 'content-type': 'application/json', cookie };
          const answer = await fetch(`${base}/api/changes`, { method: 'POST', headers, body });
          if (!answer.ok) throw new Error(`the server answered ${answer.status}`);
          expect((await answer.json()) as object).toMatchObject({ answers: [{ problem: null }] });
          made.push(id);
        };
        // Killed once so many are stored, with others on their way.
        const enough = made.length + 5 + (round % 7);
        const writer = async (): Promise<void> => {
          while (made.length < enough) await write();
          child.kill('SIGKILL');
        };
        const written = await Promise.allSettled([writer(), writer(), writer()]);
        child.kill('SIGKILL');
        // Those under way when it was killed fail; one has stored the last.
        expect(written.map(({ status }) => status)).toContain('fulfilled');
        await ended;
      }
      const { child, said, ended } = start({ LOXOS_DATA: data });
      const base = /http:\S+/.exec(await said)![0];
      const players = (await (
        await fetch(`${base}/api/players`, { headers: { cookie: await enter(base) } })
      ).json()) as { id: string }[];
      const there = new Set(players.map(({ id }) => id));
      expect(made.length).toBeGreaterThan(0);
      expect(made.filter((id) => !there.has(id))).toEqual([]);
      child.kill('SIGTERM');
      await ended;
    },
    ROUNDS * ROUND_MS,
  );
});
