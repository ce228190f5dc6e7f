/** Numerical tolerances of the flight; each says what was measured. */

/**
 * Local error of the velocity allowed to one step, m/s. With it every ball lands within 1 cm of a far finer run: of
 * 24,000 launches at 12 to 80 m/s, half of them in up to 12 m/s of wind, at worst 3.8 mm off; the bag's within 1 mm.
 */
export const STEP_ERROR = 5e-5;
/** A flight longer than this is given up, s: far beyond any ball struck by a club. */
export const LONGEST_FLIGHT_S = 60;
/** Below this height the wind profile is that of this height, m: grass, where 1/7 power ends. */
export const LOWEST_WIND_HEIGHT_M = 0.05;
