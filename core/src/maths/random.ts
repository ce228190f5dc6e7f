/** A source of numbers in [0, 1), the same for the same seed. Randomness is always passed in. */
export type Random = () => number;

/**
 * Mulberry32 (T. Ettinger, public domain): 32 bits of state, good enough for scatter and resampling,
 * not for secrets. `seed` is taken as an unsigned 32-bit number.
 */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Returns a normal deviate of mean 0 and standard deviation 1 (Box & Muller 1958, Ann. Math. Stat. 29:610). */
export function gaussian(random: Random): number {
  const radius = Math.sqrt(-2 * Math.log(1 - random()));
  return radius * Math.cos(2 * Math.PI * random());
}
