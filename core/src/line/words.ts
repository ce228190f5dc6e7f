import { asRightHanded } from './hand.ts';
import type { Hand } from './hand.ts';

/**
 * The one place that turns a signed angle into the field's word. Every angle is in degrees,
 * positive to the right of the target line seen from above, for both hands; a word depends on the
 * hand. `withinDeg` is the half-width of the band called neutral, square or straight; its edge
 * belongs to the band.
 */
export type PathWord = 'in-to-out' | 'out-to-in' | 'neutral';
export type FaceWord = 'open' | 'closed' | 'square';
export type StartWord = 'pull' | 'straight' | 'push';
export type BendSide = 'left' | 'none' | 'right';

const pick = <T>(value: number, within: number, below: T, middle: T, above: T): T =>
  value > within ? above : value < -within ? below : middle;

export const pathWord = (clubPathDeg: number, hand: Hand, withinDeg = 0): PathWord =>
  pick<PathWord>(asRightHanded(clubPathDeg, hand), withinDeg, 'out-to-in', 'neutral', 'in-to-out');

/** For the face to the target line, or face-to-path for the face to the path. */
export const faceWord = (faceAngleDeg: number, hand: Hand, withinDeg = 0): FaceWord =>
  pick<FaceWord>(asRightHanded(faceAngleDeg, hand), withinDeg, 'closed', 'square', 'open');

export const startWord = (startDirectionDeg: number, hand: Hand, withinDeg = 0): StartWord =>
  pick<StartWord>(asRightHanded(startDirectionDeg, hand), withinDeg, 'pull', 'straight', 'push');

/** Returns the side a signed horizontal value lies on, whatever the hand. */
export const sideOf = (value: number, within = 0): BendSide =>
  pick<BendSide>(value, within, 'left', 'none', 'right');
