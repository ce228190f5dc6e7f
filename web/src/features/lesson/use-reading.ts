import { contextOf, lessonBall } from '@loxos/core';
import type { LessonContext, LessonReading } from '@loxos/core';
import { proxy, wrap } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type { Lesson, Settings } from '../../api/client.ts';
import type { ReadingWorker } from '../../workers/reading.worker.ts';

/** From this many balls on, progress is worth showing. */
const LONG_SESSION = 300;

function startWorker() {
  const worker = new Worker(new URL('../../workers/reading.worker.ts', import.meta.url), {
    type: 'module',
  });
  return { worker, remote: wrap<ReadingWorker>(worker) };
}
type Slot = 'lesson' | 'previous';
/** One worker for the lesson, one for the lesson before it. */
const running: Partial<Record<Slot, ReturnType<typeof startWorker>>> = {};

/** Ends a reading under way; the next one starts a new worker. */
function stopWorker(slot: Slot): void {
  running[slot]?.worker.terminate();
  delete running[slot];
}

interface Kept {
  readonly lessonId: string;
  readonly reading: LessonReading;
}

export interface ReadingState {
  readonly result: LessonReading | null;
  readonly error: Error | null;
  /** Share done of a long reading under way, 0 to 1; null when there is none. */
  readonly progress: number | null;
  readonly stop: () => void;
}

/** Returns the lesson's balls read in the worker; the last reading stays until the next is there. */
export function useReading(
  lesson: Lesson | null,
  settings: Settings | undefined,
  slot: Slot = 'lesson',
): ReadingState {
  const [read, setRead] = useState<Kept | null>(null);
  const [error, setError] = useState<Error | null>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const lessonId = lesson?.id;
  const rows = lesson?.balls;
  const blocks = lesson?.blocks;
  const balls = useMemo(() => rows?.map((ball) => lessonBall(ball, blocks ?? [])), [rows, blocks]);
  // Compared by what it says: a lesson that changed elsewhere is not read again.
  const contextText = lesson && settings ? JSON.stringify(contextOf(lesson, settings)) : null;
  const context = useMemo(
    () => (contextText === null ? null : (JSON.parse(contextText) as LessonContext)),
    [contextText],
  );
  useEffect(() => {
    // It is ready when the balls are.
    running[slot] ??= startWorker();
  }, [slot]);
  useEffect(() => {
    if (lessonId === undefined || balls === undefined || context === null) return undefined;
    let current = true;

    const { remote } = (running[slot] ??= startWorker());
    const isLong = balls.length >= LONG_SESSION;
    const onProgress = isLong ? proxy((share: number) => current && setProgress(share)) : undefined;
    remote
      .read(balls, context, onProgress)
      .then((next) => current && setRead({ lessonId, reading: next }))
      .catch((reason: unknown) => current && setError(reason as Error))
      .finally(() => current && setProgress(null));
    return () => {
      current = false;
      // A long reading that nobody waits for any more is ended.
      if (isLong) stopWorker(slot);
    };
  }, [lessonId, balls, context, slot]);
  const stop = (): void => {
    stopWorker(slot);
    setProgress(null);
  };
  // The reading of another lesson is never shown for this one.
  const result = read?.lessonId === lessonId ? (read?.reading ?? null) : null;
  return { result, error, progress, stop };
}
