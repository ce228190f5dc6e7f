// Takes the pictures of docs/screenshots again, from a fresh demo academy: `npm run screenshots`.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';
import { ROOT, buildIfNeeded, installIfNeeded } from './shared.mjs';
import { SHOTS } from './shots.mjs';

const PORT = 4189;
const BASE = `http://127.0.0.1:${PORT}`;

installIfNeeded();
buildIfNeeded();
const folder = mkdtempSync(join(tmpdir(), 'loxos-shots-'));
const server = spawn(process.execPath, ['demo/dist/main.js'], {
  cwd: ROOT,
  stdio: ['ignore', 'pipe', 'inherit'],
  env: {
    ...process.env,
    PORT: String(PORT),
    LOXOS_DATA: folder,
    LOXOS_MONITOR_EVERY: '1',
  },
});
await new Promise((resolve) =>
  server.stdout.on('data', (text) => String(text).includes('demo academy') && resolve()),
);

const signedIn = await fetch(`${BASE}/api/sessions/demo`, { method: 'POST' });
const account = await signedIn.text();
const [name, value] = signedIn.headers.getSetCookie()[0].split(';', 1)[0].split('=');
const headers = { cookie: `${name}=${value}` };
const lessons = await (await fetch(`${BASE}/api/lessons`, { headers })).json();
/** The newest lesson of the player whose name starts so. */
const lessonOf = (name) =>
  lessons
    .filter(({ player }) => player.name.startsWith(name))
    .sort((a, b) => b.startsAt.localeCompare(a.startsAt))[0];

const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
for (const { file, path, width = 1280, height = 800, theme = 'light', act, waitMs = 0 } of SHOTS) {
  await new Promise((resolve) => setTimeout(resolve, waitMs));
  const context = await browser.newContext({ viewport: { width, height }, colorScheme: theme });
  await context.addCookies([{ name, value, url: BASE }]);
  await context.addInitScript((kept) => localStorage.setItem('loxos.account', kept), account);
  const page = await context.newPage();
  await page.goto(`${BASE}${path(lessonOf)}`);
  // A font within a style is never told to have come.
  await page.waitForLoadState('networkidle', { timeout: 5000 }).catch(() => undefined);
  await page.waitForTimeout(400);
  if (act !== undefined) {
    await act(page);
    await page.waitForTimeout(600);
  }
  await page.screenshot({ path: join(ROOT, 'docs/screenshots', file) });
  await context.close();
  console.log(file);
}
await browser.close();
server.kill('SIGTERM');
await new Promise((resolve) => server.on('exit', resolve));
rmSync(folder, { recursive: true, force: true });
