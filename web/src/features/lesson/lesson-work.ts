import { DRILLS, findClub, workedOf as foundOf } from '@loxos/core';
import type {
  BlockKind,
  LessonReading,
  OwnDrillFacts,
  ReadBlock,
  Wording,
  Worked as Found,
  WorkedFrom as FoundFrom,
} from '@loxos/core';
import { useMemo } from 'react';
import type { Block, Lesson } from '../../api/client.ts';
import { useEffects, useOwnDrills, useSettings } from '../../api/queries.ts';
import { isTodayAt } from '../../ui/academy-time.ts';
import { useLessonScreen } from './lesson-store.ts';
import type { Previous } from './use-previous.ts';
import { wordingOf } from './wording.ts';

/** What a lesson found of the club shown, and whose words it is said in: every step shows this and nothing of its own. */
export interface Worked extends Found {
  readonly wording: Wording;
}

export interface StepProps {
  readonly lesson: Lesson;
  readonly reading: LessonReading | null;
  readonly worked: Worked;
}

export interface WorkedFrom extends Omit<FoundFrom, 'isToday' | 'previous'> {
  readonly previous: Previous;
}

/** Returns the findings of the club shown, as of this day. */
export function workedOf(lesson: Lesson, reading: LessonReading | null, from: WorkedFrom): Worked {
  const found = foundOf(lesson, reading, { ...from, isToday: isTodayAt(lesson.startsAt) });
  return { ...found, wording: wordingOf(lesson.player, from.rules?.bands) };
}

const NONE: readonly never[] = [];

/** Returns the same, kept up with the lesson. */
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
