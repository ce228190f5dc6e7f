/**
 * The normal distribution, by the complementary error function's Chebyshev fit (Numerical Recipes, 2nd ed., §6.2 `erfcc`, from memory;
 * relative error below 1.2e-7).
 */

const FIT = [
  -1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398, 1.48851587,
  -0.82215223, 0.17087277,
] as const;

/** Returns the chance that a standard normal lies above `z`. */
export function normalTail(z: number): number {
  if (z === Infinity) return 0;
  if (z === -Infinity) return 1;
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + x / 2);
  let sum = 0;
  for (let i = FIT.length - 1; i >= 0; i--) sum = FIT[i]! + t * sum;
  const tail = (t * Math.exp(-x * x + sum)) / 2;
  return z >= 0 ? tail : 1 - tail;
}
