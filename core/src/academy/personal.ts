/** Who reads what is personal of a player, and how long players who no longer come are kept. */

/** Who reads body notes and what a player writes back: every coach, or the player's own alone; an assistant never does. */
export const PERSONAL_READERS = ['coaches', 'own-coach'] as const;
export type PersonalReaders = (typeof PERSONAL_READERS)[number];

/** Months without a lesson after which an academy may say that a player is long gone. */
export const GONE_MONTHS_RANGE = [6, 120] as const;
