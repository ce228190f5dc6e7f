import { pageKind, pageOfLesson } from '@loxos/core';
import type { PageDraft } from '@loxos/core';
import type { Lesson } from '../../../api/client.ts';
import { dayOf } from '../../../ui/academy-time.ts';
import { usePageRecord } from '../../../ui/use-page-record.ts';
import type { Worked } from '../lesson-work.ts';

/** Returns the page as the server will make it of the lesson as it is now. */
export function usePageDraft(lesson: Lesson, worked: Worked): PageDraft {
  const record = usePageRecord(lesson.player, pageKind(worked));
  const { wording } = worked;
  return pageOfLesson(lesson, { worked, wording, date: dayOf(lesson.startsAt), record });
}
