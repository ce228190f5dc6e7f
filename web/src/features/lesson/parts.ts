import { changedFields, fieldsOf, partOf } from '@loxos/core';
import type { LessonParts } from '@loxos/core';
import type { Lesson, LessonPartName } from '../../api/client.ts';
import { remember } from '../../app/undo.ts';
import { push } from '../../sync/push.ts';
import { partStep } from '../../sync/step.ts';

/** Keeps what differs in a step, and nothing else; undo puts back what it held. */
export function savePart<N extends LessonPartName>(
  lesson: Lesson,
  name: N,
  value: LessonParts[N],
  label: string,
): void {
  const before = fieldsOf(name, { ...(partOf(lesson, name) as object) });
  const after = fieldsOf(name, { ...(value as object) });
  const put = (changes: Record<string, unknown>): void =>
    void push(partStep(lesson.id, name, changes));
  const changes = changedFields(before, after);
  if (Object.keys(changes).length === 0) return;
  put(changes);
  remember(label, () => put(changedFields(after, before)));
}
