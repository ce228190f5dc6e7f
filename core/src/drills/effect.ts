import type { ClubKind } from '../delivery/head.ts';

export const EFFECT_FIGURES = ['clubPathDeg', 'faceAngleDeg'] as const;
export type EffectFigure = (typeof EFFECT_FIGURES)[number];

/** A difference of two middles, degrees, positive right, with its standard error. */
export interface EffectSize {
  readonly byDeg: number;
  readonly errorDeg: number;
}

/** What one drill block moved against its baseline, degrees, positive right. */
export interface DrillEffect extends EffectSize {
  /** Null: what plain balls did from the first half of a visit without a drill to its second. */
  readonly drillId: string | null;
  readonly kind: ClubKind;
  readonly figure: EffectFigure;
  readonly balls: number;
  /** Degrees of freedom of the error. */
  readonly degrees: number;
  /** How much of the warming up of a visit lies between the two, 0 to 1. */
  readonly apart: number;
  /** The same against the plain balls on both sides of it, where some followed: warming up falls out. */
  readonly returned: EffectSize | null;
}

/** What a drill has moved a figure for a player with a kind of club, over its times. */
export interface DrillCredit extends EffectSize {
  readonly drillId: string;
  readonly kind: ClubKind;
  readonly figure: EffectFigure;
  readonly times: number;
  /** Half-width of the interval that holds for all drills and figures of a player at once, degrees. */
  readonly halfDeg: number;
  readonly isClear: boolean;
  /** What it is credited with: shrunken by its error; 0 where it is not clear. */
  readonly creditedDeg: number;
}
