import { ballTrack, groupSentences, readBalls } from '@loxos/core';
import type { LessonBall, Reading, ReadingContext, Sentence, TrackPoint } from '@loxos/core';
import { DEFAULT_BANDS, DEFAULT_DISPLAY_UNITS } from '@loxos/core';
import { expose } from 'comlink';

/** A reading with each club's own sentences and every ball's track. */
export interface LessonReading {
  readonly reading: Reading;
  readonly clubSentences: readonly (readonly Sentence[])[];
  readonly tracks: Readonly<Record<string, readonly TrackPoint[]>>;
}

/** Balls between two reports of progress. */
const PROGRESS_EVERY = 50;

const worker = {
  read(
    balls: readonly LessonBall[],
    context: ReadingContext,
    onProgress?: (share: number) => void,
  ): LessonReading {
    const reading = readBalls(balls, context, (done) => {
      if (done > 0 && done % PROGRESS_EVERY === 0) onProgress?.(done / balls.length);
    });
    const bands = { ...DEFAULT_BANDS, ...context.bands };
    const wording = { hand: context.hand, bands, units: context.units ?? DEFAULT_DISPLAY_UNITS };
    return {
      reading,
      clubSentences: reading.groups.map((group) => groupSentences(group, reading.views, wording)),
      tracks: Object.fromEntries(
        reading.views.map((view) => [view.id, ballTrack(view, context.flight)]),
      ),
    };
  },
};

export type ReadingWorker = typeof worker;
expose(worker);
