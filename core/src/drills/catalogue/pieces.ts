/** What the drills of the catalogue are laid out with. */
import { BALL, STICK_M, layOut } from '../layout.ts';
import type { LayoutContext, PlainPart } from '../layout.ts';

export const NOTHING = (c: LayoutContext) => layOut(c.hand, [BALL], []);
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
export const tape = (label: string, distanceM: number) => ({
  label,
  distanceM: Math.abs(distanceM),
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
} as const;
/** Where the start gate stands, m ahead, and how far off it lets the ball start, degrees. */
export const START_GATE = { aheadM: 3, halfDeg: 1.5 } as const;
/** Feet from the ball line to the toes, m: an iron's, for drawing. */
export const TOES_M = 0.55;
