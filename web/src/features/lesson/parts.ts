import { NO_SET_UP, findClub, observationsOf, usualBallCm } from '@loxos/core';
import type { FirstSchool, FirstTarget, HomeworkDay, Observations, SetUp } from '@loxos/core';
import type { Lesson, LessonPartName } from '../../api/client.ts';
import { useOutbox } from '../../api/outbox.ts';
import { remember } from '../../app/undo.ts';

/** What each step of a lesson keeps. */
export interface SetUpValue extends SetUp {
  readonly target: string;
  readonly club: string | null;
  readonly camera: readonly string[];
  readonly body: string;
}
export interface WorkValue {
  /** The lesson's own rule; null keeps to the academy's. */
  readonly school: FirstSchool | null;
  readonly target: FirstTarget | null;
  readonly drillIds: readonly string[];
  readonly wanted: {
    readonly pathDeg: number;
    readonly faceDeg: number;
    readonly startDeg: number;
  };
}
export interface SendValue {
  readonly points: readonly string[];
  readonly homework: readonly HomeworkDay[];
  readonly nextLook: string;
  readonly words: Record<string, unknown> | null;
}
interface PartValues {
  readonly setup: SetUpValue;
  readonly causes: { readonly observations: Observations };
  readonly work: WorkValue;
  readonly send: SendValue | null;
}

const BLANK: PartValues = {
  setup: { ...NO_SET_UP, target: '', club: null, camera: [], body: '' },
  causes: { observations: {} },
  work: {
    school: null,
    target: null,
    drillIds: [],
    wanted: { pathDeg: 4, faceDeg: 2, startDeg: 0 },
  },
  send: null,
};

/** What a step holds, with blanks where nothing was put down. */
export function partOf<N extends LessonPartName>(lesson: Lesson, name: N): PartValues[N] {
  const found = lesson.parts.find(({ part }) => part === name);
  if (found === undefined) return BLANK[name];
  return { ...BLANK[name], ...found.value };
}

/** Keeps what a step holds; undo puts back what it held. */
export function savePart<N extends LessonPartName>(
  lesson: Lesson,
  name: N,
  value: NonNullable<PartValues[N]>,
  label: string,
): void {
  const before = partOf(lesson, name);
  const push = (next: NonNullable<PartValues[N]>): void =>
    useOutbox.getState().push({
      op: 'part',
      lessonId: lesson.id,
      part: name,
      value: next as unknown as Record<string, unknown>,
    });
  push(value);
  if (before !== null) remember(label, () => push(before));
}

/** Links seen at set-up and in the swing together; what was seen in the swing comes last and wins. */
export function observationsIn(lesson: Lesson): Observations {
  const setUp = partOf(lesson, 'setup');
  const kind = findClub(setUp.club ?? lesson.balls[0]?.club)?.kind ?? 'iron';
  const seen = observationsOf(setUp, lesson.player.hand, usualBallCm(kind));
  return { ...seen, ...partOf(lesson, 'causes').observations };
}
