/** What a coach puts down at each step of a lesson, beside its balls, with what stands there while nothing was put down. */
import { NO_SET_UP } from '../causes/setup.ts';
import type { SetUp } from '../causes/setup.ts';
import type { Observations } from '../causes/trace.ts';
import type { StationAsk } from '../drills/ask.ts';
import type { RouteId } from '../plan/routes.ts';
import type { Wanted } from '../plan/wanted.ts';

export interface SetUpPart extends SetUp {
  readonly target: string;
  readonly club: string | null;
  /** How far ahead of the ball a start post is laid, m; null where none is. */
  readonly postM: number | null;
  /** Where the film is taken from; null where nothing is filmed. */
  readonly camera: 'as drawn' | 'elsewhere' | null;
  readonly body: string;
  /** The flight wanted in this lesson; null keeps to the player's. */
  readonly wanted: Wanted | null;
}

export interface WorkPart {
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

/** A day of homework, and what is to be done on it. */
export interface HomeworkDay {
  /** ISO date. */
  readonly date: string;
  readonly what: string;
}

/** A document of the editor, as JSON. */
export type RichText = Record<string, unknown>;

/** What the coach wrote over the page as the lesson makes it; null stays as made, and follows the lesson. */
export interface SendPart {
  readonly points: readonly (string | null)[];
  readonly homework: readonly HomeworkDay[] | null;
  readonly nextLook: string | null;
  readonly words: RichText | null;
  /** Whether the player's record stands at the end of the page. */
  readonly isRecordShown: boolean;
}

export interface LessonParts {
  readonly setup: SetUpPart;
  readonly causes: { readonly observations: Observations };
  readonly work: WorkPart;
  readonly send: SendPart;
}

export const BLANK_PARTS: LessonParts = {
  setup: {
    ...NO_SET_UP,
    target: '',
    club: null,
    postM: null,
    camera: null,
    body: '',
    wanted: null,
  },
  causes: { observations: {} },
  work: { route: null, stage: 0, drillIds: [], despiteIds: [], stations: {} },
  send: { points: [], homework: null, nextLook: null, words: null, isRecordShown: true },
};

/** A part as it is kept: what was put down and nothing else. */
export interface KeptPart {
  readonly part: keyof LessonParts;
  readonly value: Readonly<Record<string, unknown>>;
}

/** Returns what a step holds, with blanks where nothing was put down. */
export function partOf<N extends keyof LessonParts>(
  { parts }: { readonly parts: readonly KeptPart[] },
  name: N,
): LessonParts[N] {
  const found = parts.find(({ part }) => part === name);
  return found === undefined ? BLANK_PARTS[name] : { ...BLANK_PARTS[name], ...found.value };
}
