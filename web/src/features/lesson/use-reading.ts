import type { ReadingContext } from '@loxos/core';
import { wrap } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type { Lesson, Player, Settings } from '../../api/client.ts';
import type { LessonReading, ReadingWorker } from '../../workers/reading.worker.ts';
import { toLessonBall } from './lesson-ball.ts';

const start = () =>
  wrap<ReadingWorker>(
    new Worker(new URL('../../workers/reading.worker.ts', import.meta.url), { type: 'module' }),
  );
let remote: ReturnType<typeof start> | undefined;

/** The context a lesson is read in: the player's hand and units, the academy's bands and names. */
export function contextOf(player: Player, settings: Settings): ReadingContext {
  const { hand, lengthUnit, speedUnit, angleStyle } = player;
  const units = { length: lengthUnit, speed: speedUnit, angle: angleStyle };
  return { hand, units, naming: settings.naming, bands: settings.bands };
}

/** The lesson's balls read in the worker; the last reading stays until the next is there. */
export function useReading(lesson: Lesson | null, settings: Settings | undefined) {
  const [result, setResult] = useState<LessonReading | null>(null);
  const [error, setError] = useState<Error | null>(null);
  const rows = lesson?.balls;
  const player = lesson?.player;
  const balls = useMemo(() => rows?.map(toLessonBall), [rows]);
  const context = useMemo(
    () => (player && settings ? contextOf(player, settings) : null),
    [player, settings],
  );
  useEffect(() => {
    if (balls === undefined || context === null) return undefined;
    let current = true;
    remote ??= start();
    remote
      .read(balls, context)
      .then((next) => current && setResult(next))
      .catch((reason: unknown) => current && setError(reason as Error));
    return () => {
      current = false;
    };
  }, [balls, context]);
  return { result, error };
}
