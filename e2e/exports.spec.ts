import { edit } from './edit.ts';
import { expect, now, test } from './clock.ts';
import type { APIRequestContext } from '@playwright/test';

interface Summary {
  readonly id: string;
  readonly ballCount: number;
  readonly player: { readonly name: string; readonly hand: 'right' | 'left' };
}
type Row = Record<string, unknown>;

const FORMATS = ['csv', 'json', 'xlsx'] as const;

/** What a ball is, without what belongs to its place here. */
const figuresOf = ({ balls }: { balls: Row[] }): Row[] =>
  balls.map((ball) =>
    Object.fromEntries(
      Object.entries(ball).filter(
        ([name, value]) =>
          typeof value === 'number' && !['ordinal', 'version', 'line'].includes(name),
      ),
    ),
  );
const clubsOf = ({ balls }: { balls: Row[] }): unknown[] => balls.map(({ club }) => club);

const LONG_AGO_MS = 500 * 24 * 3600 * 1000;

/** The player of the same name again, since the file says whose balls they are; on another day than the tests that look at today. */
async function lessonOf(api: APIRequestContext, { name, hand }: Summary['player']) {
  const of = await edit(api, 'player.add', { fields: { name, hand } });
  const startsAt = new Date(now().getTime() - LONG_AGO_MS).toISOString();
  return edit(api, 'lesson.add', { of, fields: { startsAt } });
}

const ballsIn = async (api: APIRequestContext, id: string): Promise<{ balls: Row[] }> =>
  (await (await api.get(`/api/lessons/${id}/balls`)).json()) as { balls: Row[] };

test('every lesson of the demo goes out in every format and comes in again, equal, unasked', async ({
  request,
}) => {
  const all = (await (await request.get('/api/lessons')).json()) as Summary[];
  const hit = all.filter(({ ballCount }) => ballCount > 0);
  expect(hit.length).toBeGreaterThan(10);
  for (const [n, lesson] of hit.entries()) {
    const before = await ballsIn(request, lesson.id);
    // Each lesson in one format, the first three in all of them.
    for (const format of n < 3 ? FORMATS : [FORMATS[n % 3]!]) {
      const out = await request.get(`/api/lessons/${lesson.id}/balls.${format}`);
      const into = await lessonOf(request, lesson.player);
      const file = {
        name: `balls.${format}`,
        mimeType: 'application/octet-stream',
        buffer: await out.body(),
      };
      const taken = await request.post(`/api/lessons/${into}/files`, { multipart: { file } });
      const said = `${lesson.player.name}, ${format}: ${await taken.text()}`;
      expect(taken.ok(), said).toBe(true);
      expect(((await taken.json()) as { outcome: string }).outcome, said).toBe('added');
      const after = await ballsIn(request, into);
      expect(figuresOf(after), said).toEqual(figuresOf(before));
      expect(clubsOf(after), said).toEqual(clubsOf(before));
    }
  }
});
