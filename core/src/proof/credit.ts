/**
 * What drills are credited with, for one player, all drills and both figures together: at most 5 in 100 players credit a useless
 * one (RATES.credited; proof/effects.test.ts). A drill's times are pooled, with a prior on how much it differs from day to day, so
 * that two lessons never tell less than one. What the balls do in the course of a visit anyway, warming up or tiring, is taken
 * off first: by this player's visits without a drill, shrunken to all players, and by as much as it may still be. Against the
 * plain balls before and after it at once (A-B-A) a drill needs none of that.
 */
import { findDrill } from '../drills/catalogue.ts';
import { EFFECT_FIGURES } from '../drills/effect.ts';
import type { DrillCredit, DrillEffect, EffectFigure, EffectSize } from '../drills/effect.ts';
import type { ClubKind } from '../delivery/head.ts';
import type { Hand } from '../line/hand.ts';
import { handSign } from '../line/hand.ts';
import { RATES } from '../maths/rates.ts';
import { tQuantile } from '../maths/student.ts';

/** How far drills move players at all, and how much one differs from day to day: standard deviations, degrees (common practice, no source). */
const USUAL_EFFECT_DEG = 2;
const DAY_DEG = 0.4;
/** How far players come in the course of a visit without a drill, one standard deviation, degrees (common practice, no source). */
const COURSE_DEG = 1;
/** Share of a drill's error rate for what it is made to move, the way it is made to; the rest is for what it is not. */
const CLAIMED_SHARE = 0.8;
/** The same for the comparison with the baseline alone, where plain balls followed too. */
const BASELINE_SHARE = 0.6;
const LEAST_ERROR_DEG = 0.1;

interface Course {
  readonly mean: number;
  readonly sd: number;
}

/** Returns what a figure does from a cold start to warm, by the visits without a drill. */
function courseOf(effects: readonly DrillEffect[], figure: EffectFigure): Course {
  let [weight, sum] = [1 / COURSE_DEG ** 2, 0];
  for (const { drillId, figure: own, byDeg, errorDeg, apart } of effects) {
    if (drillId !== null || own !== figure || apart <= 0) continue;
    const error2 = Math.max(LEAST_ERROR_DEG, errorDeg) ** 2 + DAY_DEG ** 2;
    weight += apart ** 2 / error2;
    sum += (apart * byDeg) / error2;
  }
  return { mean: sum / weight, sd: 1 / Math.sqrt(weight) };
}

/** Times of one drill as one: weighed by their errors and the days between them. */
function pooled(
  times: readonly EffectSize[],
): EffectSize & { readonly weights: readonly number[] } {
  const weights = times.map(
    ({ errorDeg }) => 1 / (Math.max(LEAST_ERROR_DEG, errorDeg) ** 2 + DAY_DEG ** 2),
  );
  const weight = weights.reduce((sum, w) => sum + w, 0);
  const byDeg = times.reduce((sum, one, i) => sum + weights[i]! * one.byDeg, 0) / weight;
  return { byDeg, errorDeg: 1 / Math.sqrt(weight), weights: weights.map((w) => w / weight) };
}

/** Returns the error rates to the left and to the right of a figure, as shares of the drill's. */
function sharesOf(drillId: string, figure: EffectFigure, hand: Hand): readonly [number, number] {
  const drill = findDrill(drillId);
  const claims = drill === null ? [] : [drill.movesPath, drill.movesFace];
  const claimed = claims.filter((way) => way !== 0).length;
  if (claimed === 0) return [1 / 4, 1 / 4];
  const way = (figure === 'clubPathDeg' ? drill!.movesPath : drill!.movesFace) * handSign(hand);
  const other = (1 - CLAIMED_SHARE) / (4 - claimed);
  const own = CLAIMED_SHARE / claimed;
  return [way < 0 ? own : other, way > 0 ? own : other];
}

interface Claim extends EffectSize {
  readonly half: number;
}
const isBeyond = ({ byDeg, half }: Claim): boolean => Math.abs(byDeg) > half;

function creditOf(
  times: readonly (DrillEffect & { readonly drillId: string })[],
  course: Course,
  rate: number,
  hand: Hand,
): DrillCredit {
  const { drillId, kind, figure } = times[0]!;
  const degrees = Math.max(
    2,
    times.reduce((sum, one) => sum + one.degrees, 0),
  );
  const shares = sharesOf(drillId, figure, hand);
  const claimOf = ({ byDeg, errorDeg }: EffectSize, share: number, loose: number): Claim => {
    const own = rate * share * shares[byDeg < 0 ? 0 : 1];
    return { byDeg, errorDeg, half: errorDeg * tQuantile(1 - own, degrees) + loose };
  };
  const returns = times.flatMap(({ returned }) => returned ?? []);
  const all = pooled(times);
  const apart = times.reduce((sum, one, i) => sum + all.weights[i]! * one.apart, 0);
  const plain = { byDeg: all.byDeg - course.mean * apart, errorDeg: all.errorDeg };
  const byBaseline = claimOf(plain, returns.length > 0 ? BASELINE_SHARE : 1, course.sd * apart);
  const byReturn = returns.length > 0 ? claimOf(pooled(returns), 1 - BASELINE_SHARE, 0) : null;
  const best =
    byReturn !== null && isBeyond(byReturn) && !isBeyond(byBaseline) ? byReturn : byBaseline;
  const errorDeg = Math.hypot(best.errorDeg, best === byReturn ? 0 : course.sd * apart);
  const isClear = isBeyond(best);
  const shrunken = best.byDeg / (1 + (errorDeg / USUAL_EFFECT_DEG) ** 2);
  return {
    drillId,
    kind,
    figure,
    byDeg: best.byDeg,
    errorDeg,
    halfDeg: best.half,
    times: times.length,
    isClear,
    creditedDeg: isClear ? shrunken : 0,
  };
}

const isOfDrill = (one: DrillEffect): one is DrillEffect & { readonly drillId: string } =>
  one.drillId !== null;

/** Every drill of a player with every kind of club and both figures: those that are clear first, then by how much. */
export function creditsOf(effects: readonly DrillEffect[], hand: Hand): DrillCredit[] {
  const groups = new Map<string, (DrillEffect & { readonly drillId: string })[]>();
  for (const effect of effects.filter(isOfDrill)) {
    const key = `${effect.drillId} ${effect.kind}`;
    groups.set(key, [...(groups.get(key) ?? []), effect]);
  }
  const courses = new Map(EFFECT_FIGURES.map((figure) => [figure, courseOf(effects, figure)]));
  const credits = [...groups.values()].flatMap((own) =>
    EFFECT_FIGURES.flatMap((figure) => {
      const times = own.filter((one) => one.figure === figure);
      const rate = RATES.credited / groups.size;
      return times.length === 0 ? [] : [creditOf(times, courses.get(figure)!, rate, hand)];
    }),
  );
  return credits.sort(
    (a, b) => Number(b.isClear) - Number(a.isClear) || Math.abs(b.byDeg) - Math.abs(a.byDeg),
  );
}

/** Returns those of one kind of club. */
export const creditsWith = (
  effects: readonly DrillEffect[],
  kind: ClubKind,
  hand: Hand,
): DrillCredit[] => creditsOf(effects, hand).filter((credit) => credit.kind === kind);
