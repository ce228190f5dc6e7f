/** What drills moved over many players, as a right-hander's: left-handers are mirrored, and each player counts once. */
import type { ClubKind } from '../delivery/head.ts';
import type { DrillEffect, EffectFigure } from '../drills/effect.ts';
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { isClearBy, pooledOf } from '../maths/pooled.ts';
import type { Estimate, Pooled } from '../maths/pooled.ts';
import { creditsOf } from '../proof/credit.ts';

const LEAST_ERROR_DEG = 0.1;

export interface MovedOverAll {
  readonly drillId: string;
  readonly figure: EffectFigure;
  readonly pooled: Pooled;
  /** Whether its whole interval lies to one side. */
  readonly isClear: boolean;
  readonly players: number;
}

/** What a drill moved for one player over all their times, as a right-hander's: what is kept to join with others'. */
export interface MovedOfPlayer extends Estimate {
  readonly kind: ClubKind;
  readonly drillId: string;
  readonly figure: EffectFigure;
}

/** Returns what drills moved for a player with every kind of club. */
export const movedOfPlayer = (effects: readonly DrillEffect[], hand: Hand): MovedOfPlayer[] =>
  creditsOf(effects, hand).map(({ kind, drillId, figure, byDeg, errorDeg }) => ({
    kind,
    drillId,
    figure,
    value: handSign(hand) * byDeg,
    error: Math.max(LEAST_ERROR_DEG, errorDeg),
  }));

const byClearness = (a: MovedOverAll, b: MovedOverAll): number =>
  Number(b.isClear) - Number(a.isClear) || Math.abs(b.pooled.value) - Math.abs(a.pooled.value);

/**
 * Returns what drills moved with a kind of club over all players, those that clearly did first: each player's times are pooled
 * first, so that one who came fifty times counts as one.
 */
export function movedOverAll(
  players: readonly (readonly MovedOfPlayer[])[],
  kind: ClubKind,
): MovedOverAll[] {
  const groups = new Map<string, MovedOfPlayer[]>();
  for (const own of players)
    for (const moved of own) {
      if (moved.kind !== kind) continue;
      const key = `${moved.drillId} ${moved.figure}`;
      groups.set(key, [...(groups.get(key) ?? []), moved]);
    }
  const all = [...groups.values()].map((estimates): MovedOverAll => {
    const { drillId, figure } = estimates[0]!;
    const pooled = pooledOf(estimates)!;
    const isClear = isClearBy(pooled, 0);
    return { drillId, figure, pooled, isClear, players: estimates.length };
  });
  return all.sort(byClearness);
}
