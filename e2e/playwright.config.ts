import { defineConfig } from '@playwright/test';
import { clockShiftMs } from '../scripts/clock.mjs';

import { SIGNED_IN } from './sign-in.ts';

const PORT = 4187;

/** Every run is on the same day, a Wednesday in May, unless another is asked for: what passes today passes in a year. */
process.env['LOXOS_CLOCK'] ??= '2026-05-13T08:10:00Z';
clockShiftMs();
const BEGIN = new URL('../scripts/begin-at.mjs', import.meta.url).href;
/** Server and tests stand west of Greenwich, the browser east of it: an academy's days are its own. */
process.env['TZ'] ??= 'America/St_Johns';
const timezoneId = process.env['LOXOS_BROWSER_ZONE'] ?? 'Asia/Kolkata';

export default defineConfig({
  testDir: '.',
  fullyParallel: false,
  workers: 2,
  // Two browsers and a server share two cores with whatever else runs: slow is not wrong.
  timeout: 150_000,
  expect: { timeout: 20_000 },
  forbidOnly: process.env['CI'] !== undefined,
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_FILE'] ? [['list'], ['json']] : [['list']],
  outputDir: '../test-results/playwright',
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    storageState: SIGNED_IN,
    // Each would fetch the whole app for every test; where it matters it is allowed.
    serviceWorkers: 'block',
    trace: 'off',
    timezoneId,
    // What fades or slides is measured where it ends, not on its way there.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: process.env['LOXOS_CHROMIUM'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  globalSetup: './sign-in.ts',
  webServer: {
    command: 'node ../scripts/test-server.mjs',
    // Not by its health, and not as well as it (whichever is first would do): the server answers
    // before the academy is founded and filled, and nobody can sign in until then.
    wait: { stdout: /Signed in at once/ },
    timeout: 150_000,
    env: { PORT: String(PORT), NODE_OPTIONS: `--import ${BEGIN}` },
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
});
