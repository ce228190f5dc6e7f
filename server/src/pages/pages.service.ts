import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { GoneException, Injectable, NotFoundException } from '@nestjs/common';
import ical from 'ical-generator';
import { AcademyService } from '../academy/academy.service.ts';
import { nowText } from '../common/clock.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/store.ts';
import { DrillsService } from '../drills/drills.service.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { AddRepetition, StoredRepetition } from '../steps/part.dto.ts';
import { toRepetition } from '../steps/steps.repository.ts';
import { StepsService } from '../steps/steps.service.ts';
import type {
  NewSharedPage,
  PageContent,
  PlayerPage,
  SharePage,
  TickHomework,
} from './page.dto.ts';
import { stationsOf } from './given-before.ts';
import { PagesRepository } from './pages.repository.ts';
import type { PageRow } from './pages.repository.ts';

/** 192 bits: beyond guessing. */
const TOKEN_BYTES = 24;
const DAY_MS = 24 * 3600 * 1000;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Pages a player gets behind a link that cannot be guessed, ends by itself and can be withdrawn. */
@Injectable()
export class PagesService {
  constructor(
    private readonly store: Store,
    private readonly academies: AcademyService,
    private readonly lessons: LessonsRepository,
    private readonly pages: PagesRepository,
    private readonly steps: StepsService,
    private readonly drills: DrillsService,
    private readonly history: HistoryService,
  ) {}

  share(lessonId: string, { content, days }: SharePage, change: Change): Promise<NewSharedPage> {
    const token = randomBytes(TOKEN_BYTES).toString('base64url');
    return this.store.write(async (tx) => {
      await this.lessons.require(tx, lessonId);
      const createdAt = nowText();
      const row = {
        id: randomUUID(),
        lessonId,
        tokenHash: hashOf(token),
        content: JSON.stringify(content),
        createdAt,
        expiresAt: new Date(Date.parse(createdAt) + days * DAY_MS).toISOString(),
        withdrawnAt: null,
      };
      await this.pages.insert(tx, row);
      const of = { thing: 'page', id: row.id, lessonId } as const;
      await this.history.made(tx, of, 'page given', change);
      const { id, expiresAt, withdrawnAt } = row;
      const { points, homework, nextLook } = content;
      const said = { points, homework, nextLook };
      return { id, createdAt, expiresAt, withdrawnAt, ticked: [], ...said, token };
    });
  }

  async withdraw(id: string, change: Change): Promise<void> {
    await this.mark(id, true, change);
  }

  /** Withdraws a page from its player, or gives it again behind the same link. */
  async mark(id: string, deleted: boolean, change: Change): Promise<void> {
    await this.store.write(async (tx) => {
      const page = await this.pages.find(tx, id);
      if (page === null) throw new NotFoundException('There is no such page in this academy.');
      const { lessonId, withdrawnAt } = page;
      const of = { thing: 'page', id, version: 1, lessonId } as const;
      const what = deleted ? 'page withdrawn' : 'page given again';
      const current = { deleted: withdrawnAt !== null };
      if ((await this.history.edit(tx, of, current, { deleted }, what, change)) === null) return;
      await this.pages.withdraw(tx, id, deleted ? nowText() : null);
    });
  }

  open(token: string): Promise<PlayerPage> {
    return this.store.read(async (db) => {
      const page = await this.requireOpen(db, token);
      const { lesson, player } = await this.lessons.require(db, page.lessonId);
      const repetitions = await this.pages.repetitions(db, page.id);
      const content = JSON.parse(page.content) as PageContent;
      const own = await this.drills.listIn(db);
      return {
        ...content,
        stations: stationsOf(content.stations, player.hand, own) as PageContent['stations'],
        playerName: player.name,
        hand: player.hand,
        lengthUnit: player.lengthUnit,
        academy: this.academies.name,
        date: lesson.startsAt,
        expiresAt: page.expiresAt,
        ticked: await this.pages.ticked(db, page.id),
        repetitions: repetitions.map(toRepetition),
      };
    });
  }

  async tick(token: string, { date, done }: TickHomework): Promise<void> {
    await this.store.write(async (tx) => {
      const page = await this.requireOpen(tx, token);
      const { homework } = JSON.parse(page.content) as PageContent;
      if (!homework.some((line) => line.date === date)) {
        throw invalid([{ field: 'date', reason: 'there is no homework on that day' }]);
      }
      await this.pages.tick(tx, page.id, date, done, nowText());
    });
  }

  async addRepetition(
    token: string,
    dto: AddRepetition,
    change: Change,
  ): Promise<StoredRepetition> {
    const page = await this.store.read((db) => this.requireOpen(db, token));
    return this.steps.addRepetition(page.lessonId, dto, { ...change, who: 'player' }, page.id);
  }

  /** Homework and the next look as a calendar. */
  async calendar(token: string): Promise<string> {
    const page = await this.open(token);
    const calendar = ical({
      name: `${page.academy}: homework of ${page.playerName}`,
      prodId: '//loxos//homework//EN',
    });
    const add = (date: string, summary: string, id: string): void => {
      calendar.createEvent({
        id,
        start: new Date(`${date.slice(0, 10)}T00:00:00`),
        allDay: true,
        summary,
      });
    };
    page.homework.forEach(({ date, what }, index) =>
      add(date, what, `${hashOf(token).slice(0, 16)}-${index}`),
    );
    add(page.nextLook, `Next look at ${page.academy}`, `${hashOf(token).slice(0, 16)}-next`);
    return calendar.toString();
  }

  private async requireOpen(db: Handle, token: string): Promise<PageRow> {
    const page = await this.pages.findByHash(db, hashOf(token));
    if (page === null)
      throw new NotFoundException(
        'There is no page behind this link. Ask your coach for a new one.',
      );
    const isLessonThere = (await this.lessons.find(db, page.lessonId)) !== null;
    if (page.withdrawnAt !== null || !isLessonThere)
      throw new GoneException('Your coach has withdrawn this page. Ask for a new link.');
    if (page.expiresAt <= nowText())
      throw new GoneException('This link has ended. Ask your coach for a new one.');
    return page;
  }
}
