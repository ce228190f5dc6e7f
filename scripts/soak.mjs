// What is too long for `npm test`: the same at full count: 10,000 random players, a million balls, 20,000 files in random dialects, 10,000 requests no screen sends, 200 kills and power cuts, 200 writers.
import { spawnSync } from 'node:child_process';
import { ROOT, bin, buildIfNeeded, installIfNeeded } from './shared.mjs';

installIfNeeded();
buildIfNeeded();
const SIMULATIONS = [
  'core/src/intake',
  'core/src/flight',
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
];
const { status } = spawnSync(bin('jest'), SIMULATIONS, {
  cwd: ROOT,
  stdio: 'inherit',
  env: { ...process.env, LOXOS_SOAK: '1' },
});
process.exit(status ?? 1);
