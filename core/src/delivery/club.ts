import { standardHead } from './head.ts';
import type { ClubHead, ClubKind } from './head.ts';

/** Loft and attack in degrees, positive up; strike height in mm, positive high. */
export interface UsualStrike {
  readonly dynamicLoftDeg: number;
  readonly attackAngleDeg: number;
  readonly strikeHighMm: number;
}

/** Driver speeds of the players that are known, m/s (113, 94, 93 and 72 mph). */
export const USUAL_DRIVER_SPEEDS_MPS = { fast: 50.5, slow: 42, man: 41.6, woman: 32 } as const;
export type Anchor = keyof typeof USUAL_DRIVER_SPEEDS_MPS;

/**
 * A club as a coach names it. Static lofts and lengths are usual modern ones (common practice, no source). Speed
 * is relative to the driver's. `strikes` are the usual ones of the players of usual.ts.
 */
export interface Club {
  readonly id: string;
  readonly label: string;
  readonly kind: ClubKind;
  readonly loftDeg: number;
  readonly lengthM: number;
  readonly speedShare: number;
  readonly strikes: Readonly<Record<Anchor, UsualStrike>>;
}

/** Dynamic loft and attack, degrees, and strike height, mm. */
type Strike = readonly [loftDeg: number, attackDeg: number, highMm: number];

const usual = ([dynamicLoftDeg, attackAngleDeg, strikeHighMm]: Strike): UsualStrike => ({
  dynamicLoftDeg,
  attackAngleDeg,
  strikeHighMm,
});

const club = (
  id: string,
  label: string,
  kind: ClubKind,
  loftDeg: number,
  lengthM: number,
  speedShare: number,
  fast: Strike,
  slow: Strike,
  // With irons and wedges they meet the ball as the slow professional does.
  man: Strike = slow,
  woman: Strike = slow,
): Club => ({
  id,
  label,
  kind,
  loftDeg,
  lengthM,
  speedShare,
  strikes: { fast: usual(fast), slow: usual(slow), man: usual(man), woman: usual(woman) },
});

export const STANDARD_BAG: readonly Club[] = [
  club(
    'driver',
    'Driver',
    'driver',
    10.5,
    1.143,
    1,
    [11.5, -1.3, 6],
    [15.8, 3, -3],
    [15.9, -1.6, -2.5],
    [18.9, -0.5, -6],
  ),
  club(
    '3-wood',
    '3 wood',
    'fairway',
    15,
    1.092,
    0.95,
    [12, -2.9, 0],
    [13.4, -0.9, 2],
    [15.4, -2.5, 0],
    [18.7, -1, -3.5],
  ),
  club(
    '4-wood',
    '4 wood',
    'fairway',
    16.5,
    1.086,
    0.935,
    [12.6, -3.1, -1.5],
    [15.4, -1.4, -2.5],
    [16.7, -2.5, -2],
    [20.1, -1.1, -5.5],
  ),
  club(
    '5-wood',
    '5 wood',
    'fairway',
    18,
    1.067,
    0.925,
    [13.6, -3.3, -3.5],
    [17.9, -1.8, -7],
    [18.1, -2.6, -4],
    [21.6, -1.3, -8],
  ),
  club('7-wood', '7 wood', 'fairway', 21, 1.054, 0.905, [15.7, -3.4, -4], [19.6, -1.9, -7]),
  club('9-wood', '9 wood', 'fairway', 24, 1.041, 0.885, [18, -3.5, -5], [22, -2, -8]),
  club('2-hybrid', '2 hybrid', 'hybrid', 17, 1.029, 0.915, [12.6, -3.4, 0], [16, -1.6, 0]),
  club('3-hybrid', '3 hybrid', 'hybrid', 19, 1.022, 0.9, [13.6, -3.5, 0], [17.5, -1.7, 0]),
  club('4-hybrid', '4 hybrid', 'hybrid', 22, 1.01, 0.88, [15.5, -3.5, 0], [19.5, -1.8, 0]),
  club('5-hybrid', '5 hybrid', 'hybrid', 25, 0.997, 0.86, [17.5, -3.6, 0], [21.3, -1.9, 0]),
  club('6-hybrid', '6 hybrid', 'hybrid', 28, 0.984, 0.84, [19.6, -3.8, 0], [23, -2.1, 0]),
  club('2-iron', '2 iron', 'iron', 18, 0.997, 0.89, [13.8, -2.9, 0], [17, -1.5, 0]),
  club('3-iron', '3 iron', 'iron', 20, 0.991, 0.875, [14.6, -3.1, 0], [18, -1.6, 0]),
  club('4-iron', '4 iron', 'iron', 23, 0.978, 0.855, [15.5, -3.4, 0], [19.3, -1.7, 0]),
  club('5-iron', '5 iron', 'iron', 26, 0.965, 0.84, [17.1, -3.7, 0], [20, -1.9, 0]),
  club('6-iron', '6 iron', 'iron', 29.5, 0.953, 0.82, [20, -4.1, 0], [23.3, -2.3, 0]),
  club('7-iron', '7 iron', 'iron', 33, 0.94, 0.8, [23.1, -4.3, 0], [25.9, -2.3, 0]),
  club('8-iron', '8 iron', 'iron', 37, 0.927, 0.78, [25.7, -4.5, 0], [28.8, -3.1, 0]),
  club('9-iron', '9 iron', 'iron', 41.5, 0.914, 0.76, [29, -4.7, 0], [32.8, -3.1, 0]),
  club('pw', 'Pitching wedge', 'wedge', 46, 0.908, 0.74, [35.2, -5, 0], [36, -2.8, 0]),
  club('gw', 'Gap wedge', 'wedge', 50, 0.902, 0.72, [39, -5, 0], [40, -3, 0]),
  club('sw', 'Sand wedge', 'wedge', 55, 0.895, 0.69, [43, -5, 0], [44.5, -3, 0]),
  club('lw', 'Lob wedge', 'wedge', 60, 0.889, 0.66, [45, -5, 0], [46, -3, 0]),
];

const BY_ID: ReadonlyMap<string, Club> = new Map(STANDARD_BAG.map((c) => [c.id, c]));

/** Returns the standard club with this id, or null. */
export const findClub = (id: string | null | undefined): Club | null =>
  (id === null || id === undefined ? undefined : BY_ID.get(id)) ?? null;

/** Returns the standard club nearest to a head in loft among its kind: whose usual delivery is assumed. */
export function usualClubOf(head: ClubHead): Club {
  const ofKind = STANDARD_BAG.filter(({ kind }) => kind === head.kind);
  return ofKind.reduce((best, club) =>
    Math.abs(club.loftDeg - head.loftDeg) < Math.abs(best.loftDeg - head.loftDeg) ? club : best,
  );
}

export const headOf = (c: Club): ClubHead => standardHead(c.kind, c.loftDeg);
