import type { DisplayUnits } from '@loxos/core';
import type { Player } from '../api/client.ts';

/** The units a player's figures are shown in. */
export const unitsOf = ({ lengthUnit, speedUnit, angleStyle }: Player): DisplayUnits => ({
  length: lengthUnit,
  speed: speedUnit,
  angle: angleStyle,
});
