import type { Lesson } from '../../api/client.ts';
import { useLesson, useSettings } from '../../api/queries.ts';
import type { LessonReading } from '@loxos/core';
import { useReading } from './use-reading.ts';

export interface Previous {
  readonly lesson: Lesson | null;
  readonly reading: LessonReading | null;
}

/** Returns the player's lesson before this one, and its reading; nothing where there is none. */
export function usePrevious({ previousLessonId }: Pick<Lesson, 'previousLessonId'>): Previous {
  const id = previousLessonId ?? '';
  const { lesson } = useLesson(id);
  const settings = useSettings();
  const { result } = useReading(id === '' ? null : lesson, settings.data, 'previous');
  return id === '' ? { lesson: null, reading: null } : { lesson, reading: result };
}
