import { Injectable } from '@nestjs/common';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { launchFile, sourceMapping } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import type { LaunchFile } from './intake.dto.ts';
import type { Scope } from '../common/scope.ts';

export type FileRow = typeof launchFile.$inferSelect;
/** A file without its bytes. */
export type FileTold = Omit<FileRow, 'content'>;
type FileHead = Omit<FileTold, 'rows'>;

export const toLaunchFile = (row: FileHead): LaunchFile => ({
  id: row.id,
  name: row.name,
  sizeBytes: row.sizeBytes,
  receivedAt: row.receivedAt,
  ballCount: row.ballCount,
  refusedCount: row.refusedCount,
});

const HEAD = {
  id: launchFile.id,
  academyId: launchFile.academyId,
  lessonId: launchFile.lessonId,
  name: launchFile.name,
  sha256: launchFile.sha256,
  sourceKey: launchFile.sourceKey,
  sizeBytes: launchFile.sizeBytes,
  ballCount: launchFile.ballCount,
  refusedCount: launchFile.refusedCount,
  receivedAt: launchFile.receivedAt,
  deletedAt: launchFile.deletedAt,
};

@Injectable()
export class FilesRepository {
  ofLesson(scope: Scope, db: Handle, lessonId: string): Promise<FileHead[]> {
    return db
      .select(HEAD)
      .from(launchFile)
      .where(and(this.own(scope), eq(launchFile.lessonId, lessonId), isNull(launchFile.deletedAt)))
      .orderBy(asc(launchFile.receivedAt));
  }

  /** The same bytes in the same lesson, taken back or not. */
  async findByHash(
    scope: Scope,
    db: Handle,
    lessonId: string,
    sha256: string,
  ): Promise<FileTold | null> {
    const same = and(
      this.own(scope),
      eq(launchFile.lessonId, lessonId),
      eq(launchFile.sha256, sha256),
    );
    const [row] = await db
      .select({ ...HEAD, rows: launchFile.rows })
      .from(launchFile)
      .where(same);
    return row ?? null;
  }

  async find(scope: Scope, db: Handle, id: string): Promise<FileRow | null> {
    const [row] = await db
      .select()
      .from(launchFile)
      .where(and(this.own(scope), eq(launchFile.id, id)));
    return row ?? null;
  }

  async insert(scope: Scope, db: Handle, row: Omit<FileRow, 'academyId'>): Promise<void> {
    await db.insert(launchFile).values({ ...row, academyId: scope.academyId });
  }

  /** Writes what became of a file that is brought in again. */
  async replace(
    scope: Scope,
    db: Handle,
    id: string,
    made: Pick<FileRow, 'rows' | 'ballCount' | 'refusedCount' | 'receivedAt' | 'deletedAt'>,
  ): Promise<void> {
    await db
      .update(launchFile)
      .set(made)
      .where(and(this.own(scope), eq(launchFile.id, id)));
  }

  async mark(scope: Scope, db: Handle, id: string, deletedAt: string | null): Promise<void> {
    await db
      .update(launchFile)
      .set({ deletedAt })
      .where(and(this.own(scope), eq(launchFile.id, id)));
  }

  /** The answers kept for a source, as JSON, or null. */
  async answersFor(scope: Scope, db: Handle, headerKey: string): Promise<string | null> {
    const own = eq(sourceMapping.academyId, scope.academyId);
    const [row] = await db
      .select()
      .from(sourceMapping)
      .where(and(own, eq(sourceMapping.headerKey, headerKey)));
    return row?.answers ?? null;
  }

  async keepAnswers(
    scope: Scope,
    db: Handle,
    row: Omit<typeof sourceMapping.$inferInsert, 'academyId'>,
  ): Promise<void> {
    const { answers, updatedAt } = row;
    await db
      .insert(sourceMapping)
      .values({ ...row, academyId: scope.academyId })
      .onConflictDoUpdate({
        target: [sourceMapping.academyId, sourceMapping.headerKey],
        set: { answers, updatedAt },
      });
  }

  private own(scope: Scope) {
    return eq(launchFile.academyId, scope.academyId);
  }
}
