import { proportionOf, shareGrew } from './proportion.ts';

describe('a share', () => {
  // Newcombe 1998, Stat. Med. 17:857, method 3, table I (from memory).
  it.each([
    [81, 263, 0.2553, 0.3662],
    [15, 148, 0.0624, 0.1605],
    [0, 20, 0, 0.1611],
    [1, 29, 0.0061, 0.1718],
  ])('has its interval: %p of %p', (had, of, low, high) => {
    const found = proportionOf(had, of)!;
    expect(found.low).toBeCloseTo(low, 4);
    expect(found.high).toBeCloseTo(high, 4);
  });

  // Newcombe 1998, Stat. Med. 17:873, method 10, table II (from memory).
  it.each([
    [48, 80, 56, 70, 0.0524, 0.3339],
    [3, 10, 9, 10, 0.1705, 0.809],
    [2, 7, 6, 7, 0.0582, 0.8062],
  ])('grows by an interval: from %p of %p to %p of %p', (had, of, has, now, low, high) => {
    const by = shareGrew({ had, of }, { had: has, of: now })!;
    expect(by.low).toBeCloseTo(low, 3);
    expect(by.high).toBeCloseTo(high, 3);
  });

  it('of nothing is none', () => {
    expect(proportionOf(0, 0)).toBeNull();
    expect(shareGrew({ had: 0, of: 0 }, { had: 1, of: 2 })).toBeNull();
  });
});
