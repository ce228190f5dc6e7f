import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { tmpdir } from 'node:os';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import Database from 'libsql';
import { edit } from './edit.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const FOLDER = process.env.LOXOS_LARGE ?? join(ROOT, '.data', 'large');
const ROUNDS = 60;

/** The server with the large academy, which is made the first time and kept. */
async function largeAcademy() {
  if (!existsSync(FOLDER)) console.log('\nMaking the large academy, once: some two minutes …');
  const child = spawn(process.execPath, [join(ROOT, 'demo/dist/main.js'), '--large'], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, PORT: '0', LOXOS_DATA: FOLDER },
  });
  const address = await new Promise((resolve, reject) => {
    child.once('exit', () => reject(new Error('the server did not start')));
    createInterface({ input: child.stdout }).on('line', (line) => {
      const url = /Signed in/.test(line) ? /http:\/\/[^/]+/.exec(line)[0] : undefined;
      if (url !== undefined) resolve(url);
    });
  });
  return { address, stop: () => child.kill('SIGTERM') };
}

/** The peer: the same rows by hand-written SQL behind the same framework. */
async function bareServer() {
  const program = fileURLToPath(new URL('bare.mjs', import.meta.url));
  const child = spawn(process.execPath, [program, join(FOLDER, 'loxos.db')], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise((resolve, reject) => {
    child.once('exit', () => reject(new Error('the bare server did not start')));
    createInterface({ input: child.stdout }).once('line', resolve);
  });
  return { ask: async (path) => (await fetch(address + path)).text(), stop: () => child.kill() };
}

/** Asks as the owner of the demo. */
async function signedIn(address) {
  const headers = { origin: address, 'content-type': 'application/json' };
  const answer = await fetch(`${address}/api/sessions/demo`, {
    method: 'POST',
    headers,
    body: '{}',
  });
  const cookie = answer.headers.getSetCookie()[0].split(';')[0];
  return async (path, { method = 'GET', body } = {}) => {
    const sent = body instanceof FormData ? body : body && JSON.stringify(body);
    const type =
      body instanceof FormData || body === undefined ? {} : { 'content-type': 'application/json' };
    const got = await fetch(address + path, {
      method,
      body: sent,
      headers: { cookie, origin: address, ...type },
    });
    if (!got.ok) throw new Error(`${method} ${path}: ${got.status} ${await got.text()}`);
    return got.text();
  };
}

const at = (sorted, share) =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
async function times(work, rounds = ROUNDS) {
  await work(0);
  const ms = [];
  for (let i = 1; i <= rounds; i++) {
    const start = performance.now();
    await work(i);
    ms.push(performance.now() - start);
  }
  ms.sort((a, b) => a - b);
  return { p50: at(ms, 0.5), p95: at(ms, 0.95) };
}

const AT_ONCE = 4;
const SECONDS = 1.5;
/** Requests a second, some at once. */
async function throughput(work) {
  let count = 0;
  const end = performance.now() + 1000 * SECONDS;
  const loop = async () => {
    while (performance.now() < end) await work(count++);
  };
  await Promise.all(Array.from({ length: AT_ONCE }, loop));
  return count / SECONDS;
}

const fileOf = (rows, seed) => {
  const figure = (n, from, span) => (from + ((n * 7919 + seed) % 1000) * (span / 1000)).toFixed(2);
  const lines = Array.from(
    { length: rows },
    (_, n) => `7 iron,${figure(n, -3, 6)},${figure(n + 5, -4, 8)},${figure(n + 9, 140, 9)},${n}`,
  );
  const form = new FormData();
  const head = 'Club,Face (deg),Path (deg),Carry (m),Spin (rpm)';
  form.append('file', new Blob([`${head}\n${lines.join('\n')}\n`]), 'bench.csv');
  return form;
};

/** The peer of an import: as many rows into the same tables by a statement prepared once, all in one transaction; ms. */
function rawInserts(rows) {
  const folder = mkdtempSync(join(tmpdir(), 'loxos-bench-'));
  const source = new Database(join(FOLDER, 'loxos.db'));
  const tables = "('ball', 'ball_file')";
  const made = source
    .prepare(
      `select sql from sqlite_master where tbl_name in ${tables} and sql is not null order by type desc`,
    )
    .all();
  const columns = source.prepare('select name from pragma_table_info(?)').all('ball');
  source.close();
  const db = new Database(join(folder, 'raw.db'));
  db.exec('pragma journal_mode = wal');
  db.exec('pragma foreign_keys = off');
  for (const { sql } of made) db.exec(sql);
  const put = db.prepare(`insert into ball values (${columns.map(() => '?').join()})`);
  const hold = db.prepare('insert into ball_file values (?, ?, ?)');
  const values = columns.map(({ name }) => (/_(?:deg|m|mps|mm|rpm|s)$/.test(name) ? 1.5 : 'x'));
  const [id, deleted] = ['id', 'deleted_at'].map((one) =>
    columns.findIndex(({ name }) => name === one),
  );
  const start = performance.now();
  db.exec('begin immediate');
  for (let n = 0; n < rows; n++) {
    values[id] = `ball ${String(n).padStart(8, '0')}`;
    values[deleted] = null;
    put.run(...values);
    hold.run('x', values[id], 'x');
  }
  db.exec('commit');
  const ms = performance.now() - start;
  db.close();
  rmSync(folder, { recursive: true });
  return ms;
}

/** How long each place of a large academy takes, beside a bare route of the same server; and others while a large file comes in. */
export async function benchPlaces() {
  const { address, stop } = await largeAcademy();
  try {
    const ask = await signedIn(address);
    const now = Date.now();
    const iso = (ms) => new Date(ms).toISOString();
    const lessons = JSON.parse(
      await ask(`/api/lessons?from=${iso(now - 400 * 864e5)}&to=${iso(now)}`),
    );
    const one = (i) => lessons[(i * 997) % lessons.length];
    const today = iso(now).slice(0, 10);
    const places = {
      'bare route (health)': () => ask('/api/health'),
      'Day: lessons of the day': () =>
        ask(`/api/lessons?from=${iso(now - 432e5)}&to=${iso(now + 432e5)}`),
      'Day: who was given what': () => ask(`/api/given?today=${today}`),
      Players: () => ask('/api/players'),
      'a player’s lessons': (i) => ask(`/api/lessons?playerId=${one(i).player.id}`),
      'what drills moved, kept': () => ask(`/api/players/${one(1).player.id}/effects`),
      'a month of lessons': () =>
        ask(`/api/lessons?from=${iso(now - 30 * 864e5)}&to=${iso(now + 12 * 864e5)}`),
      'a report’s half year': (i) =>
        ask(`/api/players/${one(i).player.id}/record?from=${iso(now - 182 * 864e5).slice(0, 10)}`),
      'a player’s record': (i) => ask(`/api/players/${one(i).player.id}/record`),
      'where everybody stands': () => ask('/api/standings'),
      'who went away lately': () =>
        ask(`/api/standings?since=${iso(now - 45 * 864e5).slice(0, 10)}`),
      'what moved what over all': () => ask('/api/moved?kind=iron'),
      'a lesson’s head': (i) => ask(`/api/lessons/${one(i).id}`),
      'a lesson’s balls': (i) => ask(`/api/lessons/${one(i).id}/balls`),
      'a tap: part of a step': (i) =>
        edit(ask, 'part.set', {
          id: `${one(3).id}.setup`,
          fields: { target: `oak ${now} ${i}` },
        }),
      'a tap: a ball': (i) =>
        edit(ask, 'ball.add', { of: one(4).id, fields: { carryM: 100 + (i % 50) } }),
    };
    const rows = [];
    for (const [name, work] of Object.entries(places)) rows.push({ name, ...(await times(work)) });
    const bare = await bareServer();
    const shares = [];
    const week = `/api/lessons?from=${iso(now - 432e5)}&to=${iso(now + 432e5)}`;
    for (const [name, path] of [
      ['Day: lessons of the day', () => week],
      ['Players', () => '/api/players'],
      ['a player’s lessons', (i) => `/api/lessons?playerId=${one(i).player.id}`],
      ['a lesson’s head', (i) => `/api/lessons/${one(i).id}`],
      ['a lesson’s balls', (i) => `/api/lessons/${one(i).id}/balls`],
    ]) {
      const own = await throughput((i) => ask(path(i)));
      const peer = await throughput((i) => bare.ask(path(i)));
      shares.push({ name, own, peer });
    }
    bare.stop();
    const { id: playerId } = JSON.parse(await ask('/api/players')).find(
      ({ hand }) => hand === 'right',
    );
    const id = await edit(ask, 'lesson.add', {
      of: playerId,
      fields: { startsAt: iso(now + 864e5) },
    });
    let isDone = false;
    const waits = [];
    const others = (async () => {
      for (let i = 0; !isDone; i++) {
        const start = performance.now();
        await ask(`/api/lessons/${one(i).id}`);
        waits.push(performance.now() - start);
        await new Promise((resolve) => setTimeout(resolve, 10));
      }
    })();
    const start = performance.now();
    await ask(`/api/lessons/${id}/files`, { method: 'POST', body: fileOf(50_000, now % 1000) });
    const importMs = performance.now() - start;
    isDone = true;
    await others;
    await edit(ask, 'lesson.remove', { id });
    waits.sort((a, b) => a - b);
    return { rows, shares, importMs, rawMs: rawInserts(50_000), othersP95Ms: at(waits, 0.95) };
  } finally {
    stop();
  }
}
