import { latestDayAt } from '@loxos/core';
import type { Fields } from '@loxos/core';
import type { PageContent } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Checking, Found, Saving } from '../history/edits.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { invalid } from '../common/validation.ts';
import type { Handle } from '../db/handle.ts';
import { TickHomework } from './page.dto.ts';
import { PagesRepository } from './pages.repository.ts';

interface FoundTick extends Found {
  readonly date: string;
  readonly isHomework: boolean;
}

/** Days of homework that a player ticks as done at their page. */
@Injectable()
export class TickEdits extends Edits<FoundTick> {
  readonly thing = 'tick';
  override readonly fieldsOf = { set: TickHomework };

  constructor(
    private readonly pages: PagesRepository,
    private readonly clock: Clock,
  ) {
    super();
  }

  async find(scope: Scope, db: Handle, date: string, of: string): Promise<FoundTick | null> {
    const page = await this.pages.find(scope, db, of);
    if (page === null) return null;
    const { lessonId, playerId } = page;
    const { homework } = JSON.parse(page.content) as PageContent;
    const fields = { done: (await this.pages.ticked(scope, db, of)).includes(date) };
    const isHomework = homework.some((line) => line.date === date);
    const found = { id: `${of}.${date}`, of, label: 'homework', fields, version: 0 };
    return { ...found, lessonId, playerId, date, isHomework };
  }

  override check({ found: { date, isHomework }, fields }: Checking<FoundTick>): Promise<Fields> {
    if (!isHomework) throw invalid([{ field: 'id', reason: 'there is no homework on that day' }]);
    // A player’s own day may be ahead of the academy’s.
    if (date.slice(0, 10) > latestDayAt(this.clock.text()))
      throw invalid([{ field: 'id', reason: 'that day is still to come' }]);
    return Promise.resolve(fields);
  }

  override did(_scope: Scope, _tx: Handle, { done }: Fields): Promise<string | undefined> {
    return Promise.resolve(done === false ? 'no longer ticked' : undefined);
  }

  save(scope: Scope, tx: Handle, found: FoundTick, { fields, at }: Saving): Promise<void> {
    return this.pages.tick(scope, tx, found.of, found.date, fields['done'] === true, at);
  }

  read(): Promise<null> {
    return Promise.resolve(null);
  }
}
