import { requireInRange } from '../units/require.ts';

/**
 * Where a coach draws the lines. Half-widths in degrees, edges included; bends as a share of carry.
 * All defaults: common practice, no source.
 */
export interface Bands {
  readonly pathNeutralDeg: number;
  readonly pathAcceptableDeg: number;
  readonly faceSquareDeg: number;
  readonly faceToPathSquareDeg: number;
  readonly startStraightDeg: number;
  readonly bendNoneShare: number;
  readonly bendStrongShare: number;
}

export const DEFAULT_BANDS: Bands = {
  pathNeutralDeg: 1,
  pathAcceptableDeg: 2,
  faceSquareDeg: 1,
  faceToPathSquareDeg: 1,
  startStraightDeg: 1,
  bendNoneShare: 0.03,
  bendStrongShare: 0.08,
};

/** What a band may be set to; [min, max]. */
export const BAND_RANGES: Readonly<Record<keyof Bands, readonly [number, number]>> = {
  pathNeutralDeg: [0, 5],
  pathAcceptableDeg: [0, 10],
  faceSquareDeg: [0, 5],
  faceToPathSquareDeg: [0, 5],
  startStraightDeg: [0, 5],
  bendNoneShare: [0, 0.2],
  bendStrongShare: [0, 0.5],
};

/** Defaults with the given bands over them; throws RangeMisuse naming a bad one. */
export function resolveBands(bands: Partial<Bands> = {}): Bands {
  const all = { ...DEFAULT_BANDS, ...bands };
  for (const [name, [min, max]] of Object.entries(BAND_RANGES)) {
    requireInRange(`bands.${name}`, all[name as keyof Bands], min, max);
  }
  return all;
}
