import {
  DEFAULT_RULES,
  DRILLS,
  asDrill,
  isUnderWay,
  judgeWork,
  observationsOf,
  usualPair,
  usualBallCm,
  findClub,
  workOf,
} from '@loxos/core';
import type {
  AcademyRules,
  BlockKind,
  DrillEffect,
  GroupReading,
  JudgedWork,
  LessonWork,
  Bands,
  Observations,
  OwnDrillFacts,
  Plan,
  ReadBlock,
} from '@loxos/core';
import type { Block, Lesson } from '../../api/client.ts';
import { useEffects, useOwnDrills, useSettings } from '../../api/queries.ts';
import type { LessonReading } from '../../workers/reading.worker.ts';
import { isTodayAt } from '../../ui/academy-time.ts';
import { groupOf, useLessonScreen } from './lesson-store.ts';
import { partOf } from './parts.ts';

/** What a lesson decided for one club: every step shows this and nothing of its own. */
export interface LessonPlan {
  readonly group: GroupReading;
  readonly plan: Plan;
  readonly work: LessonWork;
  /** What square and neutral are here. */
  readonly bands: Bands;
}

/** Links seen at set-up and in the swing together; what was seen in the swing comes last and wins. */
export function observationsIn(lesson: Lesson, club: string | null): Observations {
  const setUp = partOf(lesson, 'setup');
  const kind = findClub(setUp.club ?? club ?? lesson.balls[0]?.club)?.kind ?? 'iron';
  const seen = observationsOf(setUp, lesson.player.hand, usualBallCm(kind));
  return { ...seen, ...partOf(lesson, 'causes').observations };
}

/** The plan of the club shown, with its work; null without face and path. */
export function planOfLesson(
  lesson: Lesson,
  reading: LessonReading | null,
  club: string | null,
  effects: readonly DrillEffect[],
  own: readonly OwnDrillFacts[],
  { bands }: Pick<AcademyRules, 'bands'> = DEFAULT_RULES,
): LessonPlan | null {
  const group = groupOf(reading, club);
  if (reading === null || group === undefined) return null;
  const plan = reading.reading.plans[reading.reading.groups.indexOf(group)] ?? null;
  if (plan === null) return null;
  const work = workOf({
    plan,
    hand: lesson.player.hand,
    bands,
    stageIndex: partOf(lesson, 'work').stage,
    observations: observationsIn(lesson, group.club),
    bodyNotes: `${lesson.player.bodyNotes} ${partOf(lesson, 'setup').body}`,
    effects,
    drills: [...DRILLS, ...own.map(asDrill)],
  });
  return { group, plan, work, bands };
}

/** The plan of the club shown, and what it is made from. */
export function useLessonPlan(lesson: Lesson, reading: LessonReading | null) {
  const club = useLessonScreen((state) => state.club);
  const effects = useEffects(lesson.player.id).data ?? [];
  const own = useOwnDrills().data ?? [];
  const rules = useSettings().data;
  const planned = planOfLesson(lesson, reading, club, effects, own, rules);
  return { planned, effects, own, bands: (rules ?? DEFAULT_RULES).bands };
}

export const BLOCK_WORDS: Readonly<Record<BlockKind, string>> = {
  baseline: 'Baseline',
  drill: 'Drill',
  toned: 'Toned down',
  play: 'Play',
  demonstration: 'Demonstration',
};

/** `Drill: Two gates`: what a block was begun as. */
export function beganAs(
  { kind, drillId }: Pick<Block, 'kind' | 'drillId'>,
  own: readonly OwnDrillFacts[],
): string {
  if (drillId === null) return BLOCK_WORDS[kind];
  const drill = [...DRILLS, ...own].find(({ id }) => id === drillId);
  return `${BLOCK_WORDS[kind]}: ${drill?.name ?? 'a drill since taken away'}`;
}

/** `Drill: Overhang, set 2`; the club too where the lesson has several. */
export function blockLabel(
  block: Pick<ReadBlock, 'kind' | 'drillId' | 'number' | 'club'>,
  own: readonly OwnDrillFacts[],
  withClub: boolean,
): string {
  const { kind, drillId, number, club } = block;
  return [
    kind === null ? 'In no block' : beganAs({ kind, drillId }, own),
    number > 1 ? `set ${number}` : '',
    withClub ? (findClub(club)?.label ?? 'club not named') : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** Blocks of the club that is worked on. */
export const blocksOfPlan = (
  reading: LessonReading | null,
  planned: LessonPlan | null,
): readonly ReadBlock[] =>
  (reading?.blocks ?? []).filter(({ club }) => planned === null || club === planned.plan.club);

/** Whether a block is being hit right now: balls of another day are all hit, and the next block ends the one before. */
export const isBeingHit = (
  block: ReadBlock,
  { startsAt, blocks }: Pick<Lesson, 'startsAt' | 'blocks'>,
  reading: LessonReading,
): boolean => {
  const underWay = blocks.at(-1);
  const isEnded = underWay !== undefined && underWay.id !== block.blockId;
  return !isEnded && isTodayAt(startsAt) && isUnderWay(block, reading.reading.views);
};

/** What a block was to be judged on, named when it was begun; null where nothing was. */
export const aimOfBlock = (
  { blocks }: Pick<Lesson, 'blocks'>,
  { blockId }: Pick<ReadBlock, 'blockId'>,
): Lesson['blocks'][number]['aim'] => blocks.find(({ id }) => id === blockId)?.aim ?? null;

/** Whether it happened, on the usual pair of blocks; null while there is none. */
export function judgedOf(
  lesson: Pick<Lesson, 'startsAt' | 'blocks'>,
  reading: LessonReading | null,
  planned: LessonPlan | null,
  bands: AcademyRules['bands'],
): JudgedWork | null {
  const pair = usualPair(blocksOfPlan(reading, planned));
  if (pair === null || planned === null || reading === null) return null;
  const { plan, work } = planned;
  const isOpen = isBeingHit(pair[1], lesson, reading);
  const stage = aimOfBlock(lesson, pair[1]) ?? work.stage;
  return judgeWork(pair, { plan, stage, bands, isOpen });
}
