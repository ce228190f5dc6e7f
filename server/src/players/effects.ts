import { compareBlocks } from '@loxos/core';
import type { DrillEffect, ProofBall } from '@loxos/core';

interface TaggedBall extends ProofBall {
  readonly lessonId: string;
  readonly block: string | null;
  readonly drillId: string | null;
}

/** What each drill moved in each lesson: its balls against that lesson's baseline. */
export function effectsOf(balls: readonly TaggedBall[]): DrillEffect[] {
  const lessons = new Map<string, TaggedBall[]>();
  for (const ball of balls)
    lessons.set(ball.lessonId, [...(lessons.get(ball.lessonId) ?? []), ball]);
  return [...lessons.values()].flatMap((own) => {
    const baseline = own.filter(({ block }) => block === 'baseline');
    const drills = new Set(own.flatMap(({ drillId }) => drillId ?? []));
    return [...drills].flatMap((drillId) => {
      const after = own.filter((ball) => ball.drillId === drillId && ball.block !== 'baseline');
      return compareBlocks(baseline, after).map(({ figure, difference, verdict, afterCount }) => ({
        drillId,
        figure,
        difference,
        verdict,
        balls: afterCount,
      }));
    });
  });
}
