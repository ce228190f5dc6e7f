/** The server asked for a long time: in `npm run soak` alone. */
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { endAll, enter, start } from './testing/started.ts';

const folder = mkdtempSync(join(tmpdir(), 'loxos-memory-'));
afterAll(() => {
  endAll();
  rmSync(folder, { recursive: true, force: true });
});

/** Until its memory has the size it works in, and after that. */
const WARM_REQUESTS = 10_000;
const REQUESTS = 20_000;
/** Its memory is looked at so often: it goes up and down by some 60 MB between collections. */
const LOOK_EVERY = 1000;
/** How much more it may hold at its least in the end than at its most when warm, MB. */
const GROWTH_MB = 40;
const TEN_MINUTES_MS = 600_000;

/** Memory a process holds, MB, as the system counts it. */
const memoryMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

it(
  'takes no more memory for being asked twenty thousand times',
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
    const [playerId, id] = [randomUUID(), randomUUID()];
    const edit = (step: object) =>
      ask('/api/changes', { changes: [{ id: randomUUID(), steps: [step] }] });
    const startsAt = new Date().toISOString();
    const ada = { name: 'Ada', hand: 'right' };
    await edit({ thing: 'player', verb: 'add', id: playerId, fields: ada });
    await edit({ thing: 'lesson', verb: 'add', id, of: playerId, fields: { startsAt } });
    const places = [
      '/api/players',
      `/api/lessons?playerId=${playerId}`,
      `/api/lessons/${id}`,
      `/api/lessons/${id}/balls`,
      `/api/players/${playerId}/effects`,
      '/api/settings',
      '/api/account',
    ];
    const whileAsking = async (times: number): Promise<readonly number[]> => {
      const seen: number[] = [];
      for (let n = 1; n <= times; n++) {
        const fields = { carryM: 100 + (n % 9) };
        if (n % 200 === 0)
          await edit({ thing: 'ball', verb: 'add', id: randomUUID(), of: id, fields });
        await ask(places[n % places.length]!);
        if (n % LOOK_EVERY === 0) seen.push(memoryMb(child.pid!));
      }
      return seen;
    };
    const warm = Math.max(...(await whileAsking(WARM_REQUESTS)));
    // Four kilobytes kept of each request would be 80 MB.
    const last = Math.min(...(await whileAsking(REQUESTS)).slice(-4));
    expect(last - warm).toBeLessThan(GROWTH_MB);
    child.kill('SIGTERM');
    await ended;
  },
  TEN_MINUTES_MS,
);
