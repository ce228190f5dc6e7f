import { homeworkState } from '@loxos/core';
import type { PageContent } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import type { PageWord } from '../pages/page.dto.ts';
import { readsPersonal } from '../players/personal.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import type { PlayerRow } from '../players/players.repository.ts';
import { toPlayer } from '../players/players.service.ts';
import type { Given, GivenTo } from './day.dto.ts';
import { DayRepository } from './day.repository.ts';
import type { PageOfLesson } from './day.repository.ts';

function toGiven(
  { page, lesson }: PageOfLesson,
  ticked: readonly string[] | undefined,
  lastWord: PageWord | undefined,
  today: string,
): Given {
  const { points, nextLook, homework } = JSON.parse(page.content) as PageContent;
  const days = homework.map(({ date }) => date);
  const { done, due, isStopped } = homeworkState(days, ticked ?? [], today);
  return {
    lessonId: lesson.id,
    lessonAt: lesson.startsAt,
    points,
    nextLook,
    homeworkDone: done,
    homeworkDue: due,
    isHomeworkStopped: isStopped,
    lastWord: lastWord ?? null,
  };
}

const NO_WORDS: ReadonlyMap<string, PageWord> = new Map();

/** Returns what a player wrote last, for whoever may read it. */
const wordFor = (
  scope: Scope,
  player: PlayerRow,
  words: ReadonlyMap<string, PageWord>,
): PageWord | undefined => (readsPersonal(scope, player) ? words.get(player.id) : undefined);

/** Who was given what, and how it goes: for the day's list and the player's. */
@Injectable()
export class DayService {
  constructor(
    private readonly store: Store,
    private readonly days: DayRepository,
    private readonly players: PlayersRepository,
  ) {}

  /** Returns what each player was last given; what they wrote last, from whichever page. */
  lastGiven(scope: Scope, today: string): Promise<GivenTo[]> {
    return this.store.read(async (db) => {
      const rows = await this.days.lastPages(scope, db);
      const pageIds = rows.map(({ page }) => page.id);
      const ticks = await this.days.ticks(scope, db, pageIds);
      const words = await this.days.lastWords(scope, db);
      const last = await this.days.lastLessons(scope, db);
      return rows.map((row) => ({
        ...toGiven(row, ticks.get(row.page.id), wordFor(scope, row.player, words), today),
        player: toPlayer(scope, row.player),
        isBooked: (last.get(row.player.id) ?? '') > row.lesson.startsAt,
      }));
    });
  }

  /** Returns what a player was given, lesson by lesson. */
  givenTo(scope: Scope, playerId: string, today: string): Promise<Given[]> {
    return this.store.read(async (db) => {
      const rows = await this.days.pagesOf(scope, db, playerId);
      const player = await this.players.find(scope, db, playerId);
      const isRead = player !== null && readsPersonal(scope, player);
      const newest = new Map(rows.map((row) => [row.lesson.id, row]));
      const pageIds = [...newest.values()].map(({ page }) => page.id);
      const ticks = await this.days.ticks(scope, db, pageIds);
      const words = isRead ? await this.days.words(scope, db, pageIds) : NO_WORDS;
      return [...newest.values()].map((row) =>
        toGiven(row, ticks.get(row.page.id), words.get(row.page.id), today),
      );
    });
  }
}
