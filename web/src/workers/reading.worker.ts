import { readLesson } from '@loxos/core';
import type { LessonBall, LessonContext, LessonReading } from '@loxos/core';
import { expose } from 'comlink';

/** Balls between two reports of progress. */
const PROGRESS_EVERY = 50;

const worker = {
  read: (
    balls: readonly LessonBall[],
    context: LessonContext,
    onProgress?: (share: number) => void,
  ): LessonReading =>
    readLesson(balls, context, (done) => {
      if (done > 0 && done % PROGRESS_EVERY === 0) onProgress?.(done / balls.length);
    }),
};

export type ReadingWorker = typeof worker;
expose(worker);
