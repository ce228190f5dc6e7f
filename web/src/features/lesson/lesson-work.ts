import {
  DEFAULT_RULES,
  DRILLS,
  asDrill,
  findClub,
  goesGently,
  isUnderWay,
  lessonFindings,
  observationsOf,
  usualBallCm,
} from '@loxos/core';
import type {
  AcademyRules,
  BlockAims,
  BlockKind,
  DrillEffect,
  LessonFacts,
  LessonFindings,
  LessonReading,
  Observations,
  OwnDrillFacts,
  ReadBlock,
  ReadClub,
  Wording,
} from '@loxos/core';
import { useMemo } from 'react';
import type { Block, Lesson } from '../../api/client.ts';
import { useEffects, useOwnDrills, useSettings } from '../../api/queries.ts';
import { isTodayAt } from '../../ui/academy-time.ts';
import { clubShown, useLessonScreen } from './lesson-store.ts';
import { partOf } from './parts.ts';
import type { Previous } from './use-previous.ts';
import { wordingOf } from './wording.ts';

/** What a lesson found of the club shown: every step shows this and nothing of its own. */
export interface Worked {
  readonly club: ReadClub | null;
  /** What was decided; null without face and path. */
  readonly found: LessonFindings | null;
  /** What it was decided from beside the balls. */
  readonly facts: LessonFacts;
  readonly effects: readonly DrillEffect[];
  readonly own: readonly OwnDrillFacts[];
  /** Nothing is to be overdone at full speed. */
  readonly gently: boolean;
  readonly wording: Wording;
}

export interface StepProps {
  readonly lesson: Lesson;
  readonly reading: LessonReading | null;
  readonly worked: Worked;
}

/** Links seen at set-up and in the swing together; what was seen in the swing comes last and wins. */
export function observationsIn(lesson: Lesson, club: string | null): Observations {
  const setUp = partOf(lesson, 'setup');
  const kind = findClub(setUp.club ?? club ?? lesson.balls[0]?.club)?.kind ?? 'iron';
  const seen = observationsOf(setUp, lesson.player.hand, usualBallCm(kind));
  return { ...seen, ...partOf(lesson, 'causes').observations };
}

const aimsOf = ({ blocks }: Pick<Lesson, 'blocks'>): BlockAims =>
  Object.fromEntries(blocks.map(({ id, aim }) => [id, aim]));

/** Whether a block is being hit right now: balls of another day are all hit, and the next block ends the one before. */
function isBeingHit(block: ReadBlock, lesson: Lesson, { views }: LessonReading): boolean {
  const underWay = lesson.blocks.at(-1);
  const isEnded = underWay !== undefined && underWay.id !== block.blockId;
  return !isEnded && isTodayAt(lesson.startsAt) && isUnderWay(block, views);
}

export interface WorkedFrom {
  /** The club shown; null for the one hit most. */
  readonly shown: string | null;
  readonly effects: readonly DrillEffect[];
  readonly own: readonly OwnDrillFacts[];
  readonly rules?: Pick<AcademyRules, 'bands'> | undefined;
  readonly previous: Previous;
}

/** What the body notes of the player and of today say. */
const bodyNotesOf = (lesson: Lesson): string =>
  `${lesson.player.bodyNotes} ${partOf(lesson, 'setup').body}`;

/** The findings of the club shown, with what they are made from. */
export function workedOf(
  lesson: Lesson,
  reading: LessonReading | null,
  { shown, effects, own, rules = DEFAULT_RULES, previous }: WorkedFrom,
): Worked {
  const club = clubShown(reading, shown);
  const work = partOf(lesson, 'work');
  const { hand, playerKind } = lesson.player;
  const bodyNotes = bodyNotesOf(lesson);
  const facts: LessonFacts = {
    hand,
    bands: rules.bands,
    stageIndex: work.stage,
    observations: observationsIn(lesson, club?.group.club ?? null),
    bodyNotes,
    effects,
    drills: [...DRILLS, ...own.map(asDrill)],
    givenIds: work.drillIds,
    despiteIds: work.despiteIds,
    aims: aimsOf(lesson),
    isBeingHit: (block) => reading !== null && isBeingHit(block, lesson, reading),
    earlier:
      previous.lesson === null || previous.reading === null
        ? null
        : {
            blocks: previous.reading.clubs.flatMap(({ blocks }) => blocks),
            aims: aimsOf(previous.lesson),
          },
  };
  return {
    club,
    found: club === null ? null : lessonFindings(club, facts),
    facts,
    effects,
    own,
    gently: goesGently(bodyNotes, playerKind),
    wording: wordingOf(lesson.player, rules.bands),
  };
}

const NONE: readonly never[] = [];

/** The same, kept up with the lesson. */
export function useWorked(
  lesson: Lesson,
  reading: LessonReading | null,
  previous: Previous,
): Worked {
  const shown = useLessonScreen((state) => state.club);
  const effects = useEffects(lesson.player.id).data ?? NONE;
  const own = useOwnDrills().data ?? NONE;
  const rules = useSettings().data;
  const { lesson: before, reading: readBefore } = previous;
  return useMemo(
    () =>
      workedOf(lesson, reading, {
        shown,
        effects,
        own,
        rules,
        previous: { lesson: before, reading: readBefore },
      }),
    [lesson, reading, shown, effects, own, rules, before, readBefore],
  );
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
