/** What the drills of the catalogue are laid out with. */
import { STICK_M, stanceOf } from '../layout.ts';
import type { LayoutContext, PlainPart, PlainTape } from '../layout.ts';
import type { AskRange } from '../drill.ts';

export const targetLine: PlainPart = {
  kind: 'line',
  label: 'target line',
  alongM: 0.3,
  outM: 0,
  lengthM: 2,
};
export const stick = (label: string, alongM: number, outM: number, angleDeg = 0): PlainPart => ({
  kind: 'stick',
  label,
  alongM,
  outM,
  lengthM: STICK_M,
  angleDeg,
});
export const peg = (label: string, alongM: number, outM: number): PlainPart => ({
  kind: 'peg',
  label,
  alongM,
  outM,
});
export const tape = (label: string, from: PlainTape['from'], to: PlainTape['to']): PlainTape => ({
  label,
  from,
  to,
});
/** Returns where the head may travel: as wide as the head and its room, along a path. */
export const corridor = (
  { headLengthM }: LayoutContext,
  pathDeg: number,
  marginM: number = 0,
  label = 'path of the head',
): PlainPart => ({
  kind: 'corridor',
  label,
  alongM: 0,
  outM: 0,
  lengthM: 0.9,
  widthM: headLengthM + 2 * marginM,
  angleDeg: pathDeg,
});
/** Shoulders or hips as a line over the body; closed is positive. */
export const bodyLine = (c: LayoutContext, label: string, angleDeg: number): PlainPart => ({
  kind: 'body',
  label,
  alongM: 0,
  outM: -stanceOf(c).toesM - 0.16,
  lengthM: 0.46,
  angleDeg,
});
/** Returns the lead hand on the grip from above, with the knuckles that show. */
export const hold = (label: string, count: number): PlainPart => ({
  kind: 'hold',
  label,
  alongM: 0.2,
  outM: -0.28,
  count,
});
export const base = {
  notFor: [],
  strains: [],
  near: [],
  misses: ['missed left', 'missed right'],
  suits: 'anyone',
  cautions: [],
  serves: [],
  movesPath: 0,
  movesFace: 0,
  asks: {},
  dose: 'feel',
} as const;
/** A station that can be laid for any angle a coach asks for, degrees. */
export const ANY_ANGLE: AskRange = { min: -12, max: 12, usual: 0 };
/** Where the start gate stands, m ahead, and how far off it lets the ball start, degrees. */
export const START_GATE = { aheadM: 3, halfDeg: 1.5 } as const;
