import {
  DEFAULT_BANDS,
  DEFAULT_DISPLAY_UNITS,
  groupSentences,
  readBalls,
  readBlocks,
  resolveContext,
} from '@loxos/core';
import type { LessonBall, ReadBlock, Reading, ReadingContext, Sentence } from '@loxos/core';
import { expose } from 'comlink';

/** A reading with each club's own sentences and blocks. */
export interface LessonReading {
  readonly reading: Reading;
  readonly clubSentences: readonly (readonly Sentence[])[];
  /** The blocks of every club, club by club in the order first hit. */
  readonly blocks: readonly ReadBlock[];
}

/** Balls between two reports of progress. */
const PROGRESS_EVERY = 50;

/** Everything a lesson's screens need of its balls, computed once. */
export function readLesson(
  balls: readonly LessonBall[],
  context: ReadingContext,
  onBall?: (done: number) => void,
): LessonReading {
  const reading = readBalls(balls, context, onBall);
  const bands = { ...DEFAULT_BANDS, ...context.bands };
  const wording = { hand: context.hand, bands, units: context.units ?? DEFAULT_DISPLAY_UNITS };
  const resolved = resolveContext(context);
  return {
    reading,
    clubSentences: reading.groups.map((group, index) =>
      groupSentences(group, reading.plans[index] ?? null, reading.views, wording),
    ),
    blocks: reading.groups.flatMap((group) => {
      const own = new Set(group.ballIds);
      return readBlocks(
        reading.views.filter(({ id }) => own.has(id)),
        resolved,
      );
    }),
  };
}

const worker = {
  read: (
    balls: readonly LessonBall[],
    context: ReadingContext,
    onProgress?: (share: number) => void,
  ): LessonReading =>
    readLesson(balls, context, (done) => {
      if (done > 0 && done % PROGRESS_EVERY === 0) onProgress?.(done / balls.length);
    }),
};

export type ReadingWorker = typeof worker;
expose(worker);
