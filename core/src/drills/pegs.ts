/** What a peg says of the path, where it stands. */
import type { Hand } from '../line/hand.ts';
import { handSign } from '../line/hand.ts';
import { askWithin, toHalf } from './ask.ts';
import type { Drill } from './drill.ts';
import { pathOfPegDeg } from './layout.ts';
import type { Spot, StationPart } from './layout.ts';

/** Pegs nearer to the ball than this say nothing of a path, m. */
const LEAST_M = 0.1;
/** What stands farther ahead than this is for the ball, not for the club, m. */
export const FOR_BALL_FROM_M = 1.4;
/** How far beyond its range a drill is still laid for a peg, degrees: half the step it is laid by. */
const SLACK_DEG = 0.25;

/** Returns whether a part is a peg that says something of the path. */
export const isPathPeg = ({ kind, alongM }: Pick<StationPart, 'kind' | 'alongM'>): boolean =>
  kind === 'peg' && Math.abs(alongM) >= LEAST_M && Math.abs(alongM) < FOR_BALL_FROM_M;

/** Returns how far a peg stands off the path it asks for, m right: pegs side by side make a channel, the path its middle. */
export function offPathM(peg: Spot, pegs: readonly Spot[]): number {
  const abreast = pegs.filter(({ alongM }) => alongM === peg.alongM);
  return peg.rightM - abreast.reduce((sum, { rightM }) => sum + rightM, 0) / abreast.length;
}

/** Returns the path over the ball and a spot ahead of it or behind it, degrees in-to-out. */
export function pathOverDeg({ alongM, rightM }: Spot, hand: Hand): number {
  const way = alongM < 0 ? -1 : 1;
  return pathOfPegDeg(way * alongM, way * rightM * handSign(hand)) + 0;
}

/** Returns the path a dragged peg asks for, degrees in-to-out, in the steps stations are laid by. */
export const draggedPathDeg = (spot: Spot, hand: Hand): number => toHalf(pathOverDeg(spot, hand));

/** Returns what a drill is laid for by a path, degrees in-to-out; null where it is not laid for that. */
export function laidForDeg(drill: Pick<Drill, 'asks'>, pathDeg: number): number | null {
  const asked = askWithin(drill, { pathDeg: toHalf(pathDeg), faceDeg: 0, startDeg: 0 }).pathDeg;
  return Math.abs(asked - pathDeg) <= SLACK_DEG + Number.EPSILON ? asked : null;
}
