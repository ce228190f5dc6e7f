// Every check and every test, from a fresh clone: installs what is missing, then runs all of it and
// says how many passed. The last line is for machines: `N passed, N failed`.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, bin, buildIfNeeded, installIfNeeded } from './shared.mjs';
import { chromiumPath, needPdfReader } from './chromium.mjs';

installIfNeeded();
const chromium = chromiumPath();
needPdfReader();
buildIfNeeded();

const RESULTS = join(ROOT, 'test-results');
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });

let passed = 0;
let failed = 0;
const troubles = [];

/** Runs one check to its end; what it printed comes out in one piece, since two checks run side by side. */
function check(name, program, args, env = {}) {
  const start = Date.now();
  return new Promise((resolve) => {
    const child = spawn(program, args, {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, ...env },
      shell: process.platform === 'win32',
    });
    const printed = [];
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (chunk) => printed.push(chunk));
    }
    child.on('close', (status) => {
      process.stdout.write(Buffer.concat(printed));
      const seconds = ((Date.now() - start) / 1000).toFixed(1);
      console.log(`${status === 0 ? 'ok' : 'FAILED'}: ${name}, ${seconds} s`);
      if (status !== 0) troubles.push(name);
      resolve(status === 0);
    });
  });
}

/** A check that is one test. */
const single = async (...args) => {
  if (await check(...args)) passed += 1;
  else failed += 1;
};
const readJson = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);

/** Where a checker keeps what it has read: a second run reads only what has changed, a fresh clone everything. */
const cached = (name) => join(ROOT, 'node_modules', '.cache', `loxos-${name}`);

/** What reads the code, one after the other: each of them uses one core. */
async function readTheCode() {
  await single('format', bin('prettier'), [
    '--check',
    '--log-level',
    'warn',
    '--cache',
    '--cache-location',
    cached('prettier'),
    '.',
  ]);
  await single('lint', bin('eslint'), [
    '--cache',
    '--cache-strategy',
    'content',
    '--cache-location',
    cached('eslint'),
    '.',
  ]);
  await single('types', process.execPath, ['scripts/typecheck.mjs']);
  await single('layers', bin('depcruise'), [
    '--config',
    '.dependency-cruiser.cjs',
    'core/src',
    'server/src',
    'web/src',
    'demo/src',
    'simulators/launch-monitor/src',
  ]);
  await single('rooms', bin('depcruise'), ['--config', '.dependency-rooms.cjs', 'server/src']);
  await single('nothing unused', bin('knip'), ['--no-progress']);
  await single('API types fresh', process.execPath, ['scripts/api-types.mjs', '--check']);
  await single('subjects of commits', process.execPath, ['scripts/subjects.mjs']);
  await single('licences', process.execPath, ['scripts/licences.mjs', '--check']);
}

const jestFile = join(RESULTS, 'jest.json');
const [jestOk] = await Promise.all([
  check('unit and API tests', bin('jest'), ['--json', `--outputFile=${jestFile}`, '--silent']),
  readTheCode(),
]);
const jest = readJson(jestFile);
passed += jest?.numPassedTests ?? 0;
const brokenSuites = jest?.numRuntimeErrorTestSuites ?? 0;
failed += (jest?.numFailedTests ?? 0) + brokenSuites + (jest === null ? 1 : 0);
if (!jestOk && (jest?.numFailedTests ?? 0) + brokenSuites === 0 && jest !== null) failed += 1;

const webFile = join(RESULTS, 'playwright.json');
const webOk = await check('interface tests', bin('playwright'), ['test', '-c', 'e2e'], {
  LOXOS_CHROMIUM: chromium,
  PLAYWRIGHT_JSON_OUTPUT_FILE: webFile,
});
const stats = readJson(webFile)?.stats;
passed += (stats?.expected ?? 0) + (stats?.flaky ?? 0);
failed += stats?.unexpected ?? 1;
if (!webOk && stats?.unexpected === 0) failed += 1;

if (troubles.length > 0) console.log(`\nFailed: ${troubles.join(', ')}`);
const line = `${passed} passed, ${failed} failed`;
writeFileSync(join(RESULTS, 'summary.txt'), `${line}\n`);
console.log(`\n${line}`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);
