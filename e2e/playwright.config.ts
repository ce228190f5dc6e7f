import { defineConfig } from '@playwright/test';

import { SIGNED_IN } from './sign-in.ts';

const PORT = 4187;

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
    env: { PORT: String(PORT) },
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
});
