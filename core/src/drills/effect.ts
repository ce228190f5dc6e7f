import type { ClubKind } from '../delivery/head.ts';

export const EFFECT_FIGURES = ['clubPathDeg', 'faceAngleDeg'] as const;
export type EffectFigure = (typeof EFFECT_FIGURES)[number];

/** What one drill block moved against its baseline, degrees, positive right. */
export interface DrillEffect {
  readonly drillId: string;
  readonly kind: ClubKind;
  readonly figure: EffectFigure;
  readonly byDeg: number;
  /** Standard error. */
  readonly errorDeg: number;
  readonly isClear: boolean;
  readonly balls: number;
}

/** What a drill has moved a figure for a player with a kind of club, over its times. */
export interface DrillRank {
  readonly drillId: string;
  readonly figure: EffectFigure;
  /** Mean over all times, weighed by their errors, shrunken; 0 where no time was clear. */
  readonly creditedDeg: number;
  readonly times: number;
  readonly clearTimes: number;
}
