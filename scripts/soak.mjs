// What is too long for `npm test`: the same simulations at full count, 10,000 random players and a million balls.
import { spawnSync } from 'node:child_process';
import { ROOT, bin, buildIfNeeded, installIfNeeded } from './shared.mjs';

installIfNeeded();
buildIfNeeded();
const SIMULATIONS = [
  'core/src/proof',
  'core/src/reading',
  'core/src/inverse/eye',
  'core/src/words/any-ball',
];
const { status } = spawnSync(bin('jest'), SIMULATIONS, {
  cwd: ROOT,
  stdio: 'inherit',
  env: { ...process.env, LOXOS_SOAK: '1' },
});
process.exit(status ?? 1);
