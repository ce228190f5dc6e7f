import type { Fields } from '@loxos/core';
import type {
  AddRepetition,
  Ball,
  CreateBall,
  CreateLesson,
  CreateOwnDrill,
  CreatePlayer,
  IntakeAnswers,
  LessonPartName,
  OwnDrill,
  StartBlock,
  UpdateBall,
  UpdateBlock,
  UpdateLesson,
  UpdatePlayer,
} from '../api/client.ts';

/** A launch file as it came, kept until the server has it. */
export interface KeptFile {
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

type BallChange =
  | { readonly op: 'add'; readonly body: CreateBall }
  | { readonly op: 'change'; readonly body: UpdateBall }
  | { readonly op: 'remove'; readonly ball: Ball }
  | { readonly op: 'restore'; readonly ball: Ball };
type LessonChange =
  | { readonly op: 'begin'; readonly body: StartBlock }
  | { readonly op: 'block'; readonly blockId: string; readonly body: UpdateBlock }
  | { readonly op: 'unblock'; readonly blockId: string }
  | { readonly op: 'move'; readonly ballIds: readonly string[]; readonly blockId: string | null }
  | { readonly op: 'part'; readonly part: LessonPartName; readonly changes: Fields }
  | { readonly op: 'repeat'; readonly body: AddRepetition }
  | { readonly op: 'unrepeat'; readonly repetitionId: string }
  | { readonly op: 'open'; readonly body: CreateLesson }
  | { readonly op: 'lesson'; readonly body: UpdateLesson }
  | ({ readonly op: 'file'; readonly file: KeptFile } & SaidOfFile)
  | { readonly op: 'unfile'; readonly fileId: string }
  | { readonly op: 'close' }
  | { readonly op: 'reopen' };

/** A change of what belongs to one lesson. */
export type OfLesson = { readonly lessonId: string } & (
  ({ readonly ballId: string } & BallChange) | LessonChange
);
/** A change of a player. */
export type OfPlayer = { readonly playerId: string } & (
  | { readonly op: 'meet'; readonly body: CreatePlayer }
  | { readonly op: 'player'; readonly body: UpdatePlayer }
  | { readonly op: 'part-with' }
  | { readonly op: 'take-back' }
);
/** A change of the academy's own drills. */
export type OfDrill = { readonly drillId: string } & (
  | { readonly op: 'invent'; readonly body: CreateOwnDrill }
  | { readonly op: 'forget' }
  | { readonly op: 'recall'; readonly drill: OwnDrill }
);
/** A change of the academy's rules. */
export interface OfRules {
  readonly op: 'rules';
  readonly changes: Fields;
}

/** A change on its way to the server. */
export type Pending = OfLesson | OfPlayer | OfDrill | OfRules;

export const isOfLesson = (change: Pending): change is OfLesson => 'lessonId' in change;
export const isOfPlayer = (change: Pending): change is OfPlayer => 'playerId' in change;
export const isOfDrill = (change: Pending): change is OfDrill =>
  change.op === 'invent' || change.op === 'forget' || change.op === 'recall';

/** What a change waits behind: those of one lane are sent in the order made, and a lane never holds up another. */
export const laneOf = (change: Pending): string =>
  isOfLesson(change)
    ? `lesson ${change.lessonId}`
    : isOfPlayer(change)
      ? `player ${change.playerId}`
      : isOfDrill(change)
        ? 'drills'
        : 'rules';

/** The lane that must be empty first: a lesson is opened once its player is known. */
export const needsOf = (change: Pending): string | null =>
  change.op === 'open' ? `player ${change.body.playerId}` : null;
