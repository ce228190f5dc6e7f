/** A simulated monitor on a bad line: late, twice, lost, broken and begun anew; ten thousand balls in `npm run soak`. */
import { MANY_FAULTS, NO_FAULTS } from '../../../simulators/launch-monitor/src/faults.ts';
import { LaunchMonitor } from '../../../simulators/launch-monitor/src/monitor.ts';
import { PATTERNS } from '../../../simulators/launch-monitor/src/player.ts';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { edit } from '../testing/edit.ts';
import { newBay } from '../testing/live.ts';

/** Balls of a lesson, and how many lessons there are of them, each with a seed of its own. */
const BALLS = 200;
const SEEDS = Array.from({ length: process.env['LOXOS_SOAK'] === '1' ? 50 : 1 }, (_, n) => 41 + n);

interface Line {
  readonly source: string;
  readonly hit?: { readonly sequence: number; readonly figures: Readonly<Record<string, number>> };
  readonly became?: readonly { readonly sequence: number | null; readonly fate: string }[];
}

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

it.each(SEEDS)(
  'loses no ball and doubles none, whatever the line does, and each stands where it was hit (seed %d)',
  async (seed) => {
    const lesson = await t.lesson();
    const { token } = await newBay(t, lesson);
    const { port } = t.app.getHttpServer().address() as { port: number };
    const log: Line[] = [];
    const monitor = new LaunchMonitor({
      address: `http://127.0.0.1:${port}/api/live`,
      token,
      pattern: PATTERNS.slicer,
      seed,
      begun: 'in a test',
      faults: MANY_FAULTS,
      log: (line) => log.push(line as Line),
    });
    for (let n = 0; n < BALLS; n++) {
      if (n === Math.floor(BALLS / 2))
        await edit(t.http(), 'block.add', { of: lesson, fields: { kind: 'drill' } }).expect(200);
      await monitor.hit('right', null);
    }
    await monitor.finish();
    const hit = log.flatMap((line) => (line.hit === undefined ? [] : [line]));
    const { balls } = await t.whole(lesson);
    const paths = (all: readonly (number | null | undefined)[]) =>
      all.map((path) => path!.toFixed(1));
    // The monitor’s own order: of one start after the other, each by its numbers.
    expect(paths(balls.map(({ clubPathDeg }) => clubPathDeg))).toEqual(
      paths(hit.map((line) => line.hit!.figures['clubPath']!)),
    );
    // Each message has a fate, and what was broken none but refused.
    const fates = log.flatMap(({ became }) => became ?? []);
    const count = (fate: string) => fates.filter((one) => one.fate === fate).length;
    expect(count('taken')).toBe(BALLS);
    expect(count('refused')).toBe(fates.filter(({ sequence }) => sequence === -1).length);
    expect(count('known')).toBeGreaterThan(BALLS / 20);
  },
);

it('takes what a monitor hits once it is begun anew, though its numbers are those of before', async () => {
  const lesson = await t.lesson();
  const { token } = await newBay(t, lesson);
  const { port } = t.app.getHttpServer().address() as { port: number };
  for (const begun of ['in the morning', 'after lunch']) {
    const monitor = new LaunchMonitor({
      ...{ address: `http://127.0.0.1:${port}/api/live`, token, begun, seed: 1 },
      ...{ pattern: PATTERNS.slicer, faults: NO_FAULTS, log: () => undefined },
    });
    for (let n = 0; n < 3; n++) await monitor.hit('right', null);
  }
  expect((await t.whole(lesson)).balls).toHaveLength(6);
});
