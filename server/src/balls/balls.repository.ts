import { BALL_QUANTITIES } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import {
  and,
  asc,
  desc,
  eq,
  getTableColumns,
  gt,
  gte,
  inArray,
  isNotNull,
  isNull,
  lte,
  max,
  ne,
  notExists,
  or,
  placeholder,
} from 'drizzle-orm';
import { ball, ballFile, launchFile } from '../db/schema/index.ts';
import { insertMany } from '../db/bulk.ts';
import type { Handle } from '../db/handle.ts';
import { keptQuery } from '../db/kept-query.ts';
import { MEASURED, TOLD } from './measured.ts';
import type { ReadLine } from './measured.ts';
import { LessonBalls } from '../lessons/lesson-balls.ts';
import type { Ball } from './ball.dto.ts';
import type { Scope } from '../common/scope.ts';

export type BallRow = typeof ball.$inferSelect;
/** A ball of a file that a lesson has, or had until it was deleted by hand. */
export interface KnownBall {
  readonly id: string;
  readonly print: string;
  readonly isDeleted: boolean;
}
export type NewBall = Omit<typeof ball.$inferInsert, 'academyId'>;

/** The file that balls come with. */
interface OfFile {
  readonly lessonId: string;
  readonly launchFileId: string;
  readonly blockId: string | null;
  readonly at: string;
  readonly isHidden: boolean;
}

/** A ball as it was read from a line. */
export interface ReadBall extends ReadLine {
  readonly id: string;
  readonly ordinal: number;
  readonly line: number;
  /** In the order of `TOLD`. */
  readonly told: readonly (string | null)[];
}

/** A ball whose line reads otherwise than before. */
export interface Reread extends ReadLine {
  readonly id: string;
  readonly was: ReadLine['figures'];
}

/** The order in which `insertRead` writes its values. */
const READ_COLUMNS = [
  'academyId',
  'lessonId',
  'launchFileId',
  'blockId',
  'version',
  'createdAt',
  'updatedAt',
  'deletedAt',
  'deletedBy',
  'id',
  'ordinal',
  'line',
  'fingerprint',
  ...TOLD,
  ...MEASURED,
];

/** Ids of one statement. */
const CHUNK = 200;

/** What of a row is a ball's. */
const OF_BALL = [
  ...BALL_QUANTITIES,
  ...([
    'id',
    'lessonId',
    'ordinal',
    'keep',
    'seen',
    'openAmount',
    'contact',
    'note',
    'blockId',
    'launchFileId',
    'line',
  ] as const),
  ...(['club', 'clubText', 'hitAt', 'version'] as const),
];

/** Of a row, or of the table's columns, what is a ball's. */
const ofBall = <T extends object>(row: T) =>
  Object.fromEntries(OF_BALL.map((name) => [name, row[name as keyof T]]));
export const toBall = (row: BallRow): Ball => ofBall(row) as unknown as Ball;
const BALL = ofBall(getTableColumns(ball)) as Pick<
  (typeof ball)['_']['columns'],
  (typeof OF_BALL)[number]
>;

const KNOWN = { id: ball.id, print: ball.fingerprint, deletedAt: ball.deletedAt };
const toKnown = ({
  id,
  print,
  deletedAt,
}: Pick<BallRow, 'id' | 'deletedAt'> & { readonly print: string | null }): KnownBall => ({
  id,
  print: print ?? '',
  isDeleted: deletedAt !== null,
});

const ofLesson = keptQuery((db) =>
  db
    .select(BALL)
    .from(ball)
    .where(
      and(
        eq(ball.academyId, placeholder('academyId')),
        eq(ball.lessonId, placeholder('lessonId')),
        isNull(ball.deletedAt),
        gt(ball.ordinal, placeholder('after')),
      ),
    )
    .orderBy(asc(ball.ordinal))
    .limit(placeholder('most'))
    .prepare(),
);

@Injectable()
export class BallsRepository {
  constructor(private readonly lessonBalls: LessonBalls) {}

  /** Balls of a lesson in the order hit, without the deleted; all, or the next so many after one. */
  ofLesson(
    { academyId }: Scope,
    db: Handle,
    lessonId: string,
    { after = 0, most = -1 }: { after?: number; most?: number } = {},
  ): Promise<Ball[]> {
    return ofLesson(db).all({ academyId, lessonId, after, most });
  }

  /**
   * Returns the balls of files that a lesson has, by fingerprint: those that are there, and those taken out by hand, which
   * neither a longer export nor their own file may bring back. Balls gone with a file are not among them.
   */
  async known(scope: Scope, db: Handle, lessonId: string): Promise<KnownBall[]> {
    const isKept = or(isNull(ball.deletedAt), eq(ball.deletedBy, 'hand'));
    const rows = await db
      .select(KNOWN)
      .from(ball)
      .where(and(this.inLesson(scope, lessonId), isNotNull(ball.fingerprint), isKept));
    return rows.map(toKnown);
  }

  /** Returns the balls that went with a file. */
  async goneWith(scope: Scope, db: Handle, launchFileId: string): Promise<KnownBall[]> {
    const rows = await db
      .select(KNOWN)
      .from(ball)
      .where(and(this.heldBy(scope, db, launchFileId), eq(ball.deletedBy, 'file')));
    return rows.map(toKnown);
  }

  /** Notes that a file holds balls. */
  async hold(
    scope: Scope,
    db: Handle,
    launchFileId: string,
    ballIds: readonly string[],
  ): Promise<void> {
    const academyId = scope.academyId;
    const rows = ballIds.map((ballId) => [academyId, ballId, launchFileId]);
    const columns = ['academyId', 'ballId', 'launchFileId'];
    await insertMany(db, ballFile, columns, rows, { isOnce: true });
  }

  /** Takes out what only this file holds; what another file in the lesson holds too stays. */
  async takeFile(scope: Scope, db: Handle, launchFileId: string, deletedAt: string): Promise<void> {
    const elsewhere = db
      .select({ id: ballFile.ballId })
      .from(ballFile)
      .innerJoin(launchFile, eq(launchFile.id, ballFile.launchFileId))
      .where(
        and(
          eq(ballFile.ballId, ball.id),
          ne(ballFile.launchFileId, launchFileId),
          isNull(launchFile.deletedAt),
        ),
      );
    await db
      .update(ball)
      .set({ deletedAt, deletedBy: 'file' })
      .where(
        and(this.heldBy(scope, db, launchFileId), isNull(ball.deletedAt), notExists(elsewhere)),
      );
    await this.lessonBalls.changed(scope, db, await this.lessonsOf(scope, db, launchFileId));
  }

  /** Brings back what went with a file; what was taken out by hand stays so. */
  async bringFile(scope: Scope, db: Handle, launchFileId: string): Promise<void> {
    await db
      .update(ball)
      .set({ deletedAt: null, deletedBy: null })
      .where(and(this.heldBy(scope, db, launchFileId), eq(ball.deletedBy, 'file')));
    await this.lessonBalls.changed(scope, db, await this.lessonsOf(scope, db, launchFileId));
  }

  /** Brings balls of a lesson back. */
  async revive(scope: Scope, db: Handle, lessonId: string, ids: readonly string[]): Promise<void> {
    for (let at = 0; at < ids.length; at += CHUNK) {
      const own = and(
        eq(ball.academyId, scope.academyId),
        inArray(ball.id, ids.slice(at, at + CHUNK)),
      );
      await db.update(ball).set({ deletedAt: null, deletedBy: null }).where(own);
    }
    if (ids.length > 0) await this.lessonBalls.changed(scope, db, [lessonId]);
  }

  async nextOrdinal(scope: Scope, db: Handle, lessonId: string): Promise<number> {
    const [row] = await db
      .select({ last: max(ball.ordinal) })
      .from(ball)
      .where(this.inLesson(scope, lessonId));
    return (row?.last ?? 0) + 1;
  }

  /** Returns the club of the last ball of a lesson; null where there is none. */
  async lastClub(scope: Scope, db: Handle, lessonId: string): Promise<string | null> {
    const [row] = await db
      .select({ club: ball.club })
      .from(ball)
      .where(and(this.inLesson(scope, lessonId), isNull(ball.deletedAt)))
      .orderBy(desc(ball.ordinal))
      .limit(1);
    return row?.club ?? null;
  }

  async find(scope: Scope, db: Handle, id: string): Promise<BallRow | null> {
    const [row] = await db.select().from(ball).where(this.own(scope, id));
    return row ?? null;
  }

  async insert(scope: Scope, db: Handle, row: NewBall): Promise<void> {
    await db.insert(ball).values({ ...row, academyId: scope.academyId });
    await this.lessonBalls.changed(scope, db, [row.lessonId]);
  }

  /** Puts balls of a file into its lesson, as they were read; `isHidden` as if they had gone with it. */
  async insertRead(scope: Scope, db: Handle, of: OfFile, rows: readonly ReadBall[]): Promise<void> {
    const { lessonId, launchFileId, blockId, at, isHidden } = of;
    const same = [scope.academyId, lessonId, launchFileId, blockId, 1, at, at];
    const gone = isHidden ? [at, 'file'] : [null, null];
    await insertMany(
      db,
      ball,
      READ_COLUMNS,
      rows.map(({ id, ordinal, line, print, told, figures }) => [
        ...same,
        ...gone,
        id,
        ordinal,
        line,
        print,
        ...told,
        ...figures,
      ]),
    );
    await this.hold(
      scope,
      db,
      launchFileId,
      rows.map(({ id }) => id),
    );
    await this.lessonBalls.changed(scope, db, [lessonId]);
  }

  /**
   * Changes balls whose lines read otherwise now. A figure that a coach has changed by hand since is left as it is:
   * it is not what the line was read as.
   */
  async reread(
    scope: Scope,
    db: Handle,
    lessonId: string,
    rows: readonly Reread[],
    updatedAt: string,
  ): Promise<void> {
    for (const { id, print, was, figures } of rows) {
      const row = await this.find(scope, db, id);
      if (row === null) continue;
      const changes = Object.fromEntries(
        MEASURED.flatMap((name, i) =>
          row[name] === was[i] && was[i] !== figures[i] ? [[name, figures[i]]] : [],
        ),
      );
      await db
        .update(ball)
        .set({ ...changes, fingerprint: print, version: row.version + 1, updatedAt })
        .where(this.own(scope, id));
    }
    if (rows.length > 0) await this.lessonBalls.changed(scope, db, [lessonId]);
  }

  /** Shows what of a file came into a lesson by steps, all of it at once: its balls of an unbroken run of ordinals. */
  async showRun(
    scope: Scope,
    db: Handle,
    { lessonId, launchFileId }: { readonly lessonId: string; readonly launchFileId: string },
    [first, last]: readonly [number, number],
  ): Promise<void> {
    const run = and(gte(ball.ordinal, first), lte(ball.ordinal, last));
    await db
      .update(ball)
      .set({ deletedAt: null, deletedBy: null })
      .where(
        and(
          this.inLesson(scope, lessonId),
          run,
          eq(ball.launchFileId, launchFileId),
          eq(ball.deletedBy, 'file'),
        ),
      );
    await this.lessonBalls.changed(scope, db, [lessonId]);
  }

  /** Changes columns of a ball. */
  async update(
    scope: Scope,
    db: Handle,
    { id, lessonId }: Pick<BallRow, 'id' | 'lessonId'>,
    changes: Partial<BallRow>,
  ): Promise<void> {
    await db.update(ball).set(changes).where(this.own(scope, id));
    await this.lessonBalls.changed(scope, db, [lessonId]);
  }

  private async lessonsOf(scope: Scope, db: Handle, launchFileId: string): Promise<string[]> {
    const rows = await db
      .select({ id: launchFile.lessonId })
      .from(launchFile)
      .where(and(eq(launchFile.academyId, scope.academyId), eq(launchFile.id, launchFileId)));
    return rows.map(({ id }) => id);
  }

  private heldBy(scope: Scope, db: Handle, launchFileId: string) {
    const held = db
      .select({ id: ballFile.ballId })
      .from(ballFile)
      .where(and(eq(ballFile.academyId, scope.academyId), eq(ballFile.launchFileId, launchFileId)));
    return and(eq(ball.academyId, scope.academyId), inArray(ball.id, held));
  }

  private inLesson(scope: Scope, lessonId: string) {
    return and(eq(ball.academyId, scope.academyId), eq(ball.lessonId, lessonId));
  }

  private own(scope: Scope, id: string) {
    return and(eq(ball.academyId, scope.academyId), eq(ball.id, id));
  }
}
