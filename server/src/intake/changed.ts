import { BALL_QUANTITIES } from '@loxos/core';
import type { ChangedFigure } from './intake.dto.ts';
import { MEASURED } from './measured.ts';

/** Figures of a line that read otherwise than before; both in the order of `MEASURED`. */
export function changedFigures(
  line: number,
  was: readonly (string | number | null)[],
  now: readonly (string | number | null)[],
): ChangedFigure[] {
  return BALL_QUANTITIES.flatMap((quantity) => {
    const at = MEASURED.indexOf(quantity);
    const [from, to] = [was[at] as number | null, now[at] as number | null];
    return from === to ? [] : [{ line, quantity, from, to }];
  });
}
