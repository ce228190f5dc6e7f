import { Injectable } from '@nestjs/common';
import { and, asc, eq, gte, isNull, lt } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { calendarFeed, lesson, player, user } from '../db/schema/index.ts';

export type FeedRow = typeof calendarFeed.$inferSelect;

/** A lesson as a calendar shows it. */
export interface CalendarLesson {
  readonly id: string;
  readonly startsAt: string;
  readonly updatedAt: string;
  readonly asked: string;
  readonly playerName: string;
}

@Injectable()
export class CalendarRepository {
  /** The address somebody has; null where they have none. */
  async of(scope: Scope, db: Handle): Promise<FeedRow | null> {
    const [row] = await db.select().from(calendarFeed).where(this.open(scope));
    return row ?? null;
  }

  /** Returns the feed behind an address, of whichever academy; null where it is ended, or whoever made it may no longer sign in. */
  async findByHash(db: Handle, tokenHash: string): Promise<FeedRow | null> {
    const [row] = await db
      .select({ feed: calendarFeed })
      .from(calendarFeed)
      .innerJoin(user, eq(user.id, calendarFeed.userId))
      .where(
        and(
          eq(calendarFeed.tokenHash, tokenHash),
          isNull(calendarFeed.endedAt),
          isNull(user.endedAt),
        ),
      );
    return row?.feed ?? null;
  }

  async insert(scope: Scope, db: Handle, row: Omit<FeedRow, 'academyId'>): Promise<void> {
    await db.insert(calendarFeed).values({ ...row, academyId: scope.academyId });
  }

  async end(scope: Scope, db: Handle, endedAt: string): Promise<void> {
    await db.update(calendarFeed).set({ endedAt }).where(this.open(scope));
  }

  async wasRead(db: Handle, { id, academyId }: FeedRow, readAt: string): Promise<void> {
    const own = and(eq(calendarFeed.academyId, academyId), eq(calendarFeed.id, id));
    await db.update(calendarFeed).set({ readAt }).where(own);
  }

  /** Lessons between two times, in order. */
  lessons(
    { academyId, userId, whose }: FeedRow,
    db: Handle,
    from: string,
    to: string,
  ): Promise<CalendarLesson[]> {
    return db
      .select({
        id: lesson.id,
        startsAt: lesson.startsAt,
        updatedAt: lesson.updatedAt,
        asked: lesson.asked,
        playerName: player.name,
      })
      .from(lesson)
      .innerJoin(player, eq(player.id, lesson.playerId))
      .where(
        and(
          eq(lesson.academyId, academyId),
          gte(lesson.startsAt, from),
          lt(lesson.startsAt, to),
          isNull(lesson.deletedAt),
          isNull(player.deletedAt),
          whose === 'mine' ? eq(player.coachId, userId) : undefined,
        ),
      )
      .orderBy(asc(lesson.startsAt));
  }

  private open({ academyId, userId }: Scope) {
    return and(
      eq(calendarFeed.academyId, academyId),
      eq(calendarFeed.userId, userId ?? ''),
      isNull(calendarFeed.endedAt),
    );
  }
}
