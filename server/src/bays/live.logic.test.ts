import { isBefore, placeOf } from './live.logic.ts';
import type { PlacedBall } from './live.logic.ts';

const when = (source: string, sequence: number, hitAt: string | null = null) => ({
  source,
  sequence,
  hitAt,
});
const placed = (n: number, ordinal: number, blockId: string | null = null): PlacedBall => ({
  ...when('a', n),
  ballId: `b${n}`,
  ordinal,
  blockId,
});

describe('which of two balls was hit first', () => {
  it('is told by the numbers of one source, whatever its clock says', () => {
    expect(isBefore(when('a', 1, '2026-01-01T10:00Z'), when('a', 2, '2026-01-01T09:00Z'))).toBe(
      true,
    );
    expect(isBefore(when('a', 2), when('a', 1))).toBe(false);
  });

  it('is told by the clock from one source to another, in any zone', () => {
    const [early, late] = ['2026-01-01T10:00:00+02:00', '2026-01-01T09:00:00Z'];
    expect(isBefore(when('a', 9, early), when('b', 1, late))).toBe(true);
    expect(isBefore(when('b', 1, late), when('a', 9, early))).toBe(false);
  });

  it('is not told without a clock: they stand as they came', () => {
    expect(isBefore(when('a', 9), when('b', 1, '2026-01-01T09:00:00Z'))).toBe(false);
  });
});

describe('where a ball stands', () => {
  it('is the end, where it was hit last', () => {
    expect(placeOf(when('a', 3), [placed(1, 1), placed(2, 4)], 7)).toEqual({
      ordinal: 7,
      blockId: undefined,
      moves: [],
    });
  });

  it('is before those hit after it, which move on by places of theirs', () => {
    const there = [placed(1, 1, 'one'), placed(3, 4, 'two'), placed(4, 6, 'two')];
    expect(placeOf(when('a', 2), there, 9)).toEqual({
      ordinal: 4,
      blockId: 'one',
      moves: [
        { ballId: 'b3', ordinal: 6 },
        { ballId: 'b4', ordinal: 9 },
      ],
    });
  });

  it('is in the block of the next where none was before', () => {
    expect(placeOf(when('a', 1), [placed(2, 5, 'two')], 6)).toMatchObject({
      ordinal: 5,
      blockId: 'two',
    });
  });
});
