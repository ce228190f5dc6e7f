import { STANDARD_BAG, headOf } from '../delivery/club.ts';
import type { Club } from '../delivery/club.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';
import type { Hand } from '../line/hand.ts';
import { nameShot } from '../reading/names.ts';
import type { ShotName } from '../reading/names.ts';
import { turnFace } from '../delivery/turn.ts';
import { plainDelivery } from '../delivery/usual.ts';

/** One delivery pattern, the same face and path with every club. */
export interface BagPattern {
  readonly hand: Hand;
  readonly driverSpeedMps: number;
  readonly faceAngleDeg: number;
  readonly clubPathDeg: number;
}

export interface BagRow {
  readonly club: Club;
  readonly startDirectionDeg: number;
  readonly curveM: number;
  readonly carryM: number;
  readonly offlineM: number;
  readonly name: ShotName;
  /** Carry less what its offline distance is held to cost, m. */
  readonly worthM: number;
}

export interface BagView {
  readonly rows: readonly BagRow[];
  /** The club of most worth: beyond it, more length costs more than it gains. */
  readonly longestWorth: BagRow;
  /** The longest club of all, by carry. */
  readonly longest: BagRow;
  readonly costPerOffline: number;
}

/** The clubs most players carry. */
export const USUAL_BAG: readonly string[] = [
  'driver',
  '3-wood',
  '5-wood',
  '4-hybrid',
  '5-iron',
  '6-iron',
  '7-iron',
  '8-iron',
  '9-iron',
  'pw',
  'gw',
  'sw',
];

/**
 * Metres of carry that a metre of offline distance is held to cost (common practice, no source): at 2, a
 * club that carries 20 m further and misses by 10 m more is worth no more.
 */
export const COST_PER_OFFLINE = 2;

/** Returns the same face and path through the whole bag, the loft following the face, longest first. */
export function bagView(
  pattern: BagPattern,
  options: {
    readonly clubs?: readonly string[];
    readonly costPerOffline?: number;
    readonly flight?: FlightOptions;
  } = {},
): BagView {
  const { clubs = USUAL_BAG, costPerOffline = COST_PER_OFFLINE, flight = {} } = options;
  const { hand, driverSpeedMps, faceAngleDeg, clubPathDeg } = pattern;
  const rows = STANDARD_BAG.filter(({ id }) => clubs.includes(id)).map((club): BagRow => {
    const head = headOf(club);
    const plain = { ...plainDelivery(club, hand, driverSpeedMps), clubPathDeg };
    const shot = simulateShot(turnFace(plain, head, faceAngleDeg), head, flight);
    const { startDirectionDeg } = shot.launch;
    const { curveM, carryM, offlineM } = shot.flight;
    const name = nameShot({ startDirectionDeg, curveM, carryM, hand });
    return {
      club,
      startDirectionDeg,
      curveM,
      carryM,
      offlineM,
      name,
      worthM: carryM - costPerOffline * Math.abs(offlineM),
    };
  });
  const most = (of: (row: BagRow) => number): BagRow =>
    rows.reduce((best, row) => (of(row) > of(best) ? row : best));
  return {
    rows,
    longestWorth: most((row) => row.worthM),
    longest: most((row) => row.carryM),
    costPerOffline,
  };
}
