import { BLANK_LESSON } from '@loxos/core';
import type { Fields } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Checking, Found, Making, Saving } from '../history/edits.ts';
import { columnsOf } from '../history/columns.ts';
import type { Scope } from '../common/scope.ts';
import { invalid } from '../common/validation.ts';
import type { Handle } from '../db/handle.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import { Nudge } from '../common/nudge.ts';
import { CreateLesson, UpdateLesson } from './lesson.dto.ts';
import type { LessonSummary } from './lesson.dto.ts';
import { LessonsRepository } from './lessons.repository.ts';
import { instant, toSummary } from './lessons.service.ts';

/** Lessons opened, moved and taken away, with all that is in them. */
@Injectable()
export class LessonEdits extends Edits<Found, CreateLesson> {
  readonly thing = 'lesson';
  override readonly fieldsOf = { add: CreateLesson, set: UpdateLesson };

  constructor(
    private readonly lessons: LessonsRepository,
    private readonly players: PlayersRepository,
    private readonly nudge: Nudge,
  ) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<Found | null> {
    const row = await this.lessons.row(scope, db, id);
    if (row === null) return null;
    const { playerId, startsAt, asked, version, deletedAt } = row;
    const fields = { startsAt, asked, deleted: deletedAt !== null };
    return { id, of: playerId, label: 'lesson', fields, version, lessonId: id, playerId };
  }

  override async make(
    scope: Scope,
    tx: Handle,
    { id, of, fields, at }: Making<CreateLesson>,
  ): Promise<void> {
    const player = await this.players.find(scope, tx, of);
    if (player === null || player.deletedAt !== null)
      throw invalid([{ field: 'of', reason: 'choose a player of this academy' }]);
    const { startsAt, ...said } = fields;
    await this.lessons.insert(scope, tx, {
      ...BLANK_LESSON,
      ...said,
      id,
      playerId: of,
      startsAt: instant(startsAt),
      ballsVersion: 0,
      version: 1,
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
    });
  }

  override check({ found, verb, fields }: Checking): Promise<Fields> {
    if (found.fields['deleted'] === true && verb === 'set')
      throw new NotFoundException('There is no such lesson in this academy.');
    const { startsAt } = fields;
    if (typeof startsAt !== 'string') return Promise.resolve(fields);
    return Promise.resolve({ ...fields, startsAt: instant(startsAt) });
  }

  async save(scope: Scope, tx: Handle, { id }: Found, saving: Saving): Promise<void> {
    const { fields, version, at } = saving;
    const columns = { ...columnsOf(fields, at), version, updatedAt: at };
    await this.lessons.update(scope, tx, id, columns);
    // When it was says where it stands in the record.
    this.nudge.now();
  }

  async read(scope: Scope, db: Handle, id: string): Promise<LessonSummary | null> {
    const found = await this.lessons.find(scope, db, id);
    return found === null ? null : toSummary(scope, found);
  }
}
