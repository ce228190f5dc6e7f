// A simulated launch monitor: posts a player's balls to a bay until it is told to stop.
// LOXOS_LIVE (address), LOXOS_BAY_TOKEN; --player slicer --seed 1 --every 6 --faults --log file
import { appendFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { MANY_FAULTS, NO_FAULTS } from './faults.ts';
import { LaunchMonitor } from './monitor.ts';
import type { Now } from './monitor.ts';
import { PATTERNS } from './player.ts';
import type { PatternName } from './player.ts';

const { values } = parseArgs({
  options: {
    player: { type: 'string', default: 'slicer' },
    seed: { type: 'string', default: '1' },
    every: { type: 'string', default: '6' },
    faults: { type: 'boolean', default: false },
    log: { type: 'string' },
  },
});
const { LOXOS_LIVE: address, LOXOS_BAY_TOKEN: token } = process.env;
const everyMs = 1000 * Number(values.every);
const seed = Number(values.seed);
const isPlayer = (name: string): name is PatternName => name in PATTERNS;
if (address === undefined || token === undefined)
  throw new Error('LOXOS_LIVE and LOXOS_BAY_TOKEN: say where to post, and by which token');
if (!isPlayer(values.player))
  throw new Error(`--player: one of ${Object.keys(PATTERNS).join(', ')}`);
if (!(everyMs >= 100) || !Number.isInteger(seed))
  throw new Error('--every: seconds, 0.1 and more; --seed: a whole number');

/** How often it says that it is there while it does not hit, ms. */
const LOOK_MS = 2000;
const monitor = new LaunchMonitor({
  address,
  token,
  seed,
  begun: new Date().toISOString(),
  pattern: PATTERNS[values.player],
  faults: values.faults ? MANY_FAULTS : NO_FAULTS,
  log: (line) => {
    if (values.log !== undefined) appendFileSync(values.log, `${JSON.stringify(line)}\n`);
  },
});

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
let trouble = '';
for (;;) {
  try {
    const now: Now = await monitor.look();
    if (trouble !== '') console.log('The server answers again.');
    trouble = '';
    if (now.isOn && now.hand !== null) {
      await monitor.hit(now.hand, now.block?.drillId ?? null);
      await wait(everyMs);
    } else await wait(LOOK_MS);
  } catch (error) {
    // Said once: it goes on trying.
    if (trouble === '') console.log(`No server answers yet: ${String(error)}`);
    trouble = String(error);
    await wait(LOOK_MS);
  }
}
