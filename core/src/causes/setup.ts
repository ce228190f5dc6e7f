import { asRightHanded } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import type { Observations } from './trace.ts';
import type { CauseLinkId, LinkValue } from './links.ts';

/** What is seen before the first ball; null where nobody looked. Angles positive right of the target line. */
export interface SetUp {
  readonly feetDeg: number | null;
  readonly hipDeg: number | null;
  readonly shoulderDeg: number | null;
  /** Ball from the lead heel, cm, positive towards the target; usual for the club is `usualBallCm`. */
  readonly ballCm: number | null;
  readonly knuckles: number | null;
  /** −1 too near, 0 right, 1 too far. */
  readonly distance: LinkValue | null;
}

export const NO_SET_UP: SetUp = {
  feetDeg: null,
  hipDeg: null,
  shoulderDeg: null,
  ballCm: null,
  knuckles: null,
  distance: null,
};

/** How far off is still as it should be (common practice, no source). */
export const SET_UP_BANDS = { lineDeg: 2, ballCm: 3, knuckles: 2 } as const;

/** Usual ball position, cm from the lead heel towards the target: just inside it for a driver (common practice). */
export const usualBallCm = (kind: 'driver' | 'fairway' | 'hybrid' | 'iron' | 'wedge'): number =>
  ({ driver: -3, fairway: -6, hybrid: -9, iron: -13, wedge: -17 })[kind];

const beyond = (value: number, band: number): LinkValue =>
  value > band ? 1 : value < -band ? -1 : 0;
/** Returns a body line that points to the pull side is open. */
const lineValue = (deg: number, hand: Hand): LinkValue =>
  beyond(-asRightHanded(deg, hand), SET_UP_BANDS.lineDeg);

/** Lines that point the same way within this are one aim of the whole body, degrees (common practice, no source). */
const ONE_AIM_DEG = 4;

/** Where the whole body aims, degrees right of the target line: lines that agree; null where too few were looked at. */
export function aimOf({ feetDeg, hipDeg, shoulderDeg }: SetUp): number | null {
  const lines = [feetDeg, hipDeg, shoulderDeg].filter((line) => line !== null);
  if (lines.length < 2 || shoulderDeg === null) return null;
  if (Math.max(...lines) - Math.min(...lines) > ONE_AIM_DEG) return null;
  return lines.reduce((sum, line) => sum + line, 0) / lines.length;
}

/** Returns the set-up as links of the cause graph; what was not looked at stays out. */
export function observationsOf(setUp: SetUp, hand: Hand, usualCm: number): Observations {
  const { feetDeg, hipDeg, shoulderDeg, ballCm, knuckles, distance } = setUp;
  const aimDeg = aimOf(setUp);
  const seen: (readonly [CauseLinkId, LinkValue | null])[] = [
    ['feet-line', feetDeg === null ? null : lineValue(feetDeg, hand)],
    ['hip-line', hipDeg === null ? null : lineValue(hipDeg, hand)],
    ['shoulder-line', shoulderDeg === null ? null : lineValue(shoulderDeg, hand)],
    ['aim', aimDeg === null ? null : beyond(asRightHanded(aimDeg, hand), SET_UP_BANDS.lineDeg)],
    ['ball-position', ballCm === null ? null : beyond(ballCm - usualCm, SET_UP_BANDS.ballCm)],
    ['grip-strength', knuckles === null ? null : beyond(knuckles - SET_UP_BANDS.knuckles, 0.5)],
    ['distance', distance],
  ];
  return Object.fromEntries(seen.flatMap(([id, value]) => (value === null ? [] : [[id, value]])));
}
