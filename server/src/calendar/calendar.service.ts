import { randomUUID } from 'node:crypto';
import { WORKING_HOURS } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import ical from 'ical-generator';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { inOneLine } from '../common/one-line.ts';
import { hashOf, newToken } from '../common/token.ts';
import { Store } from '../db/store.ts';
import type { CalendarFeed, FeedOf, NewCalendarFeed } from './calendar.dto.ts';
import { CalendarRepository } from './calendar.repository.ts';
import type { FeedRow } from './calendar.repository.ts';

const DAY_MS = 24 * 3600 * 1000;
const MINUTE_MS = 60 * 1000;
/** Lessons in a feed: as far back and ahead as a calendar is looked at, days. */
const DAYS_BACK = 60;
const DAYS_AHEAD = 370;
/** That it was read is written down no oftener than this. */
const READ_EVERY_MS = 10 * MINUTE_MS;

const toFeed = ({ whose, createdAt, readAt }: FeedRow): CalendarFeed => ({
  whose,
  createdAt,
  readAt,
});

/** Somebody's lessons for their own calendar, at an address that cannot be guessed and is ended by them. */
@Injectable()
export class CalendarService {
  constructor(
    private readonly store: Store,
    private readonly accounts: AccountsRepository,
    private readonly feeds: CalendarRepository,
    private readonly clock: Clock,
  ) {}

  async get(scope: Scope): Promise<CalendarFeed | null> {
    const row = await this.store.read((db) => this.feeds.of(scope, db));
    return row === null ? null : toFeed(row);
  }

  /** Makes an address; the one before is ended. */
  make(scope: Scope, whose: FeedOf): Promise<NewCalendarFeed> {
    const token = newToken();
    const createdAt = this.clock.text();
    return this.store.write(async (tx) => {
      await this.feeds.end(scope, tx, createdAt);
      await this.feeds.insert(scope, tx, {
        id: randomUUID(),
        userId: scope.userId ?? '',
        tokenHash: hashOf(token),
        whose,
        createdAt,
        readAt: null,
        endedAt: null,
      });
      return { whose, createdAt, readAt: null, path: `/api/calendar/${token}.ics` };
    });
  }

  end(scope: Scope): Promise<void> {
    return this.store.write((tx) => this.feeds.end(scope, tx, this.clock.text()));
  }

  /** Returns the lessons behind an address, as a calendar reads them. */
  async read(token: string): Promise<string> {
    const now = this.clock.now().getTime();
    const at = (days: number): string => new Date(now + days * DAY_MS).toISOString();
    const { feed, name, lessons } = await this.store.read(async (db) => {
      const found = await this.feeds.findByHash(db, hashOf(token));
      if (found === null)
        throw new NotFoundException('There is no calendar at this address: make a new one.');
      return {
        feed: found,
        name: (await this.accounts.academy(db, found.academyId)).name,
        lessons: await this.feeds.lessons(found, db, at(-DAYS_BACK), at(DAYS_AHEAD)),
      };
    });
    const isLong = feed.readAt === null || now - Date.parse(feed.readAt) > READ_EVERY_MS;
    if (isLong) await this.store.write((tx) => this.feeds.wasRead(tx, feed, this.clock.text()));
    const calendar = ical({ name: inOneLine(`${name}: lessons`), prodId: '//loxos//lessons//EN' });
    for (const { id, startsAt, updatedAt, asked, playerName } of lessons) {
      const start = new Date(startsAt);
      calendar.createEvent({
        id,
        start,
        end: new Date(start.getTime() + WORKING_HOURS.lessonMinutes * MINUTE_MS),
        summary: inOneLine(playerName),
        ...(asked !== '' && { description: asked }),
        lastModified: new Date(updatedAt),
      });
    }
    return calendar.toString();
  }
}
