import { powerOf, powerTable } from './power-table.ts';
import { LOWEST_WIND_HEIGHT_M } from './tolerances.ts';

/** Height at which a wind speed is stated, m, and the power-law exponent of its profile. */
const WIND_REFERENCE_M = 10;
const WIND_EXPONENT = 1 / 7;

const WIND_POWERS = powerTable(WIND_EXPONENT);
/** The wind at LOWEST_WIND_HEIGHT_M and below, as a share of that at WIND_REFERENCE_M. */
export const LOWEST_SHARE = (LOWEST_WIND_HEIGHT_M / WIND_REFERENCE_M) ** WIND_EXPONENT;
/** What a power of heights in units of 1 m and 100 m is to be multiplied by: a table holds two powers of ten. */
const OF_METRES = (1 / WIND_REFERENCE_M) ** WIND_EXPONENT;
const OF_HUNDREDS = (100 / WIND_REFERENCE_M) ** WIND_EXPONENT;

/** Returns the wind at a height as a share of that at WIND_REFERENCE_M. */
export function windShare(heightM: number): number {
  if (heightM <= LOWEST_WIND_HEIGHT_M) return LOWEST_SHARE;
  if (heightM < 1) return OF_METRES * powerOf(heightM, WIND_EXPONENT, WIND_POWERS);
  return OF_HUNDREDS * powerOf(heightM / 100, WIND_EXPONENT, WIND_POWERS);
}
