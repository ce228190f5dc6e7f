/** The server asked for a long time: in `npm run soak` alone. */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { endAll, enter, start } from './testing/started.ts';

const folder = mkdtempSync(join(tmpdir(), 'loxos-memory-'));
afterAll(() => {
  endAll();
  rmSync(folder, { recursive: true, force: true });
});

const REQUESTS = 10_000;
/** How much of its memory may come and go by chance, MB. */
const GROWTH_MB = 40;
const TEN_MINUTES_MS = 600_000;

interface Id {
  readonly id: string;
}

/** Memory a process holds, MB, as the system counts it. */
const memoryMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

it(
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
  TEN_MINUTES_MS,
);
