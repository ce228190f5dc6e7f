/** What each drill moved for a player, over all its times: pooled, since what it does differs from day to day. */
import { CLUB_KINDS } from '../delivery/head.ts';
import type { ClubKind } from '../delivery/head.ts';
import type { DrillEffect, EffectFigure } from '../drills/effect.ts';
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { pooledOf } from '../maths/pooled.ts';
import type { Estimate, Pooled } from '../maths/pooled.ts';

export interface Moved {
  readonly drillId: string;
  readonly figure: EffectFigure;
  readonly pooled: Pooled;
  /** Whether its whole interval lies to one side. */
  readonly isClear: boolean;
}

const LEAST_ERROR_DEG = 0.1;

const byClearness = (a: Moved, b: Moved): number =>
  Number(b.isClear) - Number(a.isClear) || Math.abs(b.pooled.value) - Math.abs(a.pooled.value);

/** What drills moved with a kind of club, those that clearly did first, then by how much. */
export function movedBy(effects: readonly DrillEffect[], kind: ClubKind): Moved[] {
  const groups = new Map<string, DrillEffect[]>();
  for (const effect of effects) {
    if (effect.kind !== kind) continue;
    const key = `${effect.drillId} ${effect.figure}`;
    groups.set(key, [...(groups.get(key) ?? []), effect]);
  }
  const moved = [...groups.values()].map((times): Moved => {
    const { drillId, figure } = times[0]!;
    const pooled = pooledOf(
      times.map(({ byDeg, errorDeg }) => ({
        value: byDeg,
        error: Math.max(LEAST_ERROR_DEG, errorDeg),
      })),
    )!;
    // Of one time the block's own judgement stands: there is nothing to pool.
    const isClear = times.length === 1 ? times[0]!.isClear : pooled.low > 0 || pooled.high < 0;
    return { drillId, figure, pooled, isClear };
  });
  return moved.sort(byClearness);
}

/** What a drill moved over many players, as a right-hander's: left-handers are mirrored. */
export interface MovedOverAll extends Moved {
  readonly players: number;
}

/** What a drill moved for one player over all their times, as a right-hander's: what is kept to join with others'. */
export interface MovedOfPlayer extends Estimate {
  readonly kind: ClubKind;
  readonly drillId: string;
  readonly figure: EffectFigure;
}

/** What drills moved for a player with every kind of club. */
export const movedOfPlayer = (effects: readonly DrillEffect[], hand: Hand): MovedOfPlayer[] =>
  CLUB_KINDS.flatMap((kind) =>
    movedBy(effects, kind).map(({ drillId, figure, pooled: { value, error } }) => ({
      kind,
      drillId,
      figure,
      value: handSign(hand) * value,
      error,
    })),
  );

/**
 * What drills moved with a kind of club over all players, those that clearly did first: each player's times are pooled
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
    const isClear = estimates.length > 1 && (pooled.low > 0 || pooled.high < 0);
    return { drillId, figure, pooled, isClear, players: estimates.length };
  });
  return all.sort(byClearness);
}
