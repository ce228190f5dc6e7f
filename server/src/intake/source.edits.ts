import type { Fields } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Found, Saving } from '../history/edits.ts';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { ChangeSource } from './intake.dto.ts';
import type { FileSource } from './intake.dto.ts';
import { SourcesRepository, called, sourceFields, toSource } from './sources.repository.ts';

/** Sources of launch files renamed, told of anew, forgotten and remembered. */
@Injectable()
export class SourceEdits extends Edits {
  readonly thing = 'source';
  override readonly fieldsOf = { set: ChangeSource };

  constructor(private readonly sources: SourcesRepository) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<Found | null> {
    const row = await this.sources.find(scope, db, id);
    if (row === null) return null;
    return { id, of: '', label: called(row.name), fields: sourceFields(row), version: 1 };
  }

  override did(_scope: Scope, _tx: Handle, { name, answers }: Fields): Promise<string | undefined> {
    if (answers !== undefined) return Promise.resolve('told of anew');
    return Promise.resolve(name === undefined ? undefined : `called ${called(name as string)}`);
  }

  save(scope: Scope, tx: Handle, { id }: Found, { fields, at }: Saving): Promise<void> {
    return this.sources.change(scope, tx, id, fields, at);
  }

  async read(scope: Scope, db: Handle, id: string): Promise<FileSource | null> {
    const row = await this.sources.find(scope, db, id);
    return row === null || row.deletedAt !== null ? null : toSource(row);
  }
}
