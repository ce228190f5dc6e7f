// The demo's bay: a simulated launch monitor that posts to it, as a process of its own.
import { randomUUID } from 'node:crypto';
import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import type { Api } from './api.ts';

const MONITOR = fileURLToPath(
  new URL('../../simulators/launch-monitor/dist/main.js', import.meta.url),
);
const BAY = 'Bay 1 (simulated)';

/** Makes the bay where it is new, and a new token for it: the one before is not kept. */
async function bayToken(api: Api): Promise<string> {
  const bays = await api.get<{ id: string; name: string }[]>('/api/bays');
  const known = bays.find(({ name }) => name === BAY)?.id;
  const id = known ?? randomUUID();
  if (known === undefined)
    await api.edit([{ thing: 'bay', verb: 'add', id, fields: { name: BAY } }]);
  return (await api.post<{ token: string }>(`/api/bays/${id}/token`, {})).token;
}

/** Starts the monitor. It hits once somebody sends its balls to a lesson, and rests while it is held. */
export async function startMonitor(api: Api): Promise<ChildProcess> {
  const token = await bayToken(api);
  const every = process.env['LOXOS_MONITOR_EVERY'] ?? '8';
  return spawn(process.execPath, [MONITOR, '--every', every], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, LOXOS_LIVE: `${api.base}/api/live`, LOXOS_BAY_TOKEN: token },
  });
}
