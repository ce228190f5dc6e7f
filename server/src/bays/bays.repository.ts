import { Injectable } from '@nestjs/common';
import { and, asc, count, desc, eq, gt, inArray, isNotNull, isNull, ne } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import { ball, bay, bayBall } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import type { PlacedBall, SaidBall } from './live.logic.ts';

export type BayRow = typeof bay.$inferSelect;
export type NewBayBall = Omit<typeof bayBall.$inferInsert, 'academyId' | 'id'>;
type BayBallRow = typeof bayBall.$inferSelect;

/** A ball of a bay as it was said. */
export interface KeptBall extends Pick<BayBallRow, 'id' | 'sequence' | 'source' | 'ballId'> {
  readonly said: SaidBall;
}
const kept = ({ id, sequence, source, ballId, said }: BayBallRow): KeptBall => ({
  id,
  sequence,
  source,
  ballId,
  said: JSON.parse(said) as SaidBall,
});

/** Bays, and the balls that were given to them. */
@Injectable()
export class BaysRepository {
  list(scope: Scope, db: Handle): Promise<BayRow[]> {
    return db
      .select()
      .from(bay)
      .where(and(eq(bay.academyId, scope.academyId), isNull(bay.deletedAt)))
      .orderBy(asc(bay.createdAt), asc(bay.id));
  }

  async find(scope: Scope, db: Handle, id: string): Promise<BayRow | null> {
    const [row] = await db.select().from(bay).where(this.own(scope, id));
    return row ?? null;
  }

  /** Returns the bay a token is of, of whichever academy; null where it is of none, or of one that was taken away. */
  async findByHash(db: Handle, tokenHash: string): Promise<BayRow | null> {
    const there = and(eq(bay.tokenHash, tokenHash), isNull(bay.deletedAt));
    const [row] = await db.select().from(bay).where(there);
    return row ?? null;
  }

  async insert(scope: Scope, db: Handle, row: Omit<typeof bay.$inferInsert, 'academyId'>) {
    await db.insert(bay).values({ ...row, academyId: scope.academyId });
  }

  async update(scope: Scope, db: Handle, id: string, changes: Partial<BayRow>): Promise<void> {
    await db.update(bay).set(changes).where(this.own(scope, id));
  }

  /** Returns how many balls wait in each bay that has any, and when each was last given one. */
  async waiting(scope: Scope, db: Handle): Promise<Map<string, number>> {
    const rows = await db
      .select({ bayId: bayBall.bayId, balls: count() })
      .from(bayBall)
      .where(and(eq(bayBall.academyId, scope.academyId), eq(bayBall.fate, 'waiting')))
      .groupBy(bayBall.bayId);
    return new Map(rows.map(({ bayId, balls }) => [bayId, balls]));
  }

  /** Returns which numbers of a source a bay has. */
  async known(
    scope: Scope,
    db: Handle,
    bayId: string,
    source: string,
    sequences: readonly number[],
  ): Promise<ReadonlySet<number>> {
    const rows = await db
      .select({ sequence: bayBall.sequence })
      .from(bayBall)
      .where(
        and(
          eq(bayBall.academyId, scope.academyId),
          eq(bayBall.bayId, bayId),
          eq(bayBall.source, source),
          inArray(bayBall.sequence, [...sequences]),
        ),
      );
    return new Set(rows.map(({ sequence }) => sequence));
  }

  /** Returns the balls of a bay that are in a lesson, the last hit first; all, or so many at most. */
  placed(
    scope: Scope,
    db: Handle,
    lessonId: string,
    bayId: string,
    most: number | null = null,
  ): Promise<PlacedBall[]> {
    const rows = db
      .select({
        ballId: ball.id,
        source: bayBall.source,
        sequence: bayBall.sequence,
        hitAt: ball.hitAt,
        ordinal: ball.ordinal,
        blockId: ball.blockId,
      })
      .from(bayBall)
      .innerJoin(ball, eq(ball.id, bayBall.ballId))
      .where(and(this.of(scope, bayId), eq(bayBall.lessonId, lessonId)))
      .orderBy(desc(ball.ordinal));
    return most === null ? rows : rows.limit(most);
  }

  /** Keeps a ball that was given; the place of its event in the stream. */
  async keep({ academyId }: Scope, db: Handle, row: NewBayBall): Promise<number> {
    const [made] = await db
      .insert(bayBall)
      .values({ ...row, academyId })
      .returning({ id: bayBall.id });
    return made!.id;
  }

  /** Changes what became of a ball that waited. */
  async settle(
    scope: Scope,
    db: Handle,
    id: number,
    changes: Partial<Pick<BayBallRow, 'fate' | 'reason' | 'lessonId'>>,
  ): Promise<void> {
    const own = and(eq(bayBall.academyId, scope.academyId), eq(bayBall.id, id));
    await db.update(bayBall).set(changes).where(own);
  }

  /** Puts a ball that waited at the end of the stream, as one that comes now: its new place. */
  async comesNow(
    scope: Scope,
    db: Handle,
    id: number,
    into: { readonly lessonId: string; readonly ballId: string },
  ): Promise<number> {
    const own = and(eq(bayBall.academyId, scope.academyId), eq(bayBall.id, id));
    const [row] = await db.delete(bayBall).where(own).returning();
    const { id: _, academyId: __, ...rest } = row!;
    return this.keep(scope, db, { ...rest, ...into, fate: 'taken' });
  }

  /** Returns the balls that wait in a bay, in the order they came. */
  async waitingIn(scope: Scope, db: Handle, bayId: string): Promise<KeptBall[]> {
    const rows = await db
      .select()
      .from(bayBall)
      .where(and(this.of(scope, bayId), eq(bayBall.fate, 'waiting')))
      .orderBy(asc(bayBall.source), asc(bayBall.sequence));
    return rows.map(kept);
  }

  /** Returns the first balls of a bay that could be read, as they were said. */
  async firstOf(scope: Scope, db: Handle, bayId: string, most: number): Promise<KeptBall[]> {
    const rows = await db
      .select()
      .from(bayBall)
      .where(and(this.of(scope, bayId), ne(bayBall.fate, 'refused')))
      .orderBy(asc(bayBall.id))
      .limit(most);
    return rows.map(kept);
  }

  /** Returns the balls of a bay that are in lessons, as they were said. */
  async inLessons(scope: Scope, db: Handle, bayId: string): Promise<KeptBall[]> {
    const rows = await db
      .select()
      .from(bayBall)
      .where(and(this.of(scope, bayId), isNotNull(bayBall.ballId)))
      .orderBy(asc(bayBall.id));
    return rows.map(kept);
  }

  /** Returns the balls that came into a lesson after an event of its stream. */
  after(scope: Scope, db: Handle, lessonId: string, id: number, most: number) {
    return db
      .select({ event: bayBall.id, ball })
      .from(bayBall)
      .innerJoin(ball, eq(ball.id, bayBall.ballId))
      .where(
        and(
          eq(bayBall.academyId, scope.academyId),
          eq(bayBall.lessonId, lessonId),
          gt(bayBall.id, id),
        ),
      )
      .orderBy(asc(bayBall.id))
      .limit(most);
  }

  private of(scope: Scope, bayId: string) {
    return and(eq(bayBall.academyId, scope.academyId), eq(bayBall.bayId, bayId));
  }

  private own(scope: Scope, id: string) {
    return and(eq(bay.academyId, scope.academyId), eq(bay.id, id));
  }
}
