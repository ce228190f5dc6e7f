import { BLANK_REPETITION, findDrill } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Found, Making, Saving } from '../history/edits.ts';
import type { Scope } from '../common/scope.ts';
import { invalid } from '../common/validation.ts';
import type { Handle } from '../db/handle.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { AddRepetition } from './part.dto.ts';
import type { StoredRepetition } from './part.dto.ts';
import { StepsRepository, toRepetition } from './steps.repository.ts';

/** As many repetitions as a player logs from one page: in a day, and in all. Nobody swings more often. */
const MOST_REPETITIONS = { day: 300, all: 3000 } as const;
const DAY_MS = 24 * 3600 * 1000;

/** Returns a drill's name; one of the academy's own is called so. */
const drillWords = (id: string): string => findDrill(id)?.name ?? 'a drill of your own';

/** Repetitions at a station, logged by a coach in a lesson or by the player at a page. */
@Injectable()
export class RepetitionEdits extends Edits<Found, AddRepetition> {
  readonly thing = 'repetition';
  override readonly fieldsOf = { add: AddRepetition };
  override readonly id = {
    pattern: /^[\w-]{1,40}$/,
    reason: 'id: letters, digits, - and _, at most 40',
  };

  constructor(
    private readonly lessons: LessonsRepository,
    private readonly steps: StepsRepository,
  ) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<Found | null> {
    const row = await this.steps.findRepetition(scope, db, id);
    if (row === null) return null;
    const { lessonId, pageId, drillId, deletedAt } = row;
    // At a page it is another's where it did not come from that page.
    const of = scope.page !== undefined && pageId !== scope.page.id ? '' : lessonId;
    const fields = { deleted: deletedAt !== null };
    const label = `repetition of ${drillWords(drillId)}`;
    return { id, of, label, fields, version: 1, lessonId };
  }

  override async make(
    scope: Scope,
    tx: Handle,
    { id, of, fields, at }: Making<AddRepetition>,
  ): Promise<void> {
    if (scope.page !== undefined) await this.refuseTooMany(scope, tx, scope.page.id, at);
    if (of === '')
      throw invalid([{ field: 'drillId', reason: 'a report has no station to log at' }]);
    await this.lessons.require(scope, tx, of);
    const said = { ...BLANK_REPETITION, ...fields };
    await this.steps.addRepetition(scope, tx, {
      ...said,
      miss: said.good ? '' : said.miss,
      id,
      lessonId: of,
      pageId: scope.page?.id ?? null,
      at,
      deletedAt: null,
    });
  }

  async save(scope: Scope, tx: Handle, { id }: Found, { fields, at }: Saving): Promise<void> {
    await this.steps.markRepetition(scope, tx, id, fields['deleted'] === true ? at : null);
  }

  async read(scope: Scope, db: Handle, id: string): Promise<StoredRepetition | null> {
    const row = await this.steps.findRepetition(scope, db, id);
    return row === null || row.deletedAt !== null ? null : toRepetition(row);
  }

  private async refuseTooMany(scope: Scope, tx: Handle, pageId: string, at: string): Promise<void> {
    const since = new Date(Date.parse(at) - DAY_MS).toISOString();
    const { all, lately } = await this.steps.countRepetitions(scope, tx, pageId, since);
    if (lately >= MOST_REPETITIONS.day || all >= MOST_REPETITIONS.all)
      throw invalid([{ field: 'drillId', reason: 'that is enough for one page: tell your coach' }]);
  }
}
