import { Injectable } from '@nestjs/common';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { launchFile, rawFile } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import type { LaunchFile } from './intake.dto.ts';
import type { Scope } from '../common/scope.ts';

export type FileRow = typeof launchFile.$inferSelect;
type FileHead = Omit<FileRow, 'rows'>;
/** A file with its bytes. */
export type WholeFile = FileRow & { readonly content: Buffer };

export const toLaunchFile = (row: FileHead): LaunchFile => ({
  id: row.id,
  name: row.name,
  sizeBytes: row.sizeBytes,
  receivedAt: row.receivedAt,
  ballCount: row.ballCount,
  refusedCount: row.refusedCount,
  answers: JSON.parse(row.answers ?? '{}') as LaunchFile['answers'],
});

const HEAD = {
  id: launchFile.id,
  academyId: launchFile.academyId,
  lessonId: launchFile.lessonId,
  name: launchFile.name,
  sha256: launchFile.sha256,
  sourceKey: launchFile.sourceKey,
  sizeBytes: launchFile.sizeBytes,
  answers: launchFile.answers,
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

  /** Returns the same bytes in the same lesson, taken back or not. */
  async findByHash(
    scope: Scope,
    db: Handle,
    lessonId: string,
    sha256: string,
  ): Promise<FileRow | null> {
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

  /** Returns a file with its bytes as they came. */
  async whole(scope: Scope, db: Handle, id: string): Promise<WholeFile | null> {
    const row = await this.find(scope, db, id);
    if (row === null) return null;
    const [raw] = await db
      .select({ content: rawFile.content })
      .from(rawFile)
      .where(and(eq(rawFile.academyId, scope.academyId), eq(rawFile.sha256, row.sha256)));
    return raw === undefined ? null : { ...row, content: raw.content };
  }

  /** Puts a file into its lesson; its bytes are kept once, however many lessons they went into. */
  async insert(
    scope: Scope,
    db: Handle,
    row: Omit<FileRow, 'academyId'>,
    content: Buffer,
  ): Promise<void> {
    const { academyId } = scope;
    const { sha256 } = row;
    await db.insert(rawFile).values({ academyId, sha256, content }).onConflictDoNothing();
    await db.insert(launchFile).values({ ...row, academyId });
  }

  /** Writes what became of a file that is brought in again. */
  async replace(
    scope: Scope,
    db: Handle,
    id: string,
    made: Omit<
      FileRow,
      'id' | 'academyId' | 'lessonId' | 'name' | 'sha256' | 'sizeBytes' | 'sourceKey'
    >,
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

  private own(scope: Scope) {
    return eq(launchFile.academyId, scope.academyId);
  }
}
