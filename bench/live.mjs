// From a monitor's post to whoever has the lesson open, with ten bays live; the peer relays the same without reading or storing it.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import { edit } from './edit.mjs';

const MAIN = fileURLToPath(new URL('../server/dist/main.js', import.meta.url));
const BAYS = 10;
const BALLS = 60;
/** Between two balls of a bay, ms: five times as fast as anybody hits. */
const EVERY_MS = 600;

const QUANTITIES = {
  clubPath: { unit: 'deg', plus: 'right' },
  faceAngle: { unit: 'deg', plus: 'right' },
  ballSpeed: { unit: 'mph' },
  launchAngle: { unit: 'deg' },
  startDirection: { unit: 'deg', plus: 'right' },
  spinRate: { unit: 'rpm' },
  spinAxisTilt: { unit: 'deg', plus: 'right' },
  carry: { unit: 'yd' },
};
const figuresOf = (n) => ({
  clubPath: -4 + (n % 7) / 3,
  faceAngle: -1 + (n % 5) / 4,
  ballSpeed: 118 + (n % 6),
  launchAngle: 16,
  startDirection: -1.5,
  spinRate: 6400,
  spinAxisTilt: 4,
  carry: 160 + (n % 9),
});
const messageOf = (n) => ({
  version: 1,
  source: 'bench',
  quantities: QUANTITIES,
  balls: [{ sequence: n, club: '7 iron', figures: figuresOf(n) }],
});
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** Listens at an address; calls back with each event, in order. */
async function listen(address, headers, onEvent) {
  const stop = new AbortController();
  const answer = await fetch(address, { headers, signal: stop.signal });
  const read = async () => {
    let text = '';
    for await (const chunk of answer.body.pipeThrough(new TextDecoderStream())) {
      text += chunk;
      const whole = text.split('\n\n');
      text = whole.pop();
      for (const one of whole) if (/^event: ball$/m.test(one)) onEvent();
    }
  };
  read().catch(() => undefined);
  return () => stop.abort();
}

/** Milliseconds from the post of each ball to its event, all bays at once, each by itself in time. */
async function timesOf(lines) {
  const all = [];
  await Promise.all(
    lines.map(async ({ address, headers, listenAt, listenHeaders }, b) => {
      const begun = [];
      let heard = 0;
      const stop = await listen(listenAt, listenHeaders, () =>
        all.push(performance.now() - begun[heard++]),
      );
      await wait((b * EVERY_MS) / lines.length);
      for (let n = 0; n < BALLS; n++) {
        begun.push(performance.now());
        const body = JSON.stringify(messageOf(n));
        await fetch(address, { method: 'POST', headers, body }).then((answer) => answer.text());
        await wait(EVERY_MS);
      }
      stop();
    }),
  );
  all.sort((a, b) => a - b);
  const at = (share) => all[Math.floor(share * (all.length - 1))];
  return { count: all.length, p50: at(0.5), p95: at(0.95), p99: at(0.99) };
}

/** What relays a post to who listens, and does nothing else. */
function relay() {
  const listeners = new Map();
  const server = createServer((request, response) => {
    if (request.method === 'GET') {
      response.writeHead(200, { 'content-type': 'text/event-stream' });
      response.write('event: open\n\n');
      listeners.set(request.url, response);
      return;
    }
    let text = '';
    request.on('data', (chunk) => (text += chunk));
    request.on('end', () => {
      const { balls } = JSON.parse(text);
      listeners.get(request.url)?.write(`event: ball\ndata: ${JSON.stringify(balls[0])}\n\n`);
      response.end('{}');
    });
  });
  return new Promise((resolve) => server.listen(0, '127.0.0.1', () => resolve(server)));
}

async function ours() {
  const folder = mkdtempSync(join(tmpdir(), 'loxos-live-'));
  const child = spawn(process.execPath, [MAIN], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, PORT: '0', LOXOS_DATA: folder },
  });
  const base = await new Promise((resolve) =>
    createInterface({ input: child.stdout }).once('line', (line) =>
      resolve(/http:\S+/.exec(line)[0]),
    ),
  );
  let cookie = '';
  const ask = async (path, { body }) => {
    const answer = await fetch(base + path, {
      method: 'POST',
      headers: { cookie, 'content-type': 'application/json' },
      body: JSON.stringify(body ?? {}),
    });
    cookie = answer.headers.getSetCookie()[0]?.split(';')[0] ?? cookie;
    return answer.json();
  };
  const who = { academy: 'Bench', name: 'Ada Reed', email: 'ada@bench.example' };
  await ask('/api/academy', { body: { ...who, password: 'nine red kites' } });
  const lines = [];
  for (let b = 0; b < BAYS; b++) {
    const of = await edit(ask, 'player.add', { fields: { name: `P${b}`, hand: 'right' } });
    const startsAt = new Date().toISOString();
    const lessonId = await edit(ask, 'lesson.add', { of, fields: { startsAt } });
    const id = await edit(ask, 'bay.add', { fields: { name: `Bay ${b}` } });
    await edit(ask, 'bay.set', { id, fields: { lessonId } });
    const { token } = await ask(`/api/bays/${id}/token`, {});
    lines.push({
      address: `${base}/api/live`,
      headers: { 'content-type': 'application/json', authorization: `Bearer ${token}` },
      listenAt: `${base}/api/lessons/${lessonId}/live`,
      listenHeaders: { cookie },
    });
  }
  const stop = () => {
    child.kill('SIGKILL');
    rmSync(folder, { recursive: true, force: true });
  };
  return { lines, stop };
}

/** Times from post to listener, ms, of ours and of the relay. */
export async function benchLive() {
  const { lines, stop } = await ours();
  const own = await timesOf(lines).finally(stop);
  const server = await relay();
  const base = `http://127.0.0.1:${server.address().port}`;
  const plain = lines.map((_, b) => ({
    address: `${base}/${b}`,
    headers: {},
    listenAt: `${base}/${b}`,
    listenHeaders: {},
  }));
  const peer = await timesOf(plain);
  server.closeAllConnections();
  server.close();
  return { bays: BAYS, own, peer };
}
