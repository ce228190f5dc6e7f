// The server with the demo academy in it: starts it, fills it over its own API, prints the address.
import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { createInterface } from 'node:readline';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { startMonitor } from './bay.ts';
import { seed } from './seed.ts';
import { addressWithKey, enter } from './staff.ts';

const ADDRESS = /http:\/\/127\.0\.0\.1:\d+/;

const server = spawn(
  process.execPath,
  [fileURLToPath(new URL('../../server/dist/main.js', import.meta.url))],
  { stdio: ['ignore', 'pipe', 'inherit'], env: { ...process.env, LOXOS_DEMO: '1' } },
);
/** The simulated launch monitor, once the academy is filled. */
let monitor: ChildProcess | undefined;
for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => server.kill(signal));
}
server.on('exit', (code, signal) => {
  monitor?.kill();
  process.exit(signal === null ? (code ?? 1) : 0);
});

/** Adds the players of the large academy, once. */
function enlarge(): Promise<void> {
  console.log('Making the large academy, two hundred players: the first time some two minutes …');
  const script = fileURLToPath(new URL('./fill-large.js', import.meta.url));
  const file = join(process.env['LOXOS_DATA']!, 'loxos.db');
  const filling = spawn(process.execPath, [script, file], { stdio: 'inherit' });
  return new Promise((resolve, reject) =>
    filling.on('exit', (code) =>
      code === 0 ? resolve() : reject(new Error('the large academy could not be made')),
    ),
  );
}

/** Fills the academy; the address that signs in to it. */
async function open(address: string): Promise<string> {
  const api = await enter(address);
  await seed(api, new Date());
  if (process.argv.includes('--large')) await enlarge();
  monitor = await startMonitor(api);
  return addressWithKey(api);
}

createInterface({ input: server.stdout }).on('line', (line) => {
  const address = ADDRESS.exec(line)?.[0];
  if (address === undefined) {
    console.log(line);
    return;
  }
  open(address).then(
    (key) =>
      console.log(`${line} with the demo academy.\nSigned in at once, the first time: ${key}`),
    (error: unknown) => {
      console.error(error);
      process.exitCode = 1;
      server.kill('SIGTERM');
    },
  );
});
