import type { Hand } from '../line/hand.ts';
import { asRightHanded } from '../line/hand.ts';
import { sideOf, startWord } from '../line/words.ts';
import type { BendSide, StartWord } from '../line/words.ts';
import { requireInRange } from '../units/require.ts';
import { resolveBands } from './bands.ts';
import type { Bands } from './bands.ts';

/** `start-and-bend`: nine names. `bend-only`: a ball that bends is a hook or slice wherever it starts. */
export const NAMING_SCHOOLS = ['start-and-bend', 'bend-only'] as const;
export type NamingSchool = (typeof NAMING_SCHOOLS)[number];

export interface ShotToName {
  /** Degrees, positive right of the target line. */
  readonly startDirectionDeg: number;
  /** Landing point from the start line, m, positive right. */
  readonly curveM: number;
  readonly carryM: number;
  readonly hand: Hand;
  /** Whether only the side of the bend was told: it has no name that says how much. */
  readonly isBendOpen?: boolean;
}

export interface ShotName {
  /** `pull-draw`, `straight`, `push-slice`, … */
  readonly name: string;
  readonly start: StartWord;
  /** The side it bends to, whatever the hand. */
  readonly bend: BendSide;
  /** Beyond the band of a draw or fade. */
  readonly strong: boolean;
  /** Whether it bends by nobody said how much. */
  readonly isOpen: boolean;
  /** Curve as a share of carry, positive right; 0 for a ball with no carry. */
  readonly bendShare: number;
}

/** Returns the word for a bend: draws and hooks go a right-hander's left, a left-hander's right. */
function bendWord(bend: BendSide, strong: boolean, hand: Hand): string {
  const toRight = asRightHanded(bend === 'right' ? 1 : -1, hand) > 0;
  if (toRight) return strong ? 'slice' : 'fade';
  return strong ? 'hook' : 'draw';
}

/**
 * Names a ball by where it starts and how it bends. Start within the band counts as straight, bend
 * under the first share of carry as none, above the second as a hook or slice. Throws RangeMisuse
 * for figures that are not finite.
 */
export function nameShot(
  shot: ShotToName,
  bands?: Partial<Bands>,
  school: NamingSchool = 'start-and-bend',
): ShotName {
  const { startStraightDeg, bendNoneShare, bendStrongShare } = resolveBands(bands);
  requireInRange('shot.startDirectionDeg', shot.startDirectionDeg, -180, 180, 'degrees');
  requireInRange('shot.curveM', shot.curveM, -1000, 1000, 'm');
  requireInRange('shot.carryM', shot.carryM, -1000, 1000, 'm');
  const start = startWord(shot.startDirectionDeg, shot.hand, startStraightDeg);
  const bendShare = shot.carryM > 0 ? shot.curveM / shot.carryM : 0;
  const amount = Math.abs(bendShare);
  const bend = amount < bendNoneShare ? 'none' : sideOf(bendShare);
  const isOpen = bend !== 'none' && shot.isBendOpen === true;
  const strong = bend !== 'none' && !isOpen && amount > bendStrongShare;
  const facts = { start, bend, strong, isOpen, bendShare };
  if (bend === 'none') return { name: start, ...facts };
  if (isOpen) {
    const bends = `bends ${bend}`;
    return { name: start === 'straight' ? bends : `${start}, ${bends}`, ...facts };
  }
  if (school === 'bend-only') return { name: bendWord(bend, true, shot.hand), ...facts };
  const word = bendWord(bend, strong, shot.hand);
  return { name: start === 'straight' ? word : `${start}-${word}`, ...facts };
}
