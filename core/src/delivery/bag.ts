/**
 * The player's own bag as a value: what is known of each club beyond its name. A club that is not in it,
 * and everything of one that is not said, is the standard bag's.
 */
import { findClub, headOf } from './club.ts';
import type { Club, UsualStrike } from './club.ts';
import type { ClubHead } from './head.ts';

export interface BagClub {
  /** Id of a club of the standard bag. */
  readonly club: string;
  /** Static loft, degrees. */
  readonly loftDeg?: number;
  /** How much more upright (positive) or flat than what fits the player, degrees. */
  readonly uprightDeg?: number;
  /** How far a sleeve is set above (positive) or below its middle, degrees of loft. */
  readonly sleeveLoftDeg?: number;
  /** What the head is built to do: 1 to draw, −1 to fade. */
  readonly headBias?: -1 | 0 | 1;
  readonly lengthM?: number;
}
export type Bag = readonly BagClub[];

/** What a bag's figures may be; [min, max]. */
export const BAG_RANGES = {
  loftDeg: [5, 65],
  uprightDeg: [-6, 6],
  sleeveLoftDeg: [-4, 4],
  lengthM: [0.6, 1.25],
} as const;

export interface PlayedClub {
  readonly club: Club;
  readonly head: ClubHead;
  /** What the bag says of it; null when it is the standard one. */
  readonly own: BagClub | null;
}

const shifted = (strike: UsualStrike, byDeg: number): UsualStrike => ({
  ...strike,
  dynamicLoftDeg: strike.dynamicLoftDeg + byDeg,
});

/**
 * Returns a club as this player has it, or null for an id that is no club's. Another loft moves the usual
 * dynamic loft as much, a longer shaft swings faster in proportion, an upright lie stands higher.
 */
export function playedClub(id: string | null | undefined, bag: Bag = []): PlayedClub | null {
  const club = findClub(id);
  if (club === null) return null;
  const own = bag.find((entry) => entry.club === club.id) ?? null;
  if (own === null) return { club, head: headOf(club), own };
  const loftDeg = (own.loftDeg ?? club.loftDeg) + (own.sleeveLoftDeg ?? 0);
  const [min, max] = BAG_RANGES.loftDeg;
  const played: Club = {
    ...club,
    loftDeg: Math.min(max, Math.max(min, loftDeg)),
    lengthM: own.lengthM ?? club.lengthM,
    speedShare: (club.speedShare * (own.lengthM ?? club.lengthM)) / club.lengthM,
    strikes: {
      fast: shifted(club.strikes.fast, loftDeg - club.loftDeg),
      slow: shifted(club.strikes.slow, loftDeg - club.loftDeg),
      man: shifted(club.strikes.man, loftDeg - club.loftDeg),
      woman: shifted(club.strikes.woman, loftDeg - club.loftDeg),
    },
  };
  const head = headOf(played);
  return { club: played, head: { ...head, lieDeg: head.lieDeg + (own.uprightDeg ?? 0) }, own };
}
