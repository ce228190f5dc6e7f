import { dayIn, latestDayAt } from '@loxos/core';
import { GoneException, Injectable, NotFoundException } from '@nestjs/common';
import ical from 'ical-generator';
import type { Browser } from '../accounts/browser.ts';
import { DoorRecordService } from '../accounts/record/door-record.service.ts';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { inOneLine } from '../common/one-line.ts';
import { hashOf } from '../common/token.ts';
import { invalid } from '../common/validation.ts';
import { ConsentService } from '../consent/consent.service.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import { DrillsService } from '../drills/drills.service.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { AddRepetition, StoredRepetition } from '../steps/part.dto.ts';
import { toRepetition } from '../steps/steps.repository.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import type { PlayerRow } from '../players/players.repository.ts';
import { StepsService } from '../steps/steps.service.ts';
import { stationsOf } from './given-before.ts';
import type { AddWord, PageContent, PageWord, PlayerPage, TickHomework } from './page.dto.ts';
import { PagesRepository } from './pages.repository.ts';
import type { PageRow } from './pages.repository.ts';

/** As many as a player writes back from one page. */
const MOST_WORDS = 50;
/** As many repetitions as a player logs from one page: in a day, and in all. Nobody swings more often. */
const MOST_REPETITIONS = { day: 300, all: 3000 } as const;
const DAY_MS = 24 * 3600 * 1000;

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
    private readonly steps: StepsService,
    private readonly drills: DrillsService,
    private readonly history: HistoryService,
    private readonly doors: DoorRecordService,
    private readonly consent: ConsentService,
    private readonly clock: Clock,
  ) {}

  /** A page as its player sees it; the first time it is opened is written into the record of doors. */
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

  private async contentOf(db: Handle, token: string): Promise<PlayerPage> {
    const { page, scope, player, date } = await this.requireOpen(db, token);
    const repetitions = await this.pages.repetitions(scope, db, page.id);
    const content = JSON.parse(page.content) as PageContent;
    const own = await this.drills.listIn(scope, db);
    return {
      ...content,
      stations: stationsOf(content.stations, player.hand, own) as PageContent['stations'],
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

  async tick(token: string, { date, done }: TickHomework): Promise<void> {
    await this.store.write(async (tx) => {
      const { page, scope } = await this.requireOpen(tx, token);
      const { homework } = JSON.parse(page.content) as PageContent;
      if (!homework.some((line) => line.date === date)) {
        throw invalid([{ field: 'date', reason: 'there is no homework on that day' }]);
      }
      // A player’s own day may be ahead of the academy’s.
      if (date.slice(0, 10) > latestDayAt(this.clock.text()))
        throw invalid([{ field: 'date', reason: 'that day is still to come' }]);
      await this.pages.tick(scope, tx, page.id, date, done, this.clock.text());
    });
  }

  async addRepetition(
    token: string,
    dto: AddRepetition,
    change: Change,
  ): Promise<StoredRepetition> {
    const since = new Date(this.clock.now().getTime() - DAY_MS).toISOString();
    const { page, scope, logged } = await this.store.read(async (db) => {
      const open = await this.requireOpen(db, token);
      const { id } = open.page;
      return { ...open, logged: await this.pages.countRepetitions(open.scope, db, id, since) };
    });
    if (logged.lately >= MOST_REPETITIONS.day || logged.all >= MOST_REPETITIONS.all)
      throw invalid([{ field: 'drillId', reason: 'that is enough for one page: tell your coach' }]);
    if (page.lessonId === null)
      throw invalid([{ field: 'drillId', reason: 'a report has no station to log at' }]);
    return this.steps.addRepetition(scope, page.lessonId, dto, change, page.id);
  }

  /** A word back to the coach; sent twice it is one. */
  async say(token: string, { id, text }: AddWord, change: Change): Promise<PageWord> {
    return this.store.write(async (tx) => {
      const { page, scope } = await this.requireOpen(tx, token);
      const word = { id, text, at: this.clock.text() };
      const said = await this.pages.words(scope, tx, page.id);
      const known = said.find((other) => other.id === id);
      if (known !== undefined) return known;
      if (said.length >= MOST_WORDS)
        throw invalid([{ field: 'text', reason: 'that is enough for one page: tell your coach' }]);
      if (!(await this.pages.addWord(scope, tx, page.id, word)))
        throw invalid([{ field: 'id', reason: 'this id is another’s' }]);
      const { lessonId, playerId } = page;
      const of = { thing: 'word', id, version: 0, lessonId, playerId } as const;
      const values = { before: {}, after: {} };
      await this.history.note(scope, tx, of, 'a word back from the player', change, values);
      return word;
    });
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
    const scope = { academyId: page.academyId, userId: null, role: 'player' } as const;
    const whose = await this.whose(scope, db, page);
    // Consent may have ended, or been taken back, since the page was given.
    const mayBe = whose !== null && (await this.consent.may(scope, db, whose.player.id, 'pages'));
    if (page.withdrawnAt !== null || whose === null || !mayBe)
      throw new GoneException('Your coach has withdrawn this page. Ask for a new link.');
    if (page.expiresAt <= this.clock.text())
      throw new GoneException('This link has ended. Ask your coach for a new one.');
    return { page, scope, ...whose };
  }

  /** The player of a page, and the day it is of: its lesson's, or the one a report was given; null where they are gone. */
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
