import { fieldsOf } from '@loxos/core';
import type { Lesson } from '../../api/client.ts';
import { push } from '../../sync/push.ts';
import { partStep } from '../../sync/step.ts';
import { addLesson } from '../../sync/actions.ts';

/** Opens a lesson for the next visit, with the work as it is and nothing of what was seen today; it is there at once. Returns its id. */
export function repeatLesson({ player, asked, parts }: Lesson, startsAt: string): string {
  const lessonId = addLesson({ playerId: player.id, startsAt, asked });
  const work = parts.find(({ part }) => part === 'work');
  if (work !== undefined) void push(partStep(lessonId, 'work', fieldsOf('work', work.value)));
  return lessonId;
}
