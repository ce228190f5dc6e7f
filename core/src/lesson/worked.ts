/** What a kept lesson found of the club shown: every step, and the page that the server makes, show this and nothing of their own. */
import { usualBallCm } from '../causes/setup.ts';
import { seenLinks } from './seen.ts';
import type { Observations } from '../causes/trace.ts';
import { findClub } from '../delivery/club.ts';
import { askOfStage, askWithin, usualAsk } from '../drills/ask.ts';
import type { StationAsk } from '../drills/ask.ts';
import { goesGently } from '../drills/body-notes.ts';
import { DRILLS } from '../drills/catalogue.ts';
import type { Drill } from '../drills/drill.ts';
import type { DrillEffect } from '../drills/effect.ts';
import { asDrill, drillBy } from '../drills/own.ts';
import type { OwnDrillFacts } from '../drills/own.ts';
import type { Hand } from '../line/hand.ts';
import { DEFAULT_RULES } from '../plan/rules.ts';
import type { AcademyRules } from '../plan/rules.ts';
import type { Stage } from '../plan/stages.ts';
import { isUnderWay } from '../proof/blocks.ts';
import type { ReadBlock } from '../proof/blocks.ts';
import { clubKeyOf } from '../reading/blocks.ts';
import { lessonFindings } from './findings.ts';
import type { BlockAims, LessonFacts, LessonFindings } from './findings.ts';
import type { HeldLesson } from './held.ts';
import { partOf } from './parts.ts';
import type { WorkPart } from './parts.ts';
import type { LessonReading, ReadClub } from './read.ts';

export interface Worked {
  readonly club: ReadClub | null;
  /** What was decided; null without face and path. */
  readonly found: LessonFindings | null;
  /** What it was decided from beside the balls. */
  readonly facts: LessonFacts;
  readonly effects: readonly DrillEffect[];
  readonly own: readonly OwnDrillFacts[];
  /** The drills given: of the findings those that fit, where something was decided. */
  readonly pageDrills: readonly Drill[];
  /** Nothing is to be overdone at full speed. */
  readonly gently: boolean;
}

export interface WorkedFrom {
  /** The club shown; null for the one hit most. */
  readonly shown: string | null;
  readonly effects: readonly DrillEffect[];
  /** Drills of the academy's own. */
  readonly own: readonly OwnDrillFacts[];
  readonly rules?: Pick<AcademyRules, 'bands'> | undefined;
  /** The player's lesson before, and its reading; nulls where there is none. */
  readonly previous: {
    readonly lesson: Pick<HeldLesson, 'blocks'> | null;
    readonly reading: LessonReading | null;
  };
  /** Whether the lesson is of this very day. */
  readonly isToday: boolean;
}

/** Returns the club a reading is of, as the tabs name it. */
export function keyOfClub({ group }: ReadClub, { views }: LessonReading): string | null {
  const first = views.find(({ id }) => id === group.ballIds[0]);
  return first === undefined ? null : clubKeyOf(first.ball);
}

/** Returns the club shown, or the one with the most balls; null while there is none. */
export function clubShown(reading: LessonReading | null, club: string | null): ReadClub | null {
  if (reading === null) return null;
  const shown = reading.clubs.find((one) => keyOfClub(one, reading) === club);
  const most = [...reading.clubs].sort((a, b) => b.group.ballIds.length - a.group.ballIds.length);
  return shown ?? most[0] ?? null;
}

/** Returns where the ball usually lies for the club of a lesson, cm from the lead heel towards the target. */
export function usualBallIn(
  lesson: Pick<HeldLesson, 'parts' | 'balls'>,
  club: string | null,
): number {
  const id = partOf(lesson, 'setup').club ?? club ?? lesson.balls[0]?.club;
  return usualBallCm(findClub(id)?.kind ?? 'iron');
}

/** Returns the links seen at set-up and in the swing together. */
export const observationsIn = (lesson: HeldLesson, club: string | null): Observations =>
  seenLinks(
    { setup: partOf(lesson, 'setup'), causes: partOf(lesson, 'causes') },
    { hand: lesson.player.hand, usualCm: usualBallIn(lesson, club) },
  );

const aimsOf = ({ blocks }: Pick<HeldLesson, 'blocks'>): BlockAims =>
  Object.fromEntries(blocks.map(({ id, aim }) => [id, aim]));

/** Returns whether a block of today is being hit right now: the next block ends the one before. */
function isBeingHit(block: ReadBlock, lesson: HeldLesson, { views }: LessonReading): boolean {
  const underWay = lesson.blocks.at(-1);
  const isEnded = underWay !== undefined && underWay.id !== block.blockId;
  return !isEnded && isUnderWay(block, views);
}

/** Returns what the station of a drill asks for: as it was laid in this lesson, else the way of the change. */
export function askOfStation(
  { stations }: Pick<WorkPart, 'stations'>,
  drill: Drill,
  stage: Stage | null,
  hand: Hand,
): StationAsk {
  const laid = stations[drill.id];
  if (laid !== undefined) return askWithin(drill, laid);
  return stage === null ? usualAsk(drill) : askOfStage(drill, stage, hand);
}

function factsOf(
  lesson: HeldLesson,
  reading: LessonReading | null,
  club: ReadClub | null,
  from: WorkedFrom,
): LessonFacts {
  const { effects, own, rules = DEFAULT_RULES, previous, isToday } = from;
  const { stage, drillIds, despiteIds } = partOf(lesson, 'work');
  return {
    hand: lesson.player.hand,
    bands: rules.bands,
    stageIndex: stage,
    observations: observationsIn(lesson, club?.group.club ?? null),
    bodyNotes: `${lesson.player.bodyNotes} ${partOf(lesson, 'setup').body}`,
    effects,
    drills: [...DRILLS, ...own.map(asDrill)],
    givenIds: drillIds,
    despiteIds,
    aims: aimsOf(lesson),
    isBeingHit: (block) => reading !== null && isToday && isBeingHit(block, lesson, reading),
    earlier:
      previous.lesson === null || previous.reading === null
        ? null
        : {
            blocks: previous.reading.clubs.flatMap(({ blocks }) => blocks),
            aims: aimsOf(previous.lesson),
          },
  };
}

/** Returns the findings of the club shown, with what they are made from. */
export function workedOf(
  lesson: HeldLesson,
  reading: LessonReading | null,
  from: WorkedFrom,
): Worked {
  const { effects, own } = from;
  const club = clubShown(reading, from.shown);
  const facts = factsOf(lesson, reading, club, from);
  const found = club === null ? null : lessonFindings(club, facts);
  const given = partOf(lesson, 'work').drillIds.flatMap((id) => drillBy(id, own) ?? []);
  return {
    ...{ club, found, facts, effects, own },
    pageDrills: found?.pageDrills ?? given,
    gently: goesGently(facts.bodyNotes, lesson.player.playerKind),
  };
}
