import { fieldsOf } from '@loxos/core';
import type { Lesson } from '../../api/client.ts';
import { push } from '../../sync/log.ts';
import { openLesson } from '../../sync/things.ts';

/** Opens a lesson for the next visit, with the work as it is and nothing of what was seen today; it is there at once. Returns its id. */
export function repeatLesson({ player, asked, parts }: Lesson, startsAt: string): string {
  const lessonId = openLesson({ playerId: player.id, startsAt, asked });
  const work = parts.find(({ part }) => part === 'work');
  if (work !== undefined)
    void push({ op: 'part', lessonId, part: 'work', changes: fieldsOf('work', work.value) });
  return lessonId;
}
