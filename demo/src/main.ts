// The server with the demo academy in it: starts it, fills it over its own API, prints the address.
import { spawn } from 'node:child_process';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import { seed } from './seed.ts';

const ADDRESS = /http:\/\/127\.0\.0\.1:\d+/;

const server = spawn(
  process.execPath,
  [fileURLToPath(new URL('../../server/dist/main.js', import.meta.url))],
  { stdio: ['ignore', 'pipe', 'inherit'] },
);
for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => server.kill(signal));
}
server.on('exit', (code, signal) => process.exit(signal === null ? (code ?? 1) : 0));

createInterface({ input: server.stdout }).on('line', (line) => {
  const address = ADDRESS.exec(line)?.[0];
  if (address === undefined) {
    console.log(line);
    return;
  }
  seed(address, new Date()).then(
    () => console.log(`${line} with the demo academy`),
    (error: unknown) => {
      console.error(error);
      process.exitCode = 1;
      server.kill('SIGTERM');
    },
  );
});
