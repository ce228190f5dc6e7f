import { NO_SET_UP, changedFields, fieldsOf } from '@loxos/core';
import type { HomeworkDay, Observations, RouteId, SetUp, StationAsk, Wanted } from '@loxos/core';
import type { Lesson, LessonPartName } from '../../api/client.ts';
import { remember } from '../../app/undo.ts';
import { push } from '../../sync/push.ts';
import { partStep } from '../../sync/step.ts';

/** What each step of a lesson keeps. */
export interface SetUpValue extends SetUp {
  readonly target: string;
  readonly club: string | null;
  /** Where the film is taken from; null where nothing is filmed. */
  readonly camera: 'as drawn' | 'elsewhere' | null;
  readonly body: string;
  /** The flight wanted in this lesson; null keeps to the player's. */
  readonly wanted: Wanted | null;
}
export interface WorkValue {
  /** The coach's own route; null keeps to what the balls, or the academy's rule, say. */
  readonly route: RouteId | null;
  /** Which of its stages is worked on. */
  readonly stage: number;
  readonly drillIds: readonly string[];
  /** Those of them given in spite of a warning. */
  readonly despiteIds: readonly string[];
  /** What each drill's station asks for, by the drill's id. */
  readonly stations: Readonly<Record<string, StationAsk>>;
}
/** What the coach wrote over the page as the lesson makes it; null stays as made, and follows the lesson. */
export interface SendValue {
  readonly points: readonly (string | null)[];
  readonly homework: readonly HomeworkDay[] | null;
  readonly nextLook: string | null;
  readonly words: Record<string, unknown> | null;
  /** Whether the player's record stands at the end of the page. */
  readonly isRecordShown: boolean;
}
interface PartValues {
  readonly setup: SetUpValue;
  readonly causes: { readonly observations: Observations };
  readonly work: WorkValue;
  readonly send: SendValue;
}

const BLANK: PartValues = {
  setup: { ...NO_SET_UP, target: '', club: null, camera: null, body: '', wanted: null },
  causes: { observations: {} },
  work: {
    route: null,
    stage: 0,
    drillIds: [],
    despiteIds: [],
    stations: {},
  },
  send: { points: [], homework: null, nextLook: null, words: null, isRecordShown: true },
};

/** What a step holds, with blanks where nothing was put down. */
export function partOf<N extends LessonPartName>(lesson: Lesson, name: N): PartValues[N] {
  const found = lesson.parts.find(({ part }) => part === name);
  if (found === undefined) return BLANK[name];
  return { ...BLANK[name], ...found.value };
}

/** Keeps what differs in a step, and nothing else; undo puts back what it held. */
export function savePart<N extends LessonPartName>(
  lesson: Lesson,
  name: N,
  value: PartValues[N],
  label: string,
): void {
  const before = fieldsOf(name, { ...(partOf(lesson, name) as object) });
  const after = fieldsOf(name, { ...(value as object) });
  const put = (changes: Record<string, unknown>): void =>
    void push(partStep(lesson.id, name, changes));
  const changes = changedFields(before, after);
  if (Object.keys(changes).length === 0) return;
  put(changes);
  remember(label, () => put(changedFields(after, before)));
}
