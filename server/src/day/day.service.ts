import { homeworkState } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { Store } from '../db/store.ts';
import type { PageContent } from '../pages/page.dto.ts';
import { toPlayer } from '../players/players.service.ts';
import type { Given, GivenTo } from './day.dto.ts';
import { DayRepository } from './day.repository.ts';

type PageRow = Awaited<ReturnType<DayRepository['pages']>>[number];

function toGiven({ page, lesson }: PageRow, ticked: readonly string[], today: string): Given {
  const { points, nextLook, homework } = JSON.parse(page.content) as PageContent;
  const days = homework.map(({ date }) => date);
  const { done, due, isStopped } = homeworkState(days, ticked, today);
  return {
    lessonId: lesson.id,
    lessonAt: lesson.startsAt,
    points,
    nextLook,
    homeworkDone: done,
    homeworkDue: due,
    isHomeworkStopped: isStopped,
  };
}
import type { Scope } from '../common/scope.ts';

/** Who was given what, and how it goes: for the day's list and the player's. */
@Injectable()
export class DayService {
  constructor(
    private readonly store: Store,
    private readonly days: DayRepository,
  ) {}

  /** What each player was last given. */
  lastGiven(scope: Scope, today: string): Promise<GivenTo[]> {
    return this.store.read(async (db) => {
      const [rows, ticks, last] = [
        await this.days.pages(scope, db),
        await this.days.ticks(scope, db),
        await this.days.lastLessons(scope, db),
      ];
      const newest = new Map(rows.map((row) => [row.player.id, row]));
      return [...newest.values()].map((row) => ({
        ...toGiven(row, ticks.get(row.page.id) ?? [], today),
        player: toPlayer(row.player),
        isBooked: (last.get(row.player.id) ?? '') > row.lesson.startsAt,
      }));
    });
  }

  /** What a player was given, lesson by lesson. */
  givenTo(scope: Scope, playerId: string, today: string): Promise<Given[]> {
    return this.store.read(async (db) => {
      const [rows, ticks] = [
        await this.days.pages(scope, db, playerId),
        await this.days.ticks(scope, db),
      ];
      const newest = new Map(rows.map((row) => [row.lesson.id, row]));
      return [...newest.values()].map((row) => toGiven(row, ticks.get(row.page.id) ?? [], today));
    });
  }
}
