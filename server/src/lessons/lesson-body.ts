import { dayIn } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { HistoryRepository } from '../history/history.repository.ts';
import { readsPersonal } from '../players/personal.ts';
import type { LessonWithPlayer } from './lessons.repository.ts';

/** Who reads and writes how the body feels in a lesson. */
@Injectable()
export class LessonBody {
  constructor(
    private readonly accounts: AccountsRepository,
    private readonly history: HistoryRepository,
    private readonly clock: Clock,
  ) {}

  /**
   * Returns whether it is read: by who reads what is personal, and on the lesson's own day by every coach, who may be giving it. What was
   * put down on another day stays hidden: a lesson can be moved to today. `body`: what is put down now.
   */
  async isRead(
    scope: Scope,
    db: Handle,
    { lesson, player }: LessonWithPlayer,
    body: unknown,
  ): Promise<boolean> {
    if (readsPersonal(scope, player)) return true;
    if (scope.role !== 'owner' && scope.role !== 'coach') return false;
    const zone = await this.accounts.zone(db, scope.academyId);
    const today = dayIn(this.clock.text(), zone);
    if (dayIn(lesson.startsAt, zone) !== today) return false;
    if (body === undefined || body === '') return true;
    const said = await this.history.lastChangeOf(scope, db, 'part', `${lesson.id}.setup`, 'body');
    return said !== null && dayIn(said, zone) === today;
  }
}
