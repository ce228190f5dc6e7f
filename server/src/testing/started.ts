// The built server as a process of its own.
import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { OWNER } from './app.ts';

const MAIN = fileURLToPath(new URL('../../dist/main.js', import.meta.url));
const running: ChildProcess[] = [];

/** Ends what still runs. */
export function endAll(): void {
  for (const child of running) child.kill('SIGKILL');
}

interface Started {
  readonly child: ChildProcess;
  readonly said: Promise<string>;
  readonly ended: Promise<number | null>;
  readonly trouble: () => string;
}

export function start(env: Record<string, string>): Started {
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
export async function enter(base: string): Promise<string> {
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
