/** What each drill moved for a player, over all its times: pooled, since what it does differs from day to day. */
import type { ClubKind } from '../delivery/head.ts';
import type { DrillEffect, EffectFigure } from '../drills/effect.ts';
import { pooledOf } from '../maths/pooled.ts';
import type { Pooled } from '../maths/pooled.ts';

export interface Moved {
  readonly drillId: string;
  readonly figure: EffectFigure;
  readonly pooled: Pooled;
  /** Whether its whole interval lies to one side. */
  readonly isClear: boolean;
}

const LEAST_ERROR_DEG = 0.1;

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
  return moved.sort(
    (a, b) =>
      Number(b.isClear) - Number(a.isClear) || Math.abs(b.pooled.value) - Math.abs(a.pooled.value),
  );
}
