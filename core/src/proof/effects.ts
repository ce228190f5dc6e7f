/**
 * What drills did for a player before: each drill block against the baseline of its lesson and club, on path
 * and face. Nothing is credited unless it is clear, and what is credited is shrunken by its error (normal
 * prior of no effect; James & Stein's idea with a known prior spread).
 */
import { findClub } from '../delivery/club.ts';
import type { ClubKind } from '../delivery/head.ts';
import { EFFECT_FIGURES } from '../drills/effect.ts';
import type { DrillEffect, DrillRank, EffectFigure } from '../drills/effect.ts';
import type { ResolvedContext } from '../reading/context.ts';
import { countedClubs } from '../reading/clubs.ts';
import { figureOf } from '../reading/group.ts';
import type { BallView } from '../reading/read-ball.ts';
import type { LessonBall } from '../reading/ball.ts';
import { readBlocks } from './blocks.ts';
import type { ReadBlock } from './blocks.ts';
import { differenceOf, halfOf } from './difference.ts';

/** The two figures share one error rate of 5 %. */
const CONFIDENCE = 0.975;
/** How far drills move players at all, one standard deviation, degrees (common practice, no source). */
const USUAL_EFFECT_DEG = 2;

function effectsOfBlock(baseline: ReadBlock, block: ReadBlock, kind: ClubKind): DrillEffect[] {
  return EFFECT_FIGURES.flatMap((figure) => {
    const values = (views: readonly BallView[]): number[] =>
      views.flatMap((view) => figureOf(view, figure) ?? []);
    const after = values(block.counted);
    const change = differenceOf(values(baseline.counted), after);
    if (change === null || block.drillId === null) return [];
    const isClear = Math.abs(change.by) > halfOf(change, CONFIDENCE);
    const { by: byDeg, error: errorDeg } = change;
    return [
      { drillId: block.drillId, kind, figure, byDeg, errorDeg, isClear, balls: after.length },
    ];
  });
}

/** What the drills of one lesson moved, from its balls as counted, club by club: set against set. */
export const effectsOfClubs = (
  clubs: readonly (readonly BallView[])[],
  context: ResolvedContext,
): DrillEffect[] =>
  clubs.flatMap((views) => {
    const kind = findClub(views[0]!.ball.club)?.kind;
    const blocks = readBlocks(views, context);
    const baseline = blocks.find((block) => block.kind === 'baseline');
    if (kind === undefined || baseline === undefined) return [];
    return blocks
      .filter((block) => block.kind === 'drill' || block.kind === 'toned')
      .flatMap((block) => effectsOfBlock(baseline, block, kind));
  });

/** The same from its balls, counted as the reading counts. */
export const drillEffects = (
  balls: readonly LessonBall[],
  context: ResolvedContext,
): DrillEffect[] => effectsOfClubs(countedClubs(balls, context), context);

/** Drills by what is credited to them, the most first. */
export function rankDrills(
  effects: readonly DrillEffect[],
  figure: EffectFigure,
  kind: ClubKind | null,
): DrillRank[] {
  const own = effects.filter((e) => e.figure === figure && (kind === null || e.kind === kind));
  const byDrill = new Map<string, DrillEffect[]>();
  for (const effect of own) {
    byDrill.set(effect.drillId, [...(byDrill.get(effect.drillId) ?? []), effect]);
  }
  const ranks = [...byDrill].map(([drillId, times]): DrillRank => {
    const weights = times.map(({ errorDeg }) => 1 / Math.max(errorDeg, 0.1) ** 2);
    const weight = weights.reduce((sum, w) => sum + w, 0);
    const sum = times.reduce((total, { byDeg }, i) => total + weights[i]! * byDeg, 0);
    const shrunken = sum / (weight + 1 / USUAL_EFFECT_DEG ** 2);
    const clearTimes = times.filter(({ isClear }) => isClear).length;
    const creditedDeg = clearTimes > 0 ? shrunken : 0;
    return { drillId, figure, creditedDeg, times: times.length, clearTimes };
  });
  return ranks.sort((a, b) => Math.abs(b.creditedDeg) - Math.abs(a.creditedDeg));
}
