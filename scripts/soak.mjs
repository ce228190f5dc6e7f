// What is too long for `npm test`: the same at full count (10,000 random players, a million balls, 20,000 files in random dialects,
// 10,000 requests no screen sends, 10,000 balls over a bad line, 200 kills and power cuts, 200 writers), then every test on hard days of the calendar.
// `npm run soak -- days` runs the days alone.
import { spawnSync } from 'node:child_process';
import { ROOT, bin, buildIfNeeded, installIfNeeded } from './shared.mjs';
import { chromiumPath, needPdfReader } from './chromium.mjs';

installIfNeeded();
buildIfNeeded();
const SIMULATIONS = [
  'core/src/intake',
  'core/src/flight',
  'core/src/plan',
  'core/src/proof',
  'core/src/record',
  'core/src/reading',
  'core/src/inverse/eye',
  'core/src/words/any-ball',
  'server/src/fuzz',
  'server/src/start',
  'server/src/memory',
  'server/src/db/power-cut',
  'server/src/writers',
  'server/src/attack',
  'server/src/bays/faulty-line',
];

/** A moment, where the server stands, and where the browser does. */
const HARD_DAYS = [
  ['2028-02-29T04:00:00Z', 'Asia/Kolkata', 'America/St_Johns'],
  ['2026-12-31T23:50:00Z', 'UTC', 'Pacific/Auckland'],
  ['2027-03-14T06:30:00Z', 'America/New_York', 'Europe/London'],
  ['2026-10-25T00:30:00Z', 'Europe/London', 'America/New_York'],
  ['2026-11-30T12:00:00Z', 'Pacific/Auckland', 'UTC'],
];

let failed = 0;
function run(program, args, env) {
  const options = { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } };
  if (spawnSync(program, args, options).status !== 0) failed += 1;
}

const isDaysAlone = process.argv.includes('days');
if (!isDaysAlone) run(bin('jest'), SIMULATIONS, { LOXOS_SOAK: '1' });
needPdfReader();
for (const [clock, zone, browserZone] of HARD_DAYS) {
  console.log(`\nOn ${clock}, server in ${zone}, browser in ${browserZone}`);
  const env = { LOXOS_CLOCK: clock, TZ: zone, LOXOS_BROWSER_ZONE: browserZone };
  run(bin('jest'), ['--silent'], env);
  run(bin('playwright'), ['test', '-c', 'e2e'], { ...env, LOXOS_CHROMIUM: chromiumPath() });
}
process.exit(failed === 0 ? 0 : 1);
