import { Injectable } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { HistoryService } from '../history/history.service.ts';
import { toPlayer } from '../players/players.service.ts';
import type { LessonHead, LessonQuery, LessonSummary } from './lesson.dto.ts';
import { LessonsRepository } from './lessons.repository.ts';
import type { LessonWithPlayer } from './lessons.repository.ts';

export const toSummary = (scope: Scope, { lesson, player }: LessonWithPlayer): LessonSummary => ({
  id: lesson.id,
  startsAt: lesson.startsAt,
  asked: lesson.asked,
  ballCount: lesson.ballCount,
  player: toPlayer(scope, player),
  version: lesson.version,
});

/** One spelling of an instant, so that texts compare as times. */
export const instant = (text: string): string => new Date(text).toISOString();
const instantOr = (text: string | undefined): string | undefined =>
  text === undefined ? undefined : instant(text);

@Injectable()
export class LessonsService {
  constructor(
    private readonly store: Store,
    private readonly lessons: LessonsRepository,
    private readonly history: HistoryService,
  ) {}

  async list(scope: Scope, query: LessonQuery): Promise<LessonSummary[]> {
    const wanted = { ...query, from: instantOr(query.from), to: instantOr(query.to) };
    const rows = await this.store.read((db) => this.lessons.list(scope, db, wanted));
    return rows.map((row) => toSummary(scope, row));
  }

  /** Returns a lesson's head, with what another device than the asking one changed last. */
  get(scope: Scope, id: string, device: string): Promise<LessonHead> {
    return this.store.read(async (db) => {
      const found = await this.lessons.require(scope, db, id);
      return {
        ...toSummary(scope, found),
        previousLessonId: await this.lessons.before(scope, db, found.lesson),
        lastChange: await this.history.lastOf(scope, db, id, device),
      };
    });
  }
}
