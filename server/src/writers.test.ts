/** Many who write at once: nobody is turned away, nothing acknowledged is lost, and what clashes is said. */
import type { HistoryEntry } from './changes/past.dto.ts';
import { startTestApp } from './testing/app.ts';
import type { TestApp } from './testing/app.ts';
import { edit } from './testing/edit.ts';

const WRITERS = process.env['LOXOS_SOAK'] === '1' ? 200 : 25;
const EACH = 4;
/** What so many take on a busy machine, ms. */
const SOAK_MS = 300_000;

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

it(
  'each has stored what was acknowledged, in an order that has no gaps',
  async () => {
    const lesson = await t.lesson();
    const stored: string[] = [];
    const changed: number[] = [];
    const writer = async (n: number): Promise<void> => {
      const device = `device-${n}`;
      for (let i = 0; i < EACH; i++) {
        const id = crypto.randomUUID();
        const ball = { id, of: lesson, fields: { carryM: 100 + n } };
        await edit(t.http(), 'ball.add', ball, { device }).expect(200);
        stored.push(id);
        const fields = n % 2 === 0 ? { feetDeg: n % 40 } : { target: `oak ${n}` };
        const part = { id: `${lesson}.setup`, fields, seen: 0 };
        const answer = await edit(t.http(), 'part.set', part, { device });
        expect([200, 409]).toContain(answer.status);
        changed.push(answer.status);
      }
    };
    await Promise.all(Array.from({ length: WRITERS }, (_, n) => writer(n)));
    const { balls, parts } = await t.whole(lesson);
    expect(new Set(balls.map(({ id }) => id))).toEqual(new Set(stored));
    expect(balls.map(({ ordinal }) => ordinal)).toEqual(balls.map((_, index) => index + 1));
    // Two wrote over the same field without having seen each other: the later of each was told.
    expect(changed).toContain(409);
    const { body: history } = await t.http().get(`/api/lessons/${lesson}/history`);
    const versions = (history as HistoryEntry[]).filter(
      ({ steps }) => steps[0]!.thing === 'part',
    ).length;
    expect(parts[0]!.version).toBeGreaterThanOrEqual(Math.min(versions, 200));
    expect(Object.keys(parts[0]!.value).sort()).toEqual(['feetDeg', 'target']);
  },
  SOAK_MS,
);
