/** Numerical tolerances of the flight; each says what was measured. */

/**
 * Local error allowed to one step, m and m/s. With it the landing point lies within 1 cm of a far
 * finer run for every club of the bag at 30 to 55 m/s driver speed (largest seen 3 mm, a wedge).
 */
export const STEP_ERROR = 2e-5;
/** Share of a step to which its landing and apex are found: below a micrometre for any step taken. */
export const ROOT_SHARE = 1e-9;
/** A flight longer than this is given up, s: far beyond any ball struck by a club. */
export const LONGEST_FLIGHT_S = 60;
/** Below this height the wind profile is that of this height, m: grass, where 1/7 power ends. */
export const LOWEST_WIND_HEIGHT_M = 0.05;
