import { BALL_QUANTITIES } from '@loxos/core';
import type { ChangedFigure } from './intake.dto.ts';
import { MEASURED } from '../balls/measured.ts';

/** Returns what a line reads otherwise than before: its club, its figures; both in the order of `MEASURED`. */
export function changedFigures(
  line: number,
  was: readonly (string | number | null)[],
  now: readonly (string | number | null)[],
): ChangedFigure[] {
  return (['club', ...BALL_QUANTITIES] as const).flatMap((quantity) => {
    const at = MEASURED.indexOf(quantity);
    const [from = null, to = null] = [was[at], now[at]];
    return from === to ? [] : [{ line, quantity, from, to }];
  });
}
