import type { RouteId } from '@loxos/core';
import type { DialectName } from './dialects.ts';
import type { Block } from './shots.ts';

/** What was put down in the steps of a lesson. */
export interface LessonDone {
  readonly setup?: Readonly<Record<string, unknown>>;
  readonly observations?: Readonly<Record<string, -1 | 0 | 1>>;
  readonly route?: RouteId;
  readonly stage?: 0 | 1;
  readonly drillIds?: readonly string[];
  readonly pathDeg?: number;
  /** Repetitions logged at the first drill: + good, − missed. */
  readonly repetitions?: string;
  /** The step of the dose they were at, from 0. */
  readonly doseStep?: number;
  /** A page was given, and so many days of its homework were ticked. */
  readonly pageTicks?: number;
}

/** A monitor of the academy, and how much more open than the others it reads a face, degrees. */
export interface Monitor {
  readonly dialect: DialectName;
  readonly readsMoreDeg: number;
}

/** A visit: how long ago, when, what for, and what was hit (nothing yet for a lesson to come). */
export interface Visit {
  readonly daysAgo: number;
  /** Minutes after midnight. */
  readonly at: number;
  readonly asked: string;
  readonly blocks: readonly Block[];
  /** How far the lesson went beyond its balls. */
  readonly done?: LessonDone;
  /** What wrote it down, where that is not the player's usual monitor; the blocks are hit on each. */
  readonly monitors?: readonly Monitor[];
}
