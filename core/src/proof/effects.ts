/**
 * What the drills of one lesson moved: each drill block against the baseline of its club, and against the plain balls on both sides
 * of it where some followed; and what plain balls did in the course of a visit without a drill. What is credited is
 * decided over all of a player's lessons (credit.ts).
 */
import { findClub } from '../delivery/club.ts';
import type { ClubKind } from '../delivery/head.ts';
import { EFFECT_FIGURES } from '../drills/effect.ts';
import type { DrillEffect, EffectFigure, EffectSize } from '../drills/effect.ts';
import { isDrilled } from '../drills/next-block.ts';
import { mean, standardDeviation } from '../maths/statistics.ts';
import type { ResolvedContext } from '../reading/context.ts';
import { countedClubs } from '../reading/clubs.ts';
import { figureOf } from '../reading/group.ts';
import type { BallView } from '../reading/read-ball.ts';
import { isByEye } from '../reading/ball.ts';
import type { LessonBall } from '../reading/ball.ts';
import { readBlocks } from './blocks.ts';
import { BALLS_AT_LEAST } from './difference.ts';

/** Balls in which a player has warmed up, and balls in each half of a visit that tells it (common practice, no source). */
const WARM_UP_BALLS = 25;
const HALF_AT_LEAST = 5;

/** Balls hit one after another: their middle, its variance, and how far into the visit they lie, 0 to 1. */
interface Some {
  readonly middle: number;
  readonly variance: number;
  readonly count: number;
  readonly warm: number;
}

interface Placed {
  readonly view: BallView;
  /** From 0, among the balls of its club. */
  readonly at: number;
}

function someOf(balls: readonly Placed[], figure: EffectFigure): Some | null {
  const known = balls.flatMap(({ view, at }) => {
    // Equal taps of an eye are not measurements: what was inferred from them credits nothing.
    const value = isByEye(view.ball) ? null : figureOf(view, figure);
    return value === null ? [] : [{ value, warm: Math.min(1, at / WARM_UP_BALLS) }];
  });
  if (known.length < BALLS_AT_LEAST) return null;
  const values = known.map(({ value }) => value);
  return {
    middle: mean(values),
    variance: standardDeviation(values) ** 2 / values.length,
    count: values.length,
    warm: mean(known.map(({ warm }) => warm)),
  };
}

/** Satterthwaite's degrees of freedom of a difference of two. */
function degreesOf(a: Some, b: Some): number {
  const all = (a.variance + b.variance) ** 2;
  const each = a.variance ** 2 / (a.count - 1) + b.variance ** 2 / (b.count - 1);
  return each > 0 ? all / each : a.count + b.count - 2;
}

/** Returns the plain balls before and after as they would be when the drill was hit, were the course of the visit even. */
function betweenOf(before: Some, drilled: Some, after: Some): EffectSize | null {
  const span = after.warm - before.warm;
  const share = span > 0 ? (drilled.warm - before.warm) / span : 0.5;
  if (share < 0 || share > 1) return null;
  const byDeg = drilled.middle - (1 - share) * before.middle - share * after.middle;
  const variance =
    drilled.variance + (1 - share) ** 2 * before.variance + share ** 2 * after.variance;
  return { byDeg, errorDeg: Math.sqrt(variance) };
}

function effectOf(
  drillId: string | null,
  [before, drilled, after]: readonly [Some | null, Some | null, Some | null],
  kind: ClubKind,
  figure: EffectFigure,
): DrillEffect[] {
  if (before === null || drilled === null) return [];
  const effect: DrillEffect = {
    drillId,
    kind,
    figure,
    byDeg: drilled.middle - before.middle,
    errorDeg: Math.sqrt(drilled.variance + before.variance),
    balls: drilled.count,
    degrees: degreesOf(before, drilled),
    apart: Math.max(0, drilled.warm - before.warm),
    returned: after === null ? null : betweenOf(before, drilled, after),
  };
  return [effect];
}

/** Returns the drills of one club, and, where there were none, the course of its balls. */
function effectsOfClub(views: readonly BallView[], context: ResolvedContext): DrillEffect[] {
  const kind = findClub(views[0]?.ball.club)?.kind;
  if (kind === undefined) return [];
  const places = new Map(views.map(({ id }, at) => [id, at]));
  const placed = (of: readonly BallView[]): Placed[] =>
    of.map((view) => ({ view, at: places.get(view.id) ?? 0 }));
  const blocks = readBlocks(views, context).filter((block) => block.kind !== 'demonstration');
  const drilled = blocks.filter((block) => isDrilled(block.kind ?? 'play'));
  if (drilled.length === 0) {
    const own = placed(blocks.flatMap(({ counted }) => counted));
    const half = Math.floor(own.length / 2);
    if (half < HALF_AT_LEAST) return [];
    return EFFECT_FIGURES.flatMap((figure) => {
      const ends = [someOf(own.slice(0, half), figure), someOf(own.slice(half), figure)] as const;
      return effectOf(null, [...ends, null], kind, figure);
    });
  }
  const first = blocks.findIndex((block) => block.kind === 'baseline');
  const baseline = blocks[first];
  if (baseline === undefined) return [];
  return drilled.flatMap((block) => {
    const at = blocks.indexOf(block);
    if (at < first || block.drillId === null) return [];
    const followed = blocks.slice(at + 1).find((one) => !isDrilled(one.kind ?? 'play'));
    return EFFECT_FIGURES.flatMap((figure) =>
      effectOf(
        block.drillId,
        [
          someOf(placed(baseline.counted), figure),
          someOf(placed(block.counted), figure),
          followed === undefined ? null : someOf(placed(followed.counted), figure),
        ],
        kind,
        figure,
      ),
    );
  });
}

/** Returns what the drills of one lesson moved, from its balls as counted, club by club. */
export const effectsOfClubs = (
  clubs: readonly (readonly BallView[])[],
  context: ResolvedContext,
): DrillEffect[] => clubs.flatMap((views) => effectsOfClub(views, context));

/** Returns the same from its balls, counted as the reading counts. */
export const drillEffects = (
  balls: readonly LessonBall[],
  context: ResolvedContext,
): DrillEffect[] => effectsOfClubs(countedClubs(balls, context), context);
