/**
 * A lesson's work read off its plan: the stage, its causes, its drills, and whether it happened. What Work,
 * Prove, Send and the page show comes from here, so that none of them decides by itself.
 */
import { faultOfMove, traceCause } from '../causes/trace.ts';
import type { CauseTrace, Observations } from '../causes/trace.ts';
import { findClub } from '../delivery/club.ts';
import { DRILLS } from '../drills/catalogue.ts';
import { judgeDrills, offeredOf, steadyDrills } from '../drills/choose.ts';
import type { ChosenDrill } from '../drills/choose.ts';
import type { Drill } from '../drills/drill.ts';
import type { DrillEffect } from '../drills/effect.ts';
import { EFFECT_FIGURES } from '../drills/effect.ts';
import { wishOf } from '../drills/wish.ts';
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { targetsOf } from '../plan/off.ts';
import type { Move } from '../plan/routes.ts';
import type { Plan } from '../plan/plan.ts';
import type { Route, Stage } from '../plan/stages.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import type { ProofFigure } from '../reading/figure.ts';
import type { Bands } from '../reading/bands.ts';
import { judgeReadBlocks } from './blocks.ts';
import type { ReadBlock } from './blocks.ts';
import { rankDrills } from './effects.ts';
import type { BlockVerdict, PerFigure } from './judge.ts';

export interface WorkInput {
  readonly plan: Plan;
  readonly hand: Hand;
  /** The academy's; left out, the usual ones. */
  readonly bands?: Bands;
  /** Which stage of the route is worked on, from 0. */
  readonly stageIndex?: number;
  readonly observations?: Observations;
  readonly bodyNotes?: string;
  readonly effects?: readonly DrillEffect[];
  /** Those of the catalogue, and the academy's own. */
  readonly drills?: readonly Drill[];
}

export interface LessonWork {
  readonly route: Route | null;
  /** The stage worked on; null when nothing is to be changed. */
  readonly stage: Stage | null;
  readonly stageIndex: number;
  readonly trace: CauseTrace | null;
  /** Drills that make this stage's move and push nothing further out, the best first; of a two-way miss, those that steady it. */
  readonly offered: readonly ChosenDrill[];
  readonly all: readonly ChosenDrill[];
}

/** The work of a lesson with one club. */
export function workOf(input: WorkInput): LessonWork {
  const { plan, hand, bands = DEFAULT_BANDS, observations = {}, bodyNotes = '' } = input;
  const { effects = [], drills = DRILLS } = input;
  const route = plan.routes[plan.chosen] ?? null;
  if (route === null) {
    const isTwoWay = plan.leaveReason === 'two-way';
    const offered = isTwoWay ? steadyDrills(drills, bodyNotes) : [];
    return { route, stage: null, stageIndex: 0, trace: null, offered, all: offered };
  }
  const stageIndex = Math.min(Math.max(0, input.stageIndex ?? 0), route.stages.length - 1);
  const stage = route.stages[stageIndex]!;
  const by = {
    pathDeg: stage.pathByDeg,
    faceDeg: stage.faceByDeg,
    toeMm: -plan.strikeToeMm,
  };
  const now = {
    pathDeg: stage.pathDeg - stage.pathByDeg,
    faceDeg: stage.faceDeg - stage.faceByDeg,
  };
  const trace = traceCause(faultOfMove(stage.move, by, handSign(hand), now, bands), observations);
  const kind = findClub(plan.club)?.kind ?? null;
  const wish = wishOf({
    plan,
    stage,
    hand,
    bands,
    bodyNotes,
    causes: trace.pushing.map(({ link }) => link.id),
    ranks: EFFECT_FIGURES.flatMap((figure) => rankDrills(effects, figure, kind)),
  });
  const all = judgeDrills(drills, wish);
  return { route, stage, stageIndex, trace, offered: offeredOf(all), all };
}

/** Windows of the figures a stage is judged on. */
function windowsOfPlan(plan: Plan, bands: Bands): PerFigure {
  const targets = targetsOf(plan.wanted, bands, plan.now.carryM);
  return Object.fromEntries(
    Object.entries(targets).map(([figure, [, window]]) => [figure, window]),
  );
}

export interface JudgedWork {
  readonly before: ReadBlock;
  readonly after: ReadBlock;
  readonly judged: BlockVerdict;
}

/** Where nothing is to be changed, two blocks are still compared: on the gap and the start, against what is wanted. */
const KEEP_FIGURES = ['faceToPathDeg', 'startDirectionDeg'] as const;

/** What a block is judged on, named before its balls are hit. Targets in SI and degrees, positive right. */
export interface BlockAim {
  readonly move: Move;
  readonly judged: readonly ProofFigure[];
  readonly targets: Stage['targets'];
}

/** What the next block is judged on while a stage is worked on. */
export const aimOfStage = ({ move, judged, targets }: Stage): BlockAim => ({
  move,
  judged,
  targets,
});

export interface JudgeWorkOptions {
  readonly plan: Plan;
  /** What was named before the balls were hit, or the stage worked on; null where nothing is to be changed. */
  readonly stage: Pick<Stage, 'judged' | 'targets'> | null;
  readonly bands: Bands;
  readonly isOpen?: boolean;
  readonly isOtherVisit?: boolean;
}

/** One block against another on the figures of the stage that was worked on. */
export function judgeWork(
  [before, after]: readonly [ReadBlock, ReadBlock],
  { plan, stage, bands, ...rest }: JudgeWorkOptions,
): JudgedWork {
  const { wanted } = plan;
  const keep = {
    judged: KEEP_FIGURES,
    targets: { faceToPathDeg: wanted.gapDeg, startDirectionDeg: wanted.startDeg },
  };
  const windows = windowsOfPlan(plan, bands);
  return {
    before,
    after,
    judged: judgeReadBlocks(before, after, { stage: stage ?? keep, windows, ...rest }),
  };
}
