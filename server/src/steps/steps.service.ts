import { ForbiddenException, Injectable, NotFoundException } from '@nestjs/common';
import { fieldsOf, findDrill, recordOf } from '@loxos/core';
import type { Fields } from '@loxos/core';
import { Clock } from '../common/clock.ts';
import { checked, invalid } from '../common/validation.ts';
import { LESSON_PARTS } from '../db/schema/work.ts';
import type { LessonPartName } from '../db/schema/work.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonBody } from '../lessons/lesson-body.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { withoutPersonal } from '../players/personal.ts';
import { PART_CLASSES, partTrouble } from './part.dto.ts';
import type { AddRepetition, LessonPart, StoredRepetition } from './part.dto.ts';
import { StepsRepository, toPart, toRepetition } from './steps.repository.ts';
import type { RepetitionRow } from './steps.repository.ts';
import type { Scope } from '../common/scope.ts';

const PART_WORDS = { setup: 'set-up', causes: 'cause', work: 'work', send: 'page' } as const;

/** A part as somebody may read it: how the body feels whole, or the parts of it to mind. */
const partFor = (part: LessonPart, isRead: boolean): LessonPart => ({
  ...part,
  value: isRead ? part.value : (withoutPersonal('part', part.value) ?? part.value),
});

const BODY_HIDDEN =
  'body: how the body felt that day is for the player’s own coach. Ask them, or the owner, to make you it.';

/** A drill's name; one of the academy's own is called so. */
const drillWords = (id: string): string => findDrill(id)?.name ?? 'a drill of your own';

@Injectable()
export class StepsService {
  constructor(
    private readonly store: Store,
    private readonly lessons: LessonsRepository,
    private readonly body: LessonBody,
    private readonly steps: StepsRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  /** What was put down in each step of a lesson. */
  parts(scope: Scope, lessonId: string): Promise<LessonPart[]> {
    return this.store.read(async (db) => {
      const found = await this.lessons.require(scope, db, lessonId);
      const parts = await this.steps.parts(scope, db, lessonId);
      const body = parts.find(({ part }) => part === 'setup')?.value['body'];
      const isRead = await this.body.isRead(scope, db, found, body);
      return parts.map((part) => partFor(part, isRead));
    });
  }

  /** The repetitions logged at a lesson's stations, in the order made. */
  repetitions(scope: Scope, lessonId: string): Promise<StoredRepetition[]> {
    return this.store.read(async (db) => {
      await this.lessons.require(scope, db, lessonId);
      return (await this.steps.repetitions(scope, db, lessonId)).map(toRepetition);
    });
  }

  /** Changes fields of a step's part; what it comes to is checked as a whole before any of it is kept. */
  edit(
    scope: Scope,
    lessonId: string,
    name: string,
    asked: Fields,
    what: string,
    change: Change,
  ): Promise<LessonPart> {
    const part = LESSON_PARTS.find((known) => known === name);
    if (part === undefined) throw new NotFoundException(`A lesson has no part “${name}”.`);
    return this.store.write(async (tx) => {
      const found = await this.lessons.require(scope, tx, lessonId);
      const row = await this.steps.part(scope, tx, lessonId, part);
      const value = row === null ? {} : toPart(row).value;
      const isRead = await this.body.isRead(scope, tx, found, value['body']);
      if ('body' in asked && !isRead) throw new ForbiddenException(BODY_HIDDEN);
      const current = fieldsOf(part, value);
      const changes = fieldsOf(part, asked);
      const whole = await this.check(part, recordOf(part, { ...current, ...changes }));
      const of = {
        thing: 'part',
        id: `${lessonId}.${part}`,
        version: row?.version ?? 0,
        lessonId,
      } as const;
      const edit = await this.history.edit(
        scope,
        tx,
        of,
        current,
        changes,
        `${PART_WORDS[part]} ${what}`,
        change,
      );
      if (edit === null) {
        const nothing = { part, value, version: 0, updatedAt: '', updatedBy: '' };
        return row === null ? nothing : partFor(toPart(row), isRead);
      }
      const by = { updatedAt: this.clock.text(), updatedBy: change.who };
      const { version } = edit;
      await this.steps.putPart(scope, tx, lessonId, part, {
        value: JSON.stringify(whole),
        version,
        ...by,
      });
      return partFor({ part, value: whole, version, ...by }, isRead);
    });
  }

  /** Adds a repetition; sent twice with one id it is one. */
  addRepetition(
    scope: Scope,
    lessonId: string,
    dto: AddRepetition,
    change: Change,
    pageId: string | null = null,
  ): Promise<StoredRepetition> {
    return this.store.write(async (tx) => {
      await this.lessons.require(scope, tx, lessonId);
      const known = await this.steps.findRepetition(scope, tx, dto.id);
      if (known !== null) {
        if (known.lessonId !== lessonId || known.pageId !== pageId)
          throw invalid([{ field: 'id', reason: 'this id is another repetition’s' }]);
        if (known.deletedAt !== null) await this.mark(scope, tx, known, false, change);
        return toRepetition(known);
      }
      const row = {
        id: dto.id,
        lessonId,
        pageId,
        drillId: dto.drillId,
        good: dto.good,
        miss: dto.good ? '' : (dto.miss ?? ''),
        doseStep: dto.doseStep ?? null,
        feltDeg: dto.feltDeg ?? null,
        measuredDeg: dto.measuredDeg ?? null,
        at: this.clock.text(),
        deletedAt: null,
      };
      await this.steps.addRepetition(scope, tx, row);
      const of = { thing: 'repetition', id: dto.id, lessonId } as const;
      await this.history.made(
        scope,
        tx,
        of,
        `repetition of ${drillWords(dto.drillId)} logged`,
        change,
      );
      return toRepetition({ ...row, academyId: '' });
    });
  }

  async removeRepetition(scope: Scope, id: string, change: Change): Promise<void> {
    await this.markRepetition(scope, id, true, change);
  }

  /** Takes a repetition away or brings it back. */
  async markRepetition(scope: Scope, id: string, deleted: boolean, change: Change): Promise<void> {
    await this.store.write(async (tx) => {
      const row = await this.steps.findRepetition(scope, tx, id);
      if (row === null) throw new NotFoundException('There is no such repetition in this academy.');
      await this.mark(scope, tx, row, deleted, change);
    });
  }

  private async mark(
    scope: Scope,
    tx: Handle,
    { id, lessonId, drillId, deletedAt }: RepetitionRow,
    deleted: boolean,
    change: Change,
  ): Promise<void> {
    const of = { thing: 'repetition', id, version: 1, lessonId } as const;
    const what = `repetition of ${drillWords(drillId)} ${deleted ? 'taken back' : 'brought back'}`;
    const current = { deleted: deletedAt !== null };
    const edit = await this.history.edit(scope, tx, of, current, { deleted }, what, change);
    if (edit !== null)
      await this.steps.markRepetition(scope, tx, id, deleted ? this.clock.text() : null);
  }

  private async check(part: LessonPartName, value: object): Promise<Record<string, unknown>> {
    const whole = await checked<object>(PART_CLASSES[part], value);
    const trouble = partTrouble(part, whole);
    if (trouble !== null) throw invalid([{ field: part, reason: trouble }]);
    return JSON.parse(JSON.stringify(whole)) as Record<string, unknown>;
  }
}
