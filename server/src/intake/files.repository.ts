import { Injectable } from '@nestjs/common';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { launchFile, sourceMapping } from '../db/schema/index.ts';
import type { Handle } from '../db/store.ts';
import type { LaunchFile, Row } from './intake.dto.ts';

export type FileRow = typeof launchFile.$inferSelect;
export type FileHead = Omit<FileRow, 'content'>;

export const toLaunchFile = (row: FileHead): LaunchFile => ({
  id: row.id,
  name: row.name,
  sizeBytes: row.sizeBytes,
  receivedAt: row.receivedAt,
  ballCount: row.ballCount,
  rows: JSON.parse(row.rows) as Row[],
});

const HEAD = {
  id: launchFile.id,
  academyId: launchFile.academyId,
  lessonId: launchFile.lessonId,
  name: launchFile.name,
  sha256: launchFile.sha256,
  sizeBytes: launchFile.sizeBytes,
  rows: launchFile.rows,
  ballCount: launchFile.ballCount,
  receivedAt: launchFile.receivedAt,
  deletedAt: launchFile.deletedAt,
};

@Injectable()
export class FilesRepository {
  constructor(private readonly academies: AcademyService) {}

  ofLesson(db: Handle, lessonId: string): Promise<FileHead[]> {
    return db
      .select(HEAD)
      .from(launchFile)
      .where(and(this.own(), eq(launchFile.lessonId, lessonId), isNull(launchFile.deletedAt)))
      .orderBy(asc(launchFile.receivedAt));
  }

  /** The same bytes in the same lesson, taken back or not. */
  async findByHash(db: Handle, lessonId: string, sha256: string): Promise<FileHead | null> {
    const same = and(this.own(), eq(launchFile.lessonId, lessonId), eq(launchFile.sha256, sha256));
    const [row] = await db.select(HEAD).from(launchFile).where(same);
    return row ?? null;
  }

  async find(db: Handle, id: string): Promise<FileRow | null> {
    const [row] = await db
      .select()
      .from(launchFile)
      .where(and(this.own(), eq(launchFile.id, id)));
    return row ?? null;
  }

  async insert(db: Handle, row: Omit<FileRow, 'academyId'>): Promise<void> {
    await db.insert(launchFile).values({ ...row, academyId: this.academies.id });
  }

  /** Writes what became of a file that is brought in again. */
  async replace(
    db: Handle,
    id: string,
    made: Pick<FileRow, 'rows' | 'ballCount' | 'receivedAt' | 'deletedAt'>,
  ): Promise<void> {
    await db
      .update(launchFile)
      .set(made)
      .where(and(this.own(), eq(launchFile.id, id)));
  }

  async mark(db: Handle, id: string, deletedAt: string | null): Promise<void> {
    await db
      .update(launchFile)
      .set({ deletedAt })
      .where(and(this.own(), eq(launchFile.id, id)));
  }

  /** The answers kept for a source, as JSON, or null. */
  async answersFor(db: Handle, headerKey: string): Promise<string | null> {
    const own = eq(sourceMapping.academyId, this.academies.id);
    const [row] = await db
      .select()
      .from(sourceMapping)
      .where(and(own, eq(sourceMapping.headerKey, headerKey)));
    return row?.answers ?? null;
  }

  async keepAnswers(
    db: Handle,
    row: Omit<typeof sourceMapping.$inferInsert, 'academyId'>,
  ): Promise<void> {
    const { answers, updatedAt } = row;
    await db
      .insert(sourceMapping)
      .values({ ...row, academyId: this.academies.id })
      .onConflictDoUpdate({
        target: [sourceMapping.academyId, sourceMapping.headerKey],
        set: { answers, updatedAt },
      });
  }

  private own() {
    return eq(launchFile.academyId, this.academies.id);
  }
}
