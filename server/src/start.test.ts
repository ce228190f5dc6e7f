/** The server as it is started: what it says when it cannot, and that it ends when it is told to. */
import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import {
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';
import { OWNER } from './testing/app.ts';

const MAIN = fileURLToPath(new URL('../dist/main.js', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'loxos-start-'));
const running: ChildProcess[] = [];
afterAll(() => {
  for (const child of running) child.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

/** How often it is killed, and how long one round may take, ms. */
const ROUNDS = process.env['LOXOS_SOAK'] === '1' ? 200 : 2;
const ROUND_MS = 30_000;

/** What shows only over a long time is in `npm run soak` alone. */
const inSoak = process.env['LOXOS_SOAK'] === '1' ? it : it.skip;
/** How often it is asked, and how much of its memory may come and go by chance. */
const REQUESTS = 10_000;
const GROWTH_MB = 40;

interface Id {
  readonly id: string;
}

/** Memory a process holds, MB, as the system counts it. */
const memoryMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

interface Started {
  readonly child: ChildProcess;
  readonly said: Promise<string>;
  readonly ended: Promise<number | null>;
  readonly trouble: () => string;
}
function start(env: Record<string, string>): Started {
  const child = spawn(process.execPath, [MAIN], { env: { ...process.env, PORT: '0', ...env } });
  running.push(child);
  let trouble = '';
  child.stderr.on('data', (text) => (trouble += String(text)));
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  const said = new Promise<string>((resolve) => {
    child.stdout.on('data', (text) => resolve(String(text).trim()));
    // A server that ends before it has said anything fails its test, and hangs none.
    child.on('exit', () => resolve(''));
  });
  return { child, said, ended, trouble: () => trouble.trim() };
}
/** Founds the academy, or signs in to it; the cookie. */
async function enter(base: string): Promise<string> {
  const post = (path: string, body: object) =>
    fetch(`${base}${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  const founded = await post('/api/academy', OWNER);
  const { email, password } = OWNER;
  const answer = founded.ok ? founded : await post('/api/sessions', { email, password });
  return answer.headers.getSetCookie()[0]!.split(';', 1)[0]!;
}
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
    socket.write('POST /api/players HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 100\r\n\r\n{');
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

  inSoak(
    'takes no more memory for being asked ten thousand times',
    async () => {
      const { child, said, ended } = start({ LOXOS_DATA: join(folder, 'memory') });
      const base = /http:\S+/.exec(await said)![0];
      const cookie = await enter(base);
      const ask = async (path: string, body?: object): Promise<unknown> => {
        const headers = { cookie, 'content-type': 'application/json' };
        const sent = body === undefined ? {} : { method: 'POST', body: JSON.stringify(body) };
        const answer = await fetch(base + path, { headers, ...sent });
        expect(answer.ok).toBe(true);
        return answer.json();
      };
      const { id: playerId } = (await ask('/api/players', { name: 'Ada', hand: 'right' })) as Id;
      const startsAt = new Date().toISOString();
      const { id } = (await ask('/api/lessons', { playerId, startsAt })) as Id;
      const places = [
        '/api/players',
        `/api/lessons?playerId=${playerId}`,
        `/api/lessons/${id}`,
        `/api/lessons/${id}/balls`,
        `/api/players/${playerId}/effects`,
        '/api/settings',
        '/api/account',
      ];
      const afterAsking = async (times: number): Promise<number> => {
        for (let n = 0; n < times; n++) {
          if (n % 200 === 0) await ask(`/api/lessons/${id}/balls`, { carryM: 100 + (n % 9) });
          await ask(places[n % places.length]!);
        }
        return memoryMb(child.pid!);
      };
      const warm = await afterAsking(REQUESTS / 2);
      // Four kilobytes kept of each request would show at full count.
      expect((await afterAsking(REQUESTS)) - warm).toBeLessThan(GROWTH_MB);
      child.kill('SIGTERM');
      await ended;
    },
    ROUNDS * ROUND_MS,
  );

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
          const body = JSON.stringify({ name: `Player ${made.length}`, hand: 'right' });
          const headers = { 'content-type': 'application/json', cookie };
          const answer = await fetch(`${base}/api/players`, { method: 'POST', headers, body });
          if (!answer.ok) throw new Error(`the server answered ${answer.status}`);
          made.push(((await answer.json()) as { id: string }).id);
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
