import { parseLaunchFile } from './parse.ts';
import type { BallQuantity } from './quantities.ts';
import { WRITTEN_FILES } from '../testing/written/index.ts';

describe('files in invented dialects', () => {
  it('are eighty at least', () => {
    expect(WRITTEN_FILES.length).toBeGreaterThanOrEqual(80);
    expect(new Set(WRITTEN_FILES.map(({ name }) => name)).size).toBe(WRITTEN_FILES.length);
  });

  it.each(WRITTEN_FILES.map((file) => [file.name, file] as const))('%s', (_, file) => {
    const { text, options = { hand: 'right' }, want, clubs, asks = [], fates = {} } = file;
    const read = parseLaunchFile(text, options);
    expect(read.questions.map(({ kind }) => kind)).toEqual(asks);
    for (const [quantity, values] of Object.entries(want ?? {})) {
      const got = read.balls.map((ball) => ball[quantity as BallQuantity]);
      const close = got.map((value, i) => {
        const wanted = values[i];
        return value !== null && wanted != null && Math.abs(value - wanted) < 1e-9 ? wanted : value;
      });
      expect({ [quantity]: close }).toEqual({ [quantity]: values });
    }
    if (clubs !== undefined) expect(read.balls.map(({ club }) => club)).toEqual(clubs);
    const counts: Record<string, number> = {};
    for (const { fate } of read.rows)
      if (!['ball', 'blank', 'header', 'units', 'preamble'].includes(fate))
        counts[fate] = (counts[fate] ?? 0) + 1;
    if (asks.length === 0) expect(counts).toEqual(fates);
  });
});
