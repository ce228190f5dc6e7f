import { Injectable, NotFoundException } from '@nestjs/common';
import { and, asc, desc, eq, gte, isNull, lt } from 'drizzle-orm';
import { lesson, player } from '../db/schema/index.ts';
import type { Handle } from '../db/store.ts';
import type { PlayerRow } from '../players/players.repository.ts';
import { MOST_LESSONS } from './lesson.dto.ts';
import type { LessonQuery } from './lesson.dto.ts';
import type { Scope } from '../common/scope.ts';

export type LessonRow = typeof lesson.$inferSelect;

export interface LessonWithPlayer {
  readonly lesson: LessonRow;
  readonly player: PlayerRow;
}

@Injectable()
export class LessonsRepository {
  /** Lessons with their players; a day's in order, a player's newest first; of very many the first of these. */
  list(
    scope: Scope,
    db: Handle,
    query: LessonQuery & { id?: string },
  ): Promise<LessonWithPlayer[]> {
    const wanted = and(
      eq(lesson.academyId, scope.academyId),
      isNull(lesson.deletedAt),
      isNull(player.deletedAt),
      query.id === undefined ? undefined : eq(lesson.id, query.id),
      query.from === undefined ? undefined : gte(lesson.startsAt, query.from),
      query.to === undefined ? undefined : lt(lesson.startsAt, query.to),
      query.playerId === undefined ? undefined : eq(lesson.playerId, query.playerId),
    );
    const order = query.playerId === undefined ? asc(lesson.startsAt) : desc(lesson.startsAt);
    return db
      .select({ lesson, player })
      .from(lesson)
      .innerJoin(player, eq(player.id, lesson.playerId))
      .where(wanted)
      .orderBy(order)
      .limit(MOST_LESSONS);
  }

  async find(scope: Scope, db: Handle, id: string): Promise<LessonWithPlayer | null> {
    return (await this.list(scope, db, { id }))[0] ?? null;
  }

  async require(scope: Scope, db: Handle, id: string): Promise<LessonWithPlayer> {
    const found = await this.find(scope, db, id);
    if (found === null) throw new NotFoundException('There is no such lesson in this academy.');
    return found;
  }

  /** A lesson's own row, taken away or not. */
  async row(scope: Scope, db: Handle, id: string): Promise<LessonRow | null> {
    const own = and(eq(lesson.academyId, scope.academyId), eq(lesson.id, id));
    const [row] = await db.select().from(lesson).where(own);
    return row ?? null;
  }

  /** Id of the player's last lesson before this one, or null. */
  async before(
    scope: Scope,
    db: Handle,
    { playerId, startsAt }: LessonRow,
  ): Promise<string | null> {
    const earlier = and(
      eq(lesson.academyId, scope.academyId),
      eq(lesson.playerId, playerId),
      isNull(lesson.deletedAt),
      lt(lesson.startsAt, startsAt),
    );
    const [row] = await db
      .select({ id: lesson.id })
      .from(lesson)
      .where(earlier)
      .orderBy(desc(lesson.startsAt))
      .limit(1);
    return row?.id ?? null;
  }

  async insert(scope: Scope, db: Handle, row: Omit<LessonRow, 'academyId'>): Promise<void> {
    await db.insert(lesson).values({ ...row, academyId: scope.academyId });
  }

  async update(scope: Scope, db: Handle, id: string, changes: Partial<LessonRow>): Promise<void> {
    const own = and(eq(lesson.academyId, scope.academyId), eq(lesson.id, id));
    await db.update(lesson).set(changes).where(own);
  }
}
