import { mean, standardDeviation } from '../maths/statistics.ts';
import { seededRandom } from '../maths/random.ts';
import { bootstrapDifference } from './bootstrap.ts';

/** What a drill block may move; degrees and m, positive right; speed in m/s. */
export const PROOF_FIGURES = [
  'clubPathDeg',
  'faceAngleDeg',
  'faceToPathDeg',
  'startDirectionDeg',
  'curveM',
  'offlineM',
  'carryM',
  'clubSpeedMps',
] as const;
export type ProofFigure = (typeof PROOF_FIGURES)[number];
export type ProofBall = { readonly [F in ProofFigure]: number | null };

/** Figures that are better the nearer to what is wanted; the others are better the more there is. */
const MORE_IS_BETTER: ReadonlySet<ProofFigure> = new Set(['carryM', 'clubSpeedMps']);

export const BLOCK_KINDS = ['baseline', 'drill', 'toned', 'play'] as const;
export type BlockKind = (typeof BLOCK_KINDS)[number];

export interface FigureProof {
  readonly figure: ProofFigure;
  readonly beforeMean: number;
  readonly afterMean: number;
  readonly beforeCount: number;
  readonly afterCount: number;
  readonly beforeSd: number;
  readonly afterSd: number;
  readonly difference: number;
  /** 95 % interval of the difference; null with fewer than three balls in a block. */
  readonly low: number | null;
  readonly high: number | null;
  readonly verdict: 'better' | 'worse' | 'not yet clear';
  /** Balls in each block that would make a difference like this clear; null when it is, or none would. */
  readonly ballsNeeded: number | null;
}

/** z for 95 % two-sided plus z for a power of 80 %: the usual sample-size rule (Cohen 1988). */
const SIZE_Z = 1.96 + 0.8416;
/** Nobody hits more than this in a block: beyond it the change is as good as none. */
const MOST_BALLS = 200;

function ballsNeeded(difference: number, sd: number): number | null {
  if (difference === 0 || sd === 0) return null;
  const count = Math.ceil(2 * ((SIZE_Z * sd) / difference) ** 2);
  return count > MOST_BALLS ? null : Math.max(3, count);
}

function proofOf(
  figure: ProofFigure,
  before: readonly number[],
  after: readonly number[],
  wanted: number,
  seed: number,
): FigureProof {
  const [beforeMean, afterMean] = [mean(before), mean(after)];
  const [beforeSd, afterSd] = [standardDeviation(before), standardDeviation(after)];
  const interval = bootstrapDifference(before, after, seededRandom(seed));
  const clear = interval !== null && (interval.low > 0 || interval.high < 0);
  const nearer = Math.abs(afterMean - wanted) < Math.abs(beforeMean - wanted);
  const good = MORE_IS_BETTER.has(figure) ? afterMean > beforeMean : nearer;
  const difference = afterMean - beforeMean;
  return {
    figure,
    beforeMean,
    afterMean,
    beforeCount: before.length,
    afterCount: after.length,
    beforeSd,
    afterSd,
    difference,
    low: interval?.low ?? null,
    high: interval?.high ?? null,
    verdict: !clear ? 'not yet clear' : good ? 'better' : 'worse',
    ballsNeeded: clear ? null : ballsNeeded(difference, Math.hypot(beforeSd, afterSd) / Math.SQRT2),
  };
}

/**
 * Before against after. `wanted` is what each figure should be (0 unless said): nearer is better. The
 * resampling is seeded, so that the same balls always get the same verdict.
 */
export function compareBlocks(
  before: readonly ProofBall[],
  after: readonly ProofBall[],
  wanted: Readonly<Partial<Record<ProofFigure, number>>> = {},
  seed = 1,
): FigureProof[] {
  return PROOF_FIGURES.flatMap((figure, index) => {
    const values = (balls: readonly ProofBall[]): number[] =>
      balls.map((ball) => ball[figure]).filter((value) => value !== null);
    const [b, a] = [values(before), values(after)];
    if (b.length === 0 || a.length === 0) return [];
    return [proofOf(figure, b, a, wanted[figure] ?? 0, seed + index)];
  });
}

/** What a block with a drill moved, kept for the player's ranking. */
export interface DrillEffect {
  readonly drillId: string;
  readonly figure: ProofFigure;
  readonly difference: number;
  readonly verdict: FigureProof['verdict'];
  readonly balls: number;
}

export interface DrillRank {
  readonly drillId: string;
  readonly figure: ProofFigure;
  /** Mean change, weighed by balls. */
  readonly difference: number;
  readonly times: number;
  readonly clear: number;
}

/** Which drill moves which number for this player, the greatest clear change first. */
export function rankDrills(effects: readonly DrillEffect[], figure: ProofFigure): DrillRank[] {
  const byDrill = new Map<string, DrillEffect[]>();
  for (const effect of effects) {
    if (effect.figure !== figure) continue;
    byDrill.set(effect.drillId, [...(byDrill.get(effect.drillId) ?? []), effect]);
  }
  const ranks = [...byDrill].map(([drillId, own]): DrillRank => {
    const balls = own.reduce((sum, e) => sum + e.balls, 0);
    return {
      drillId,
      figure,
      difference: own.reduce((sum, e) => sum + e.difference * e.balls, 0) / Math.max(1, balls),
      times: own.length,
      clear: own.filter((e) => e.verdict !== 'not yet clear').length,
    };
  });
  return ranks.sort(
    (a, b) =>
      Number(b.clear > 0) - Number(a.clear > 0) || Math.abs(b.difference) - Math.abs(a.difference),
  );
}
