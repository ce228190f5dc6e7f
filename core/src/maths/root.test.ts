import { rootOf } from './root.ts';

describe('a root between two ends', () => {
  // The Dottie number, and Wallis's cubic x³ − 2x − 5 of 1685 (from memory).
  it.each([
    ['cos x = x', (x: number) => Math.cos(x) - x, 0, 1, 0.739085133215161],
    ['x³ = 2x + 5', (x: number) => x ** 3 - 2 * x - 5, 2, 3, 2.094551481542327],
    ['rising or falling', (x: number) => 5 + 2 * x - x ** 3, 2, 3, 2.094551481542327],
  ])('of %s', (_name, valueOf, low, high, root) => {
    expect(rootOf(valueOf, low, high, 1e-10)).toBeCloseTo(root, 9);
  });

  it('is the end where the end is one', () => {
    expect(rootOf((x) => x - 1, 0, 1, 1e-10)).toBeCloseTo(1, 9);
    expect(rootOf((x) => x, 0, 1, 1e-10)).toBeCloseTo(0, 9);
  });
});
