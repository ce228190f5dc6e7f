import { createHash } from 'node:crypto';
import type { Hand } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { and, eq, exists, inArray, not, or, sql } from 'drizzle-orm';
import type { SQL } from 'drizzle-orm';
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { bay, bayBall, closed, player as playerTable, rawFile } from '../db/schema/index.ts';
import type { SmallerFile } from '../intake/file-without-parts.ts';
import type { ArchivedRow, Row } from './format.ts';
import { TABLES, TABLE_NAMES, travellingColumns } from './tables.ts';
import type { TableName } from './tables.ts';

const {
  ball,
  ballFile,
  homeworkTick,
  history,
  launchFile,
  lesson,
  pageWord,
  player,
  playerConsent,
  sharedPage,
} = TABLES;

/** A launch file of a lesson, its bytes, and whose lesson it is. */
export interface SharedFile {
  readonly file: typeof launchFile.$inferSelect;
  readonly content: Buffer;
  readonly player: { readonly id: string; readonly name: string; readonly hand: Hand };
}

/** A launch file and its bytes. */
const sameContent = and(
  eq(rawFile.academyId, launchFile.academyId),
  eq(rawFile.sha256, launchFile.sha256),
);

/** How many rows are written in one statement. */
const CHUNK = 200;

/** Returns the rows of a table that are of one player; null where none are. */
function ofPlayer(db: Handle, name: TableName, playerId: string): SQL | null {
  const lessons = db.select({ id: lesson.id }).from(lesson).where(eq(lesson.playerId, playerId));
  const pages = db
    .select({ id: sharedPage.id })
    .from(sharedPage)
    .where(eq(sharedPage.playerId, playerId));
  const balls = db.select({ id: ball.id }).from(ball).where(inArray(ball.lessonId, lessons));
  switch (name) {
    case 'setting':
    case 'sourceMapping':
    case 'ownDrill':
      return null;
    case 'player':
      return eq(player.id, playerId);
    case 'playerConsent':
      return eq(playerConsent.playerId, playerId);
    case 'lesson':
      return eq(lesson.playerId, playerId);
    case 'sharedPage':
      return eq(sharedPage.playerId, playerId);
    case 'ballFile':
      return inArray(ballFile.ballId, balls);
    case 'homeworkTick':
      return inArray(homeworkTick.pageId, pages);
    case 'pageWord':
      return inArray(pageWord.pageId, pages);
    case 'history':
      return or(eq(history.playerId, playerId), inArray(history.lessonId, lessons))!;
    default:
      return inArray(TABLES[name].lessonId, lessons);
  }
}

/** The rows of an academy, table by table, as they travel. */
@Injectable()
export class ArchiveRepository {
  /** Every row of the academy, or of one player of it, in the order made. */
  async rows(scope: Scope, db: Handle, playerId: string | null): Promise<ArchivedRow[]> {
    const found: ArchivedRow[] = [];
    for (const name of TABLE_NAMES) {
      const which = playerId === null ? undefined : ofPlayer(db, name, playerId);
      if (which === null) continue;
      const table: SQLiteTable & { academyId: SQLiteColumn } = TABLES[name];
      const rows = await db
        .select(travellingColumns(name))
        .from(table)
        .where(and(eq(table.academyId, scope.academyId), which))
        .orderBy(sql`rowid`);
      for (const row of rows) found.push({ in: name, row });
    }
    return found;
  }

  /** Returns the launch files as they came, of the academy or of one player. */
  async files(scope: Scope, db: Handle, playerId: string | null): Promise<Map<string, Buffer>> {
    const which = playerId === null ? undefined : ofPlayer(db, 'launchFile', playerId)!;
    const rows = await db
      .select({ id: launchFile.id, content: rawFile.content })
      .from(launchFile)
      .innerJoin(rawFile, sameContent)
      .where(and(eq(launchFile.academyId, scope.academyId), which));
    return new Map(rows.map(({ id, content }) => [id, content]));
  }

  /** Launch files of a player, and those of others that have the same bytes. */
  async sharedFiles(scope: Scope, db: Handle, playerId: string): Promise<SharedFile[]> {
    const own = db
      .select({ sha256: launchFile.sha256 })
      .from(launchFile)
      .where(ofPlayer(db, 'launchFile', playerId)!);
    return db
      .select({
        file: launchFile,
        content: rawFile.content,
        player: { id: player.id, name: player.name, hand: player.hand },
      })
      .from(launchFile)
      .innerJoin(rawFile, sameContent)
      .innerJoin(lesson, eq(lesson.id, launchFile.lessonId))
      .innerJoin(player, eq(player.id, lesson.playerId))
      .where(and(eq(launchFile.academyId, scope.academyId), inArray(launchFile.sha256, own)));
  }

  /** Puts other bytes, and what goes with them, in the place of a lesson's launch file. */
  async replaceFile(
    scope: Scope,
    db: Handle,
    id: string,
    { content, ...made }: SmallerFile,
  ): Promise<void> {
    await this.keepFiles(scope, db, [content]);
    const which = and(eq(launchFile.academyId, scope.academyId), eq(launchFile.id, id));
    await db.update(launchFile).set(made).where(which);
  }

  /** Keeps the bytes of launch files that come in, once each. */
  async keepFiles(scope: Scope, db: Handle, files: readonly Buffer[]): Promise<void> {
    for (const content of files) {
      const sha256 = createHash('sha256').update(content).digest('hex');
      await db
        .insert(rawFile)
        .values({ academyId: scope.academyId, sha256, content })
        .onConflictDoNothing();
    }
  }

  /** Writes rows of one table; a row that the academy has its own of (rules, a source's answers) is left. */
  async insert(db: Handle, name: TableName, rows: readonly Row[]): Promise<void> {
    for (let at = 0; at < rows.length; at += CHUNK) {
      const some = rows.slice(at, at + CHUNK) as never[];
      const writing = db.insert(TABLES[name]).values(some);
      await (name === 'setting' || name === 'sourceMapping'
        ? writing.onConflictDoNothing()
        : writing);
    }
  }

  /** Keeps that a player was erased: a copy that has them does not bring them back. */
  async keepErased({ academyId }: Scope, db: Handle, key: string, at: string): Promise<void> {
    await db.insert(closed).values({ kind: 'player', key, academyId, at }).onConflictDoNothing();
  }

  /** Players who were erased, and are here all the same. */
  erasedThatAreHere(db: Handle): Promise<{ id: string; academyId: string }[]> {
    return db
      .select({ id: playerTable.id, academyId: playerTable.academyId })
      .from(playerTable)
      .innerJoin(closed, and(eq(closed.kind, 'player'), eq(closed.key, playerTable.id)));
  }

  /** Takes every row of a player out of the store, those that refer to others first. */
  async erase(scope: Scope, db: Handle, playerId: string): Promise<void> {
    await this.leaveBays(scope, db, playerId);
    for (const name of [...TABLE_NAMES].reverse()) {
      const which = ofPlayer(db, name, playerId);
      if (which === null) continue;
      const table: SQLiteTable & { academyId: SQLiteColumn } = TABLES[name];
      await db.delete(table).where(and(eq(table.academyId, scope.academyId), which));
    }
    const isHeld = exists(db.select({ id: launchFile.id }).from(launchFile).where(sameContent));
    await db.delete(rawFile).where(and(eq(rawFile.academyId, scope.academyId), not(isHeld)));
  }

  /** Takes a player's balls out of what bays keep of theirs, and bays off their lessons. */
  private async leaveBays({ academyId }: Scope, db: Handle, playerId: string): Promise<void> {
    const lessons = ofPlayer(db, 'lesson', playerId)!;
    const own = db.select({ id: lesson.id }).from(lesson).where(lessons);
    await db
      .delete(bayBall)
      .where(and(eq(bayBall.academyId, academyId), inArray(bayBall.lessonId, own)));
    await db
      .update(bay)
      .set({ lessonId: null })
      .where(and(eq(bay.academyId, academyId), inArray(bay.lessonId, own)));
  }
}
