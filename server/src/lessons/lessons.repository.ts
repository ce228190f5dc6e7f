import { Injectable, NotFoundException } from '@nestjs/common';
import { and, asc, desc, eq, gte, isNull, lt, placeholder } from 'drizzle-orm';
import { lesson, player } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import { keptQuery } from '../db/kept-query.ts';
import type { PlayerRow } from '../players/players.repository.ts';
import { MOST_LESSONS } from './lesson.dto.ts';
import type { LessonQuery } from './lesson.dto.ts';
import type { Scope } from '../common/scope.ts';

export type LessonRow = typeof lesson.$inferSelect;

export interface LessonWithPlayer {
  readonly lesson: LessonRow;
  readonly player: PlayerRow;
}

/** By which of a query's parts lessons are looked for. */
const PARTS = {
  id: eq(lesson.id, placeholder('id')),
  from: gte(lesson.startsAt, placeholder('from')),
  to: lt(lesson.startsAt, placeholder('to')),
  playerId: eq(lesson.playerId, placeholder('playerId')),
};
const PART_NAMES = Object.keys(PARTS) as (keyof typeof PARTS)[];

const by = keptQuery((db, shape: string) => {
  const parts = PART_NAMES.filter((name) => shape.split(' ').includes(name));
  const own = eq(lesson.academyId, placeholder('academyId'));
  const areThere = [isNull(lesson.deletedAt), isNull(player.deletedAt)];
  return db
    .select({ lesson, player })
    .from(lesson)
    .innerJoin(player, eq(player.id, lesson.playerId))
    .where(and(own, ...areThere, ...parts.map((name) => PARTS[name])))
    .orderBy(parts.includes('playerId') ? desc(lesson.startsAt) : asc(lesson.startsAt))
    .limit(MOST_LESSONS)
    .prepare();
});

const before = keptQuery((db) =>
  db
    .select({ id: lesson.id })
    .from(lesson)
    .where(
      and(
        eq(lesson.academyId, placeholder('academyId')),
        PARTS.playerId,
        isNull(lesson.deletedAt),
        lt(lesson.startsAt, placeholder('startsAt')),
      ),
    )
    .orderBy(desc(lesson.startsAt))
    .limit(1)
    .prepare(),
);

@Injectable()
export class LessonsRepository {
  /** Lessons with their players; a day's in order, a player's newest first; of very many the first of these. */
  list(
    scope: Scope,
    db: Handle,
    query: LessonQuery & { id?: string },
  ): Promise<LessonWithPlayer[]> {
    const { academyId } = scope;
    const parts = PART_NAMES.filter((name) => query[name] !== undefined);
    return by(db, parts.join(' ')).all({ academyId, ...query });
  }

  async find(scope: Scope, db: Handle, id: string): Promise<LessonWithPlayer | null> {
    return (await this.list(scope, db, { id }))[0] ?? null;
  }

  async require(scope: Scope, db: Handle, id: string): Promise<LessonWithPlayer> {
    const found = await this.find(scope, db, id);
    if (found === null) throw new NotFoundException('There is no such lesson in this academy.');
    return found;
  }

  /** Returns a lesson's own row, taken away or not. */
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
    const { academyId } = scope;
    return (await before(db).all({ academyId, playerId, startsAt }))[0]?.id ?? null;
  }

  async insert(scope: Scope, db: Handle, row: Omit<LessonRow, 'academyId'>): Promise<void> {
    await db.insert(lesson).values({ ...row, academyId: scope.academyId });
  }

  async update(scope: Scope, db: Handle, id: string, changes: Partial<LessonRow>): Promise<void> {
    const own = and(eq(lesson.academyId, scope.academyId), eq(lesson.id, id));
    await db.update(lesson).set(changes).where(own);
  }
}
