import { DEFAULT_BANDS, unitsOf } from '@loxos/core';
import type { Bands, Wording } from '@loxos/core';
import type { Player } from '../../api/client.ts';

/** Whose hand, bands and units words are for. */
export const wordingOf = (player: Player, bands: Bands = DEFAULT_BANDS): Wording => ({
  hand: player.hand,
  bands,
  units: unitsOf(player),
});
