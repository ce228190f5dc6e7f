import { randomUUID } from 'node:crypto';
import { Injectable, NotFoundException } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import { hashOf, newToken } from '../common/token.ts';
import { Store } from '../db/store.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { NewSharedPage, PageContent, SharePage, SharedPage } from './page.dto.ts';
import { PagesRepository } from './pages.repository.ts';
import type { Scope } from '../common/scope.ts';

const DAY_MS = 24 * 3600 * 1000;

/** Pages given to players behind a link that cannot be guessed, ends by itself and can be withdrawn. */
@Injectable()
export class PagesService {
  constructor(
    private readonly store: Store,
    private readonly lessons: LessonsRepository,
    private readonly pages: PagesRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  /** The pages given out from a lesson, with the days their players have ticked; never their links. */
  ofLesson(scope: Scope, lessonId: string): Promise<SharedPage[]> {
    return this.store.read(async (db) => {
      await this.lessons.require(scope, db, lessonId);
      const found: SharedPage[] = [];
      for (const row of await this.pages.ofLesson(scope, db, lessonId)) {
        const { id, createdAt, expiresAt, withdrawnAt } = row;
        const { points, homework, nextLook } = JSON.parse(row.content) as PageContent;
        const ticked = await this.pages.ticked(scope, db, id);
        const said = await this.pages.words(scope, db, id);
        const given = { points, homework, nextLook };
        found.push({ id, createdAt, expiresAt, withdrawnAt, ticked, said, ...given });
      }
      return found;
    });
  }

  share(
    scope: Scope,
    lessonId: string,
    { content, days }: SharePage,
    change: Change,
  ): Promise<NewSharedPage> {
    const token = newToken();
    return this.store.write(async (tx) => {
      await this.lessons.require(scope, tx, lessonId);
      const createdAt = this.clock.text();
      const row = {
        id: randomUUID(),
        lessonId,
        tokenHash: hashOf(token),
        content: JSON.stringify(content),
        createdAt,
        expiresAt: new Date(Date.parse(createdAt) + days * DAY_MS).toISOString(),
        withdrawnAt: null,
      };
      await this.pages.insert(scope, tx, row);
      const of = { thing: 'page', id: row.id, lessonId } as const;
      await this.history.made(scope, tx, of, 'page given', change);
      const { id, expiresAt, withdrawnAt } = row;
      const { points, homework, nextLook } = content;
      const given = { points, homework, nextLook };
      return { id, createdAt, expiresAt, withdrawnAt, ticked: [], said: [], ...given, token };
    });
  }

  async withdraw(scope: Scope, id: string, change: Change): Promise<void> {
    await this.mark(scope, id, true, change);
  }

  /** Withdraws a page from its player, or gives it again behind the same link. */
  async mark(scope: Scope, id: string, deleted: boolean, change: Change): Promise<void> {
    await this.store.write(async (tx) => {
      const page = await this.pages.find(scope, tx, id);
      if (page === null) throw new NotFoundException('There is no such page in this academy.');
      const { lessonId, withdrawnAt } = page;
      const of = { thing: 'page', id, version: 1, lessonId } as const;
      const what = deleted ? 'page withdrawn' : 'page given again';
      const current = { deleted: withdrawnAt !== null };
      if ((await this.history.edit(scope, tx, of, current, { deleted }, what, change)) === null)
        return;
      await this.pages.withdraw(scope, tx, id, deleted ? this.clock.text() : null);
    });
  }
}
