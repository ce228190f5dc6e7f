/**
 * What a lesson finds of one club: seen, inferred and done, the work, whether it happened and whether it held, the drills that are
 * used, and what the page says. One function; every step, the page and the demo read it, and none decides by itself.
 */
import { DRILLS } from '../drills/catalogue.ts';
import type { ChosenDrill } from '../drills/choose.ts';
import { judgeDrills } from '../drills/choose.ts';
import type { Drill } from '../drills/drill.ts';
import type { Hand } from '../line/hand.ts';
import type { Plan } from '../plan/plan.ts';
import { usualPair } from '../proof/blocks.ts';
import type { ReadBlock } from '../proof/blocks.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import type { Bands } from '../reading/bands.ts';
import type { Observations } from '../causes/trace.ts';
import type { DrillEffect } from '../drills/effect.ts';
import { pagePoints } from './page-points.ts';
import type { PagePoint } from './page-points.ts';
import type { ReadClub } from './read.ts';
import { judgeWork } from './verdict.ts';
import type { JudgedWork } from './verdict.ts';
import { wishOfWork, workOf } from './work.ts';
import type { BlockAim, LessonWork } from './work.ts';

/** What each block was to be judged on, by its id, named when it was begun. */
export type BlockAims = Readonly<Record<string, BlockAim | null>>;

/** The visit before, with the same club. */
export interface EarlierVisit {
  readonly blocks: readonly ReadBlock[];
  readonly aims: BlockAims;
}

/** What a lesson holds beside its balls. */
export interface LessonFacts {
  readonly hand: Hand;
  readonly bands: Bands;
  /** Which stage of the route is worked on, from 0. */
  readonly stageIndex: number;
  readonly observations: Observations;
  readonly bodyNotes: string;
  readonly effects: readonly DrillEffect[];
  /** Those of the catalogue, and the academy's own. */
  readonly drills: readonly Drill[];
  /** Ids of the drills given, and of those given in spite of a warning. */
  readonly givenIds: readonly string[];
  readonly despiteIds: readonly string[];
  readonly aims: BlockAims;
  /** Whether a block is being hit at this moment. */
  readonly isBeingHit: (block: ReadBlock) => boolean;
  readonly earlier: EarlierVisit | null;
}

/** A lesson that has only begun: nothing seen but the balls, nothing given, no visit before. */
export const NOTHING_DONE: Omit<LessonFacts, 'hand'> = {
  bands: DEFAULT_BANDS,
  stageIndex: 0,
  observations: {},
  bodyNotes: '',
  effects: [],
  drills: DRILLS,
  givenIds: [],
  despiteIds: [],
  aims: {},
  isBeingHit: () => false,
  earlier: null,
};

/** A drill that was given, checked again against what is decided now. */
export interface DrillInUse extends ChosenDrill {
  /** It makes the player no worse, or was given all the same. */
  readonly fits: boolean;
}

export interface LessonFindings extends ReadClub {
  readonly plan: Plan;
  readonly work: LessonWork;
  /** The blocks of the visit before with this club. */
  readonly earlier: readonly ReadBlock[];
  /** Whether it happened, on the usual pair of blocks; null while there is none. */
  readonly verdict: JudgedWork | null;
  /** Whether the end of the visit before held at the start of this one; null where there is no such pair. */
  readonly held: JudgedWork | null;
  readonly inUse: readonly DrillInUse[];
  /** The drills of the page: those used that fit. */
  readonly pageDrills: readonly Drill[];
  readonly points: readonly PagePoint[];
}

type Judge = (pair: readonly [ReadBlock, ReadBlock], earlier: readonly ReadBlock[]) => JudgedWork;

/** One block against another, on what was named for the second. */
const judgeOf =
  (plan: Plan, { stage }: LessonWork, facts: LessonFacts): Judge =>
  ([before, after], earlier) => {
    const isOtherVisit = earlier.includes(before) !== earlier.includes(after);
    const id = after.blockId;
    const aims = earlier.includes(after) ? (facts.earlier?.aims ?? {}) : facts.aims;
    const named = id === null ? null : (aims[id] ?? null);
    const isOpen = !earlier.includes(after) && facts.isBeingHit(after);
    return judgeWork([before, after], {
      plan,
      stage: named ?? stage,
      bands: facts.bands,
      isOpen,
      isOtherVisit,
    });
  };

/** Returns whether the last block of the visit before held: judged on what was named for it. */
function heldOf(
  plan: Plan,
  { stage }: LessonWork,
  { bands, earlier }: LessonFacts,
  last: ReadBlock | undefined,
  first: ReadBlock | undefined,
): JudgedWork | null {
  if (last === undefined || first === undefined || first.counted.length === 0) return null;
  const named = last.blockId === null ? null : (earlier?.aims[last.blockId] ?? null);
  return judgeWork([last, first], { plan, stage: named ?? stage, bands, isOtherVisit: true });
}

/** Returns the drills given, judged for what is worked on now. */
function inUseOf(plan: Plan, work: LessonWork, facts: LessonFacts): DrillInUse[] {
  const given = facts.givenIds.flatMap((id) => facts.drills.filter((drill) => drill.id === id));
  return judgeDrills(given, wishOfWork(plan, work, facts)).map((chosen): DrillInUse => {
    const isLoad = chosen.warnings.some(({ kind }) => kind === 'loads');
    const isBad = chosen.worsens || isLoad;
    return { ...chosen, fits: !isBad || facts.despiteIds.includes(chosen.drill.id) };
  });
}

/** Returns a lesson's findings of one club; null where nothing is decided of it. */
export function lessonFindings(club: ReadClub, facts: LessonFacts): LessonFindings | null {
  const { plan, blocks } = club;
  if (plan === null) return null;
  const work = workOf({ plan, ...facts });
  const earlier = (facts.earlier?.blocks ?? []).filter((block) => block.club === plan.club);
  const pair = usualPair(blocks, earlier);
  const inUse = inUseOf(plan, work, facts);
  const pageDrills = inUse.filter(({ fits }) => fits).map(({ drill }) => drill);
  return {
    ...club,
    plan,
    work,
    earlier,
    verdict: pair === null ? null : judgeOf(plan, work, facts)(pair, earlier),
    held: heldOf(plan, work, facts, earlier.at(-1), blocks[0]),
    inUse,
    pageDrills,
    points: pagePoints(plan, work, pageDrills),
  };
}

/** Two blocks that a coach chose, of this visit or the one before. */
export const judgePair = (
  { plan, work, earlier }: LessonFindings,
  pair: readonly [ReadBlock, ReadBlock],
  facts: LessonFacts,
): JudgedWork => judgeOf(plan, work, facts)(pair, earlier);
