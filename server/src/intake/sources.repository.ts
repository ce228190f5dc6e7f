import type { Fields } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { and, desc, eq, isNull } from 'drizzle-orm';
import { sourceMapping } from '../db/schema/index.ts';
import type { Handle } from '../db/handle.ts';
import type { Scope } from '../common/scope.ts';
import type { FileSource, IntakeAnswers } from './intake.dto.ts';

export type SourceRow = typeof sourceMapping.$inferSelect;

export const toSource = ({ id, name, answers, updatedAt }: SourceRow): FileSource => ({
  id,
  name,
  answers: JSON.parse(answers) as IntakeAnswers,
  updatedAt,
});

/** Returns what a source is called, where it is. */
export const called = (name: string): string =>
  name === '' ? 'a source of launch files' : `“${name}”`;

/** Returns the fields of a source that may be changed. */
export const sourceFields = ({ name, answers, deletedAt }: SourceRow) => ({
  name,
  answers: JSON.parse(answers) as IntakeAnswers,
  deleted: deletedAt !== null,
});

/** What coaches said of the files each source writes. */
@Injectable()
export class SourcesRepository {
  /** Returns the sources of an academy that are remembered, the latest first. */
  all(scope: Scope, db: Handle): Promise<SourceRow[]> {
    return db
      .select()
      .from(sourceMapping)
      .where(and(eq(sourceMapping.academyId, scope.academyId), isNull(sourceMapping.deletedAt)))
      .orderBy(desc(sourceMapping.updatedAt));
  }

  async find(scope: Scope, db: Handle, id: string): Promise<SourceRow | null> {
    const [row] = await db.select().from(sourceMapping).where(this.own(scope, id));
    return row ?? null;
  }

  /** Returns what is known by a head, forgotten or not; null for none. */
  async byHead(scope: Scope, db: Handle, headerKey: string): Promise<SourceRow | null> {
    const { academyId } = scope;
    const same = and(
      eq(sourceMapping.academyId, academyId),
      eq(sourceMapping.headerKey, headerKey),
    );
    const [row] = await db.select().from(sourceMapping).where(same);
    return row ?? null;
  }

  async insert(scope: Scope, db: Handle, row: Omit<SourceRow, 'academyId'>): Promise<void> {
    await db.insert(sourceMapping).values({ ...row, academyId: scope.academyId });
  }

  /** Writes fields of a source down. */
  async change(
    scope: Scope,
    db: Handle,
    id: string,
    fields: Fields,
    updatedAt: string,
  ): Promise<void> {
    const { name, answers, deleted } = fields as Partial<ReturnType<typeof sourceFields>>;
    await db
      .update(sourceMapping)
      .set({
        updatedAt,
        ...(name !== undefined && { name }),
        ...(answers !== undefined && { answers: JSON.stringify(answers) }),
        ...(deleted !== undefined && { deletedAt: deleted ? updatedAt : null }),
      })
      .where(this.own(scope, id));
  }

  private own(scope: Scope, id: string) {
    return and(eq(sourceMapping.academyId, scope.academyId), eq(sourceMapping.id, id));
  }
}
