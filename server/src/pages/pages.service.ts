import { randomUUID } from 'node:crypto';
import type { PageContent } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { ConsentService } from '../consent/consent.service.ts';
import { Clock } from '../common/clock.ts';
import { hashOf, newToken } from '../common/token.ts';
import { invalid } from '../common/validation.ts';
import type { Handle } from '../db/handle.ts';
import { Store } from '../db/store.ts';
import type { Writer } from '../history/history.service.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { NewSharedPage, SharePage, ShareReport, SharedPage } from './page.dto.ts';
import { PageMaker } from './page-maker.ts';
import { readsPersonal } from '../players/personal.ts';
import { toPlayer } from '../players/players.service.ts';
import type { PlayerRow } from '../players/players.repository.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import { PagesRepository } from './pages.repository.ts';
import type { PageRow } from './pages.repository.ts';
import type { Scope } from '../common/scope.ts';

const DAY_MS = 24 * 3600 * 1000;

/** Pages given to players behind a link that cannot be guessed, ends by itself and can be withdrawn. */
@Injectable()
export class PagesService {
  constructor(
    private readonly store: Store,
    private readonly lessons: LessonsRepository,
    private readonly players: PlayersRepository,
    private readonly pages: PagesRepository,
    private readonly maker: PageMaker,
    private readonly consent: ConsentService,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  /** Returns the pages given out from a lesson, with the days their players have ticked; never their links. */
  ofLesson(scope: Scope, lessonId: string): Promise<SharedPage[]> {
    return this.store.read(async (db) => {
      const { player } = await this.lessons.require(scope, db, lessonId);
      return this.told(scope, db, player, await this.pages.ofLesson(scope, db, lessonId));
    });
  }

  /** Returns the reports given to a player, as pages are. */
  reportsOf(scope: Scope, playerId: string): Promise<SharedPage[]> {
    return this.store.read(async (db) => {
      const player = await this.requirePlayer(scope, db, playerId);
      return this.told(scope, db, player, await this.pages.reportsOf(scope, db, playerId));
    });
  }

  /** Gives a player the page that a lesson makes now. */
  async share(
    scope: Scope,
    lessonId: string,
    { days, club = null }: SharePage,
    writer: Writer,
  ): Promise<NewSharedPage> {
    const content = await this.maker.ofLesson(scope, lessonId, club);
    if (content.points.length === 0)
      throw invalid([{ field: 'points', reason: 'points: write at least one' }]);
    return this.give(scope, { content, days }, writer, async (tx) => {
      const { player } = await this.lessons.require(scope, tx, lessonId);
      return { player, lessonId };
    });
  }

  /** Gives a player a report: a page of a period, as their record makes it now. */
  async report(
    scope: Scope,
    playerId: string,
    { days, kind }: ShareReport,
    writer: Writer,
  ): Promise<NewSharedPage> {
    const row = await this.store.read(async (db) => {
      const found = await this.requirePlayer(scope, db, playerId);
      await this.consent.requireForPages(scope, db, playerId);
      return found;
    });
    const content = await this.maker.report(scope, toPlayer(scope, row), kind);
    return this.give(scope, { content, days }, writer, async (tx) => {
      return { player: await this.requirePlayer(scope, tx, playerId), lessonId: null };
    });
  }

  private async told(
    scope: Scope,
    db: Handle,
    player: PlayerRow,
    rows: readonly PageRow[],
  ): Promise<SharedPage[]> {
    const isRead = readsPersonal(scope, player);
    const found: SharedPage[] = [];
    for (const { id, createdAt, expiresAt, withdrawnAt, content } of rows) {
      const { points, homework, nextLook, period } = JSON.parse(content) as PageContent;
      const ticked = await this.pages.ticked(scope, db, id);
      const said = isRead ? await this.pages.words(scope, db, id) : [];
      const given = { points, homework, nextLook, period: period ?? null };
      found.push({ id, createdAt, expiresAt, withdrawnAt, ticked, said, ...given });
    }
    return found;
  }

  private give(
    scope: Scope,
    { content, days }: { readonly content: PageContent; readonly days: number },
    writer: Writer,
    to: (tx: Handle) => Promise<{ readonly player: PlayerRow; readonly lessonId: string | null }>,
  ): Promise<NewSharedPage> {
    const token = newToken();
    return this.store.write(async (tx) => {
      const { player, lessonId } = await to(tx);
      const whose = { playerId: player.id, lessonId };
      await this.consent.requireForPages(scope, tx, whose.playerId);
      const createdAt = this.clock.text();
      const row = {
        id: randomUUID(),
        ...whose,
        tokenHash: hashOf(token),
        content: JSON.stringify(content),
        createdAt,
        expiresAt: new Date(Date.parse(createdAt) + days * DAY_MS).toISOString(),
        withdrawnAt: null,
        openedAt: null,
      };
      await this.pages.insert(scope, tx, row);
      const what = lessonId === null ? 'report given' : 'page given';
      await this.history.made(scope, tx, { thing: 'page', id: row.id, ...whose }, what, writer);
      const [told] = await this.told(scope, tx, player, [{ ...row, academyId: scope.academyId }]);
      return { ...told!, token };
    });
  }

  private async requirePlayer(scope: Scope, db: Handle, id: string): Promise<PlayerRow> {
    const player = await this.players.find(scope, db, id);
    if (player === null || player.deletedAt !== null)
      throw new NotFoundException('There is no such player in this academy.');
    return player;
  }
}
