import { randomUUID } from 'node:crypto';
import { repetition } from '../db/schema/index.ts';
import { Store } from '../db/store.ts';
import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { givePage, homeworkOn } from '../testing/pages.ts';
import { edit } from '../testing/edit.ts';

let t: TestApp;
beforeEach(async () => {
  t = await startTestApp();
});
afterEach(() => t.close());

/** A page given to a player, with homework on some days. */
async function given(...days: string[]): Promise<{ id: string; token: string; lessonId: string }> {
  const lessonId = await t.lesson();
  const { body } = await givePage(t.http(), lessonId, { homework: homeworkOn(...days) });
  return { ...(body as { id: string; token: string }), lessonId };
}

describe('a page’s link', () => {
  it('logs no more repetitions in a day than a player swings', async () => {
    const { id, token, lessonId } = await given('2026-05-07');
    const { academyId } = (await t.http().get('/api/account')).body as { academyId: string };
    const log = () =>
      edit(
        t.as(''),
        'repetition.add',
        { fields: { id: randomUUID(), drillId: 'overhang', good: true } },
        { page: token },
      );
    await log().expect(200);
    const made = (at: string) => ({
      id: randomUUID(),
      academyId,
      lessonId,
      pageId: id,
      drillId: 'rails',
      good: true,
      miss: '',
      at,
    });
    const put = (count: number, at: string) =>
      t.app.get(Store).write(async (tx) => {
        await tx.insert(repetition).values(Array.from({ length: count }, () => made(at)));
      });
    await put(298, new Date().toISOString());
    await log().expect(200);
    const { body } = await log().expect(400);
    expect(body.message).toMatch(/that is enough for one page: tell your coach/);
  });

  it('is not to be guessed: many tokens from one address are too many', async () => {
    const statuses: number[] = [];
    for (let i = 0; i < 605; i++) statuses.push((await t.as('').get(`/api/p/guess-${i}`)).status);
    expect(statuses.slice(0, 590).every((status) => status === 404)).toBe(true);
    expect(statuses.at(-1)).toBe(429);
  });
});
