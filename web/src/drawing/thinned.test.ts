import { thinned } from './thinned.ts';

describe('a picture of very many values', () => {
  it('shows all of few', () => {
    expect(thinned([3, 1, 2], 10)).toEqual([0, 1, 2]);
    expect(thinned([], 10)).toEqual([]);
  });

  it('keeps what sticks out, the ends and the order, and no more than it may', () => {
    const values = Array.from({ length: 5000 }, (_, n) => Math.sin(n / 40));
    values[1234] = 9;
    values[4321] = -9;
    const kept = thinned(values, 300);
    expect(kept.length).toBeLessThanOrEqual(302);
    expect(kept.length).toBeGreaterThan(200);
    expect(kept).toEqual([...kept].sort((a, b) => a - b));
    for (const n of [0, 1234, 4321, 4999]) expect(kept).toContain(n);
  });
});
