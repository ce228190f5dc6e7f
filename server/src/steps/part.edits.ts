import { fieldsOf, recordOf } from '@loxos/core';
import type { Fields } from '@loxos/core';
import { ForbiddenException, Injectable } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Checking, Found, Saving } from '../history/edits.ts';
import type { Scope } from '../common/scope.ts';
import { checked, invalid } from '../common/validation.ts';
import type { Handle } from '../db/handle.ts';
import { LESSON_PARTS } from '../db/schema/work.ts';
import type { LessonPartName } from '../db/schema/work.ts';
import { LessonBody } from '../lessons/lesson-body.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { LessonWithPlayer } from '../lessons/lessons.repository.ts';
import { withoutPersonal } from '../players/personal.ts';
import { PART_CLASSES, partTrouble } from './part.dto.ts';
import type { LessonPart } from './part.dto.ts';
import { StepsRepository, toPart } from './steps.repository.ts';

const PART_WORDS = { setup: 'set-up', causes: 'cause', work: 'work', send: 'page' } as const;

const BODY_HIDDEN =
  'body: how the body felt that day is for the player’s own coach. Ask them, or the owner, to make you it.';

/** Returns a part as somebody may read it: how the body feels whole, or the parts of it to mind. */
export const partFor = (part: LessonPart, isRead: boolean): LessonPart => ({
  ...part,
  value: isRead ? part.value : (withoutPersonal('part', part.value) ?? part.value),
});

interface FoundPart extends Found {
  readonly part: LessonPartName;
  readonly lesson: LessonWithPlayer;
}

/** What is put down in each step of a lesson, field by field; a step is there once something is. */
@Injectable()
export class PartEdits extends Edits<FoundPart> {
  readonly thing = 'part';

  constructor(
    private readonly lessons: LessonsRepository,
    private readonly steps: StepsRepository,
    private readonly body: LessonBody,
  ) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<FoundPart | null> {
    const of = id.slice(0, id.indexOf('.'));
    const part = LESSON_PARTS.find((known) => `${of}.${known}` === id);
    const lesson = await this.lessons.find(scope, db, of);
    if (part === undefined || lesson === null) return null;
    const row = await this.steps.part(scope, db, of, part);
    const fields = fieldsOf(part, row === null ? {} : toPart(row).value);
    const { version } = row ?? { version: 0 };
    return { id, of, label: PART_WORDS[part], fields, version, lessonId: of, part, lesson };
  }

  /** Returns what a part comes to, checked as a whole before any of it is kept. */
  override async check({ scope, tx, found, fields: asked }: Checking<FoundPart>): Promise<Fields> {
    const { part, lesson, fields } = found;
    if ('body' in asked && !(await this.body.isRead(scope, tx, lesson, fields['body'])))
      throw new ForbiddenException(BODY_HIDDEN);
    const changes = fieldsOf(part, asked);
    await this.whole(part, { ...fields, ...changes });
    return changes;
  }

  async save(scope: Scope, tx: Handle, found: FoundPart, saving: Saving): Promise<void> {
    const { part, of, fields } = found;
    const whole = await this.whole(part, { ...fields, ...saving.fields });
    const { version, at: updatedAt, who: updatedBy } = saving;
    const value = JSON.stringify(whole);
    await this.steps.putPart(scope, tx, of, part, { value, version, updatedAt, updatedBy });
  }

  async read(scope: Scope, db: Handle, id: string): Promise<LessonPart | null> {
    const found = await this.find(scope, db, id);
    const row = found === null ? null : await this.steps.part(scope, db, found.of, found.part);
    if (found === null || row === null) return null;
    const isRead = await this.body.isRead(scope, db, found.lesson, found.fields['body']);
    return partFor(toPart(row), isRead);
  }

  private async whole(part: LessonPartName, fields: Fields): Promise<object> {
    const whole = await checked<object>(PART_CLASSES[part], recordOf(part, fields));
    const trouble = partTrouble(part, whole);
    if (trouble !== null) throw invalid([{ field: part, reason: trouble }]);
    return whole;
  }
}
