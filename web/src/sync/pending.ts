import { laneBefore, laneOf as laneOfStep } from '@loxos/core';
import type { Step } from '@loxos/core';
import type { IntakeAnswers } from '../api/client.ts';

/** A launch file as it came, kept until the server has it. */
interface KeptFile {
  readonly name: string;
  readonly bytes: ArrayBuffer;
}

/** What is said with a launch file. */
export interface SaidOfFile {
  /** What its source leaves open, answered; null where nothing was asked. */
  readonly answers: IntakeAnswers | null;
  /** Whether what was answered for this source before is asked anew. */
  readonly isAskedAgain: boolean;
}

/** Things edited, as one. */
export interface Edit {
  readonly steps: readonly [Step, ...Step[]];
}
/** A launch file dropped into a lesson. */
export interface DroppedFile extends SaidOfFile {
  readonly lessonId: string;
  readonly file: KeptFile;
}

/** What somebody did, on its way to the server. */
export type Pending = Edit | DroppedFile;

export const isFile = (change: Pending): change is DroppedFile => 'file' in change;

/** Returns the steps of changes, in the order made; a file has none. */
export const stepsOf = (changes: readonly Pending[]): readonly Step[] =>
  changes.flatMap((change) => (isFile(change) ? [] : change.steps));

/** Returns what a change waits behind: those of one lane are sent in the order made, and a lane never holds up another. */
export const laneOf = (change: Pending): string =>
  isFile(change) ? `lesson ${change.lessonId}` : laneOfStep(change.steps[0]);

/** Returns the lane that must be empty first; null for none. */
export const needsOf = (change: Pending): string | null =>
  isFile(change) ? null : laneBefore(change.steps[0]);
