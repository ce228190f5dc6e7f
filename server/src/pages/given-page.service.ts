import { dayIn } from '@loxos/core';
import type { PageContent } from '@loxos/core';
import { GoneException, Injectable, NotFoundException } from '@nestjs/common';
import ical from 'ical-generator';
import type { Browser } from '../accounts/browser.ts';
import { DoorRecordService } from '../accounts/record/door-record.service.ts';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { inOneLine } from '../common/one-line.ts';
import { hashOf } from '../common/token.ts';
import { ConsentService } from '../consent/consent.service.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import { DrillsRepository } from '../drills/drills.repository.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { toRepetition } from '../steps/steps.repository.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import type { PlayerRow } from '../players/players.repository.ts';
import { stationsOf } from './given-before.ts';
import type { PlayerPage } from './page.dto.ts';
import { PagesRepository } from './pages.repository.ts';
import type { PageRow } from './pages.repository.ts';

/** A page that may be looked at. */
interface OpenPage {
  readonly page: PageRow;
  readonly scope: Scope;
  readonly player: PlayerRow;
  /** The day it is of. */
  readonly date: string;
}

/** What a player does with their page: the token in its link is all that lets them in, and only to that page. */
@Injectable()
export class GivenPageService {
  constructor(
    private readonly store: Store,
    private readonly accounts: AccountsRepository,
    private readonly lessons: LessonsRepository,
    private readonly players: PlayersRepository,
    private readonly pages: PagesRepository,
    private readonly drills: DrillsRepository,
    private readonly doors: DoorRecordService,
    private readonly consent: ConsentService,
    private readonly clock: Clock,
  ) {}

  /** Returns a page as its player sees it; the first time it is opened is written into the record of doors. */
  async open(token: string, browser: Browser): Promise<PlayerPage> {
    const { page, content } = await this.store.read(async (db) => ({
      page: (await this.requireOpen(db, token)).page,
      content: await this.contentOf(db, token),
    }));
    if (page.openedAt === null) await this.noteOpened(token, browser);
    return content;
  }

  private async noteOpened(token: string, browser: Browser): Promise<void> {
    await this.store.write(async (tx) => {
      const { page, scope } = await this.requireOpen(tx, token);
      if (page.openedAt !== null) return;
      const { id, academyId, playerId } = page;
      await this.pages.opened(scope, tx, id, this.clock.text());
      const of = { academyId, kind: 'page-opened', userId: null, who: '', playerId } as const;
      await this.doors.note(tx, of, browser);
    });
  }

  /** Returns what a player may do at their page. Throws where the page is not, or no longer, theirs. */
  scopeAt(token: string): Promise<Scope> {
    return this.store.read(async (db) => (await this.requireOpen(db, token)).scope);
  }

  private async contentOf(db: Handle, token: string): Promise<PlayerPage> {
    const { page, scope, player, date } = await this.requireOpen(db, token);
    const repetitions = await this.pages.repetitions(scope, db, page.id);
    const content = JSON.parse(page.content) as PageContent;
    const own = await this.drills.list(scope, db);
    return {
      ...content,
      stations: stationsOf(content.stations, player.hand, own),
      playerName: player.name,
      hand: player.hand,
      lengthUnit: player.lengthUnit,
      academy: (await this.accounts.academy(db, scope.academyId)).name,
      date,
      expiresAt: page.expiresAt,
      ticked: await this.pages.ticked(scope, db, page.id),
      repetitions: repetitions.map(toRepetition),
      said: await this.pages.words(scope, db, page.id),
    };
  }

  /** Homework and the next look as a calendar. */
  async calendar(token: string): Promise<string> {
    const page = await this.store.read((db) => this.contentOf(db, token));
    const calendar = ical({
      name: inOneLine(`${page.academy}: homework of ${page.playerName}`),
      prodId: '//loxos//homework//EN',
    });
    const add = (date: string, summary: string, id: string): void => {
      calendar.createEvent({
        id,
        // The package writes a day down as it is in UTC.
        start: new Date(`${date.slice(0, 10)}T00:00:00Z`),
        allDay: true,
        summary: inOneLine(summary),
      });
    };
    page.homework.forEach(({ date, what }, index) =>
      add(date, what, `${hashOf(token).slice(0, 16)}-${index}`),
    );
    add(page.nextLook, `Next look at ${page.academy}`, `${hashOf(token).slice(0, 16)}-next`);
    return calendar.toString();
  }

  private async requireOpen(db: Handle, token: string): Promise<OpenPage> {
    const page = await this.pages.findByHash(db, hashOf(token));
    if (page === null)
      throw new NotFoundException(
        'There is no page behind this link. Ask your coach for a new one.',
      );
    const { academyId, id, lessonId } = page;
    const at = { page: { id, lessonId } };
    const scope = { academyId, userId: null, role: 'player', ...at } as const;
    const whose = await this.whose(scope, db, page);
    // Consent may have ended, or been taken back, since the page was given.
    const mayBe = whose !== null && (await this.consent.may(scope, db, whose.player.id, 'pages'));
    if (page.withdrawnAt !== null || whose === null || !mayBe)
      throw new GoneException('Your coach has withdrawn this page. Ask for a new link.');
    if (page.expiresAt <= this.clock.text())
      throw new GoneException('This link has ended. Ask your coach for a new one.');
    return { page, scope, ...whose };
  }

  /** Returns the player of a page, and the day it is of: its lesson's, or the one a report was given; null where they are gone. */
  private async whose(
    scope: Scope,
    db: Handle,
    { lessonId, playerId, createdAt }: PageRow,
  ): Promise<Pick<OpenPage, 'player' | 'date'> | null> {
    const zone = await this.accounts.zone(db, scope.academyId);
    if (lessonId !== null) {
      const found = await this.lessons.find(scope, db, lessonId);
      return found === null
        ? null
        : { player: found.player, date: dayIn(found.lesson.startsAt, zone) };
    }
    const player = await this.players.find(scope, db, playerId);
    return player === null || player.deletedAt !== null
      ? null
      : { player, date: dayIn(createdAt, zone) };
  }
}
