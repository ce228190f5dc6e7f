import { DEFAULT_BANDS } from '@loxos/core';
import type { Bands, Wording } from '@loxos/core';
import type { Player } from '../../api/client.ts';

/** Whose hand, bands and units words are for. */
export const wordingOf = (
  { hand, lengthUnit, speedUnit, angleStyle }: Player,
  bands: Bands = DEFAULT_BANDS,
): Wording => ({
  hand,
  bands,
  units: { length: lengthUnit, speed: speedUnit, angle: angleStyle },
});
