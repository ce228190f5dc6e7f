import { homeworkState } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/store.ts';
import type { PageContent, PageWord } from '../pages/page.dto.ts';
import { toPlayer } from '../players/players.service.ts';
import type { Given, GivenTo } from './day.dto.ts';
import { DayRepository } from './day.repository.ts';

type PageRow = Awaited<ReturnType<DayRepository['pages']>>[number];

interface Back {
  readonly ticks: ReadonlyMap<string, readonly string[]>;
  readonly words: ReadonlyMap<string, PageWord>;
}

function toGiven({ page, lesson }: PageRow, { ticks, words }: Back, today: string): Given {
  const { points, nextLook, homework } = JSON.parse(page.content) as PageContent;
  const days = homework.map(({ date }) => date);
  const { done, due, isStopped } = homeworkState(days, ticks.get(page.id) ?? [], today);
  return {
    lessonId: lesson.id,
    lessonAt: lesson.startsAt,
    points,
    nextLook,
    homeworkDone: done,
    homeworkDue: due,
    isHomeworkStopped: isStopped,
    lastWord: words.get(page.id) ?? null,
  };
}
import type { Scope } from '../common/scope.ts';

/** What a player wrote last, from whichever page. */
const lastWordOf = (rows: readonly PageRow[], words: Back['words']): PageWord | null =>
  rows
    .flatMap(({ page }) => words.get(page.id) ?? [])
    .reduce<PageWord | null>(
      (last, word) => (last === null || word.at > last.at ? word : last),
      null,
    );

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
      const rows = await this.days.pages(scope, db);
      const back = await this.back(scope, db);
      const last = await this.days.lastLessons(scope, db);
      const newest = new Map(rows.map((row) => [row.player.id, row]));
      return [...newest.values()].map((row) => ({
        ...toGiven(row, back, today),
        lastWord: lastWordOf(
          rows.filter(({ player }) => player.id === row.player.id),
          back.words,
        ),
        player: toPlayer(row.player),
        isBooked: (last.get(row.player.id) ?? '') > row.lesson.startsAt,
      }));
    });
  }

  /** What a player was given, lesson by lesson. */
  givenTo(scope: Scope, playerId: string, today: string): Promise<Given[]> {
    return this.store.read(async (db) => {
      const rows = await this.days.pages(scope, db, playerId);
      const back = await this.back(scope, db);
      const newest = new Map(rows.map((row) => [row.lesson.id, row]));
      return [...newest.values()].map((row) => toGiven(row, back, today));
    });
  }

  /** What came back from the pages. */
  private async back(scope: Scope, db: Handle): Promise<Back> {
    return {
      ticks: await this.days.ticks(scope, db),
      words: await this.days.lastWords(scope, db),
    };
  }
}
