import { standardHead } from './head.ts';
import type { ClubHead, ClubKind } from './head.ts';

/**
 * A club as a coach names it. Static lofts are usual modern ones and the dynamic loft and attack
 * are those of a usual centred full shot, used only where a ball does not say them (common
 * practice, no source). Speed is relative to the driver's.
 */
export interface Club {
  readonly id: string;
  readonly label: string;
  readonly kind: ClubKind;
  readonly loftDeg: number;
  readonly usualDynamicLoftDeg: number;
  readonly usualAttackDeg: number;
  readonly speedShare: number;
}

const club = (
  id: string,
  label: string,
  kind: ClubKind,
  loftDeg: number,
  usualDynamicLoftDeg: number,
  usualAttackDeg: number,
  speedShare: number,
): Club => ({ id, label, kind, loftDeg, usualDynamicLoftDeg, usualAttackDeg, speedShare });

export const STANDARD_BAG: readonly Club[] = [
  club('driver', 'Driver', 'driver', 10.5, 13.5, 0, 1),
  club('3-wood', '3 wood', 'fairway', 15, 14.5, -2, 0.95),
  club('5-wood', '5 wood', 'fairway', 18, 17, -2.5, 0.925),
  club('7-wood', '7 wood', 'fairway', 21, 19, -2.5, 0.905),
  club('2-hybrid', '2 hybrid', 'hybrid', 17, 16, -2.5, 0.915),
  club('3-hybrid', '3 hybrid', 'hybrid', 19, 17.5, -3, 0.9),
  club('4-hybrid', '4 hybrid', 'hybrid', 22, 19, -3, 0.88),
  club('5-hybrid', '5 hybrid', 'hybrid', 25, 21, -3, 0.86),
  club('2-iron', '2 iron', 'iron', 18, 14.5, -2.5, 0.89),
  club('3-iron', '3 iron', 'iron', 20, 16, -2.5, 0.875),
  club('4-iron', '4 iron', 'iron', 23, 17.5, -3, 0.855),
  club('5-iron', '5 iron', 'iron', 26, 19, -3.5, 0.84),
  club('6-iron', '6 iron', 'iron', 29.5, 21, -3.8, 0.82),
  club('7-iron', '7 iron', 'iron', 33, 23, -4, 0.8),
  club('8-iron', '8 iron', 'iron', 37, 26, -4.3, 0.78),
  club('9-iron', '9 iron', 'iron', 41.5, 30, -4.5, 0.76),
  club('pw', 'Pitching wedge', 'wedge', 46, 34, -4.8, 0.74),
  club('gw', 'Gap wedge', 'wedge', 50, 38, -5, 0.72),
  club('sw', 'Sand wedge', 'wedge', 55, 42, -5, 0.69),
  club('lw', 'Lob wedge', 'wedge', 60, 46, -5, 0.66),
];

const BY_ID: ReadonlyMap<string, Club> = new Map(STANDARD_BAG.map((c) => [c.id, c]));

/** The standard club with this id, or null. */
export const findClub = (id: string | null | undefined): Club | null =>
  (id === null || id === undefined ? undefined : BY_ID.get(id)) ?? null;

/** The standard club nearest to a head in loft among its kind: whose usual delivery is assumed. */
export function usualClubOf(head: ClubHead): Club {
  const ofKind = STANDARD_BAG.filter(({ kind }) => kind === head.kind);
  return ofKind.reduce((best, club) =>
    Math.abs(club.loftDeg - head.loftDeg) < Math.abs(best.loftDeg - head.loftDeg) ? club : best,
  );
}

export const headOf = (c: Club): ClubHead => standardHead(c.kind, c.loftDeg);

const WOOD_WORDS = 'w|wd|wood|fairway|fw|fairwaywood|holz|bois|madera';
const IRON_WORDS = 'i|ir|iron|eisen|fer|hierro';
const HYBRID_WORDS = 'h|hy|hyb|hybrid|rescue|utility';
const NAMED: readonly (readonly [RegExp, string])[] = [
  [/^(d|dr|drv|driver|1w|1wood|w1)$/, 'driver'],
  [/^(p|pw|pitchingwedge|pitching)$/, 'pw'],
  [/^(a|aw|g|gw|u|uw|gapwedge|approachwedge|gap|4[89]|5[0-2])(deg|°)?$/, 'gw'],
  [/^(s|sw|sandwedge|sand|5[3-7])(deg|°)?$/, 'sw'],
  [/^(l|lw|lobwedge|lob|5[89]|6[0-4])(deg|°)?$/, 'lw'],
];
const NUMBERED: readonly (readonly [RegExp, string])[] = [
  [new RegExp(`^(?:([357])(?:${WOOD_WORDS})|(?:${WOOD_WORDS})([357]))$`), 'wood'],
  [new RegExp(`^(?:([2-5])(?:${HYBRID_WORDS})|(?:${HYBRID_WORDS})([2-5]))$`), 'hybrid'],
  [new RegExp(`^(?:([2-9])(?:${IRON_WORDS})|(?:${IRON_WORDS})([2-9])|([2-9]))$`), 'iron'],
];

/** The standard club a launch file's club text means (`7 Iron`, `7i`, `Dr`, `56°`), or null. */
export function recogniseClub(text: string): Club | null {
  const key = text.toLowerCase().replace(/[\s._-]+/g, '');
  for (const [pattern, id] of NAMED) if (pattern.test(key)) return findClub(id);
  for (const [pattern, kind] of NUMBERED) {
    const match = pattern.exec(key);
    if (match !== null) return findClub(`${match[1] ?? match[2] ?? match[3] ?? ''}-${kind}`);
  }
  return null;
}
