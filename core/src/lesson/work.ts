/**
 * The work of a lesson with one club, read off its plan: the stage, its causes, its drills. What Work, Prove, Send and the page show
 * comes from here, so that none of them decides by itself.
 */
import { faultOfMove, traceCause } from '../causes/trace.ts';
import type { CauseTrace, Observations } from '../causes/trace.ts';
import { findClub } from '../delivery/club.ts';
import { DRILLS } from '../drills/catalogue.ts';
import { judgeDrills, maintenanceDrills, offeredOf, steadyDrills } from '../drills/choose.ts';
import type { ChosenDrill } from '../drills/choose.ts';
import type { Drill } from '../drills/drill.ts';
import type { DrillEffect } from '../drills/effect.ts';
import { wishOf } from '../drills/wish.ts';
import type { DrillWish } from '../drills/wish.ts';
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { PLAN_DEFAULTS } from '../plan/defaults.ts';
import type { Move } from '../plan/routes.ts';
import type { Plan } from '../plan/plan.ts';
import type { Route, Stage } from '../plan/stages.ts';
import { creditsWith } from '../proof/credit.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import type { Bands } from '../reading/bands.ts';
import type { ProofFigure } from '../reading/figure.ts';

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
  /** Whether so few balls were hit that the basics come first: grip, aim, ball position, posture. */
  readonly basicsFirst: boolean;
  /**
   * Drills that make this stage's move and push nothing further out, the best first; of a two-way miss those that steady it, and
   * where nothing is to be changed those that keep it.
   */
  readonly offered: readonly ChosenDrill[];
  readonly all: readonly ChosenDrill[];
}

/** Returns the drills for where no stage is worked on: what steadies a two-way miss, what keeps a good one, what is likely to be asked for. */
function drillsWithoutStage(input: WorkInput): Pick<LessonWork, 'offered' | 'all'> {
  const { plan, bodyNotes = '', drills = DRILLS } = input;
  const only = (all: readonly ChosenDrill[]) => ({ offered: all, all });
  if (plan.answer === 'steady') return only(steadyDrills(drills, bodyNotes));
  if (plan.answer === 'leave') return only(maintenanceDrills(drills, bodyNotes));
  // While it is looked at: those of the route these balls speak for most, for a coach who knows the answer.
  const stage = plan.routes[plan.best]?.stages[0] ?? null;
  if (plan.answer !== 'look' || stage === null) return only([]);
  const all = judgeDrills(drills, wishOfWork(plan, { stage, trace: null }, input));
  return { offered: offeredOf(all), all };
}

const isBasicsFirst = ({ answer, ballIds }: Plan): boolean =>
  (answer === 'look' || answer === 'try') && ballIds.length < PLAN_DEFAULTS.fewBalls;

/** Returns what is asked of a drill while a stage is worked on, or while none is. */
export function wishOfWork(
  plan: Plan,
  { stage, trace }: Pick<LessonWork, 'stage' | 'trace'>,
  { hand, bands = DEFAULT_BANDS, bodyNotes = '', effects = [] }: Omit<WorkInput, 'plan' | 'drills'>,
): DrillWish {
  const kind = findClub(plan.club)?.kind ?? null;
  return wishOf({
    plan,
    stage,
    hand,
    bands,
    bodyNotes,
    causes: (trace?.pushing ?? []).map(({ link }) => link.id),
    ranks: kind === null ? [] : creditsWith(effects, kind, hand),
  });
}

/** Returns the work of a lesson with one club. */
export function workOf(input: WorkInput): LessonWork {
  const { plan, hand, bands = DEFAULT_BANDS, observations = {}, bodyNotes = '' } = input;
  const { effects = [], drills = DRILLS } = input;
  const route = plan.routes[plan.chosen] ?? null;
  const basicsFirst = isBasicsFirst(plan);
  if (route === null)
    return {
      route,
      stage: null,
      stageIndex: 0,
      trace: null,
      basicsFirst,
      ...drillsWithoutStage(input),
    };
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
  const wish = wishOfWork(plan, { stage, trace }, { hand, bands, bodyNotes, effects });
  const all = judgeDrills(drills, wish);
  return { route, stage, stageIndex, trace, basicsFirst, offered: offeredOf(all), all };
}

/** What a block is judged on, named before its balls are hit. Targets in SI and degrees, positive right. */
export interface BlockAim {
  readonly move: Move;
  readonly judged: readonly ProofFigure[];
  readonly targets: Stage['targets'];
}

/** Returns what the next block is judged on while a stage is worked on. */
export const aimOfStage = ({ move, judged, targets }: Stage): BlockAim => ({
  move,
  judged,
  targets,
});
