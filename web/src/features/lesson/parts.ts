import { changedFields, fieldsOf, partOf } from '@loxos/core';
import type { LessonParts } from '@loxos/core';
import type { Lesson, LessonPartName } from '../../api/client.ts';
import { remember } from '../../app/undo.ts';
import { push } from '../../sync/push.ts';
import { partStep } from '../../sync/step.ts';

/** Keeps what differs in some steps as one change, and nothing else; undo puts back what they held. */
export function saveParts(lesson: Lesson, values: Partial<LessonParts>, label: string): void {
  const changed = (Object.keys(values) as LessonPartName[]).flatMap((name) => {
    const before = fieldsOf(name, { ...(partOf(lesson, name) as object) });
    const after = fieldsOf(name, { ...(values[name] as object) });
    const changes = changedFields(before, after);
    return Object.keys(changes).length === 0
      ? []
      : [{ name, changes, back: changedFields(after, before) }];
  });
  if (changed.length === 0) return;
  void push(...changed.map(({ name, changes }) => partStep(lesson.id, name, changes)));
  remember(
    label,
    () => void push(...changed.map(({ name, back }) => partStep(lesson.id, name, back))),
  );
}

/** Keeps what differs in one step. */
export const savePart = <N extends LessonPartName>(
  lesson: Lesson,
  name: N,
  value: LessonParts[N],
  label: string,
): void => saveParts(lesson, { [name]: value }, label);
