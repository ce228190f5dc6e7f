/** Whether the face angles of a file are those where the ball was struck, on a bulged face, and not in its middle. */
import { bulgeTurnDeg } from '../../delivery/head.ts';
import type { PhysicsRow } from './measured-rows.ts';
import { SIGN_DEFAULTS, scatterScore } from './signs.ts';

export const STRIKE_POINT_DEFAULTS = {
  /** So few balls of bulged heads tell nothing. */
  balls: 8,
  /** What turning the faces back to the middle must gain (signs.ts): one thing is tried, not many. */
  gain: SIGN_DEFAULTS.gain,
  /** Smallest scatter of starts that is believed, degrees: of a strike that was measured. */
  floor: 0.35,
} as const;

/**
 * Returns whether the starts fit the faces much better once each is turned back by the bulge where it was struck; false where the
 * balls cannot tell.
 */
export function isFaceAtStrike(rows: readonly PhysicsRow[]): boolean {
  const told = rows.flatMap((row) => {
    const { faceAngleDeg, clubPathDeg, startDirectionDeg, strikeToeMm } = row.ball;
    if (faceAngleDeg === null || clubPathDeg === null || startDirectionDeg === null) return [];
    if (strikeToeMm === null || !Number.isFinite(row.head.bulgeRadiusM)) return [];
    const turn = bulgeTurnDeg(row.head, row.plain.hand, strikeToeMm);
    const miss = (face: number): number =>
      startDirectionDeg - row.strikes(face, clubPathDeg).startDirectionDeg;
    return [{ written: miss(faceAngleDeg), turned: miss(faceAngleDeg - turn) }];
  });
  if (told.length < STRIKE_POINT_DEFAULTS.balls) return false;
  const score = (of: 'written' | 'turned'): number =>
    scatterScore(
      told.map((one) => one[of]),
      { floor: STRIKE_POINT_DEFAULTS.floor, shared: 1 },
    );
  return score('turned') - score('written') >= STRIKE_POINT_DEFAULTS.gain;
}
