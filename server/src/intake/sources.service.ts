import { randomUUID } from 'node:crypto';
import type { Fields } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import { SourcesRepository } from './sources.repository.ts';
import type { SourceRow } from './sources.repository.ts';
import type { ChangeSource, FileSource, IntakeAnswers } from './intake.dto.ts';

const toSource = ({ id, name, answers, updatedAt }: SourceRow): FileSource => ({
  id,
  name,
  answers: JSON.parse(answers) as IntakeAnswers,
  updatedAt,
});

/** What a source is called, where it is. */
const called = (name: string): string => (name === '' ? 'a source of launch files' : `“${name}”`);

/** What a change did to a source. */
function whatOf({ name }: SourceRow, wanted: SourceFields): string {
  if (wanted.deleted === true) return `${called(name)} forgotten: its next file asks anew`;
  if (wanted.deleted === false) return `${called(name)} remembered again`;
  if (wanted.answers !== undefined) return `how files of ${called(name)} are read`;
  return `${called(name)} is called ${called(wanted.name ?? '')}`;
}

/** The fields of a source that may be changed. */
export interface SourceFields extends Fields {
  readonly name?: string;
  readonly answers?: IntakeAnswers;
  readonly deleted?: boolean;
}

const fieldsOf = ({ name, answers, deletedAt }: SourceRow) => ({
  name,
  answers: JSON.parse(answers) as IntakeAnswers,
  deleted: deletedAt !== null,
});

/** The sources of launch files that were told about: kept, named, changed and forgotten, each with its history. */
@Injectable()
export class SourcesService {
  constructor(
    private readonly store: Store,
    private readonly sources: SourcesRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  all(scope: Scope): Promise<FileSource[]> {
    return this.store.read(async (db) => (await this.sources.all(scope, db)).map(toSource));
  }

  /** Keeps what was said with a file for the next of its source; one that was forgotten is remembered anew. */
  async keep(
    scope: Scope,
    tx: Handle,
    headerKey: string,
    { name, ...answers }: IntakeAnswers,
    change: Change,
  ): Promise<void> {
    const before = await this.sources.byHead(scope, tx, headerKey);
    // The file that brings them is this change's own entry.
    const beside = { ...change, id: null, seen: null, expects: null };
    if (before !== null) {
      const wanted = { answers, deleted: false, ...(name !== undefined && { name }) };
      const words = `how files of ${called(name ?? before.name)} are read`;
      await this.write(scope, tx, before, wanted, words, beside);
      return;
    }
    const id = randomUUID();
    const row = { name: name ?? '', answers: JSON.stringify(answers), deletedAt: null };
    const updatedAt = this.clock.text();
    await this.sources.insert(scope, tx, { id, headerKey, updatedAt, ...row });
    const words = `${called(row.name)} told of`;
    await this.history.made(scope, tx, { thing: 'source', id }, words, beside);
  }

  /** Changes what a source is called or what was said of it, forgets it, or remembers it again. */
  change(
    scope: Scope,
    id: string,
    { name, answers, isForgotten }: ChangeSource,
    change: Change,
  ): Promise<FileSource> {
    return this.edit(
      scope,
      id,
      {
        ...(name !== undefined && { name }),
        ...(answers !== undefined && { answers: { ...answers } }),
        ...(isForgotten !== undefined && { deleted: isForgotten }),
      },
      change,
    );
  }

  /** Changes fields of a source; 409 where somebody else changed them since the writer looked. */
  edit(scope: Scope, id: string, wanted: SourceFields, change: Change): Promise<FileSource> {
    return this.store.write(async (tx) => {
      const row = await this.sources.find(scope, tx, id);
      if (row === null) throw new NotFoundException('There is no such source in this academy.');
      await this.write(scope, tx, row, wanted, whatOf(row, wanted), change);
      return toSource((await this.sources.find(scope, tx, id))!);
    });
  }

  private async write(
    scope: Scope,
    tx: Handle,
    row: SourceRow,
    wanted: SourceFields,
    what: string,
    change: Change,
  ): Promise<void> {
    const of = { thing: 'source', id: row.id, version: 1 } as const;
    const edit = await this.history.edit(scope, tx, of, fieldsOf(row), wanted, what, change);
    if (edit === null) return;
    const { name, answers, deleted } = edit.fields as SourceFields;
    const updatedAt = this.clock.text();
    await this.sources.change(scope, tx, row.id, {
      updatedAt,
      ...(name !== undefined && { name }),
      ...(answers !== undefined && { answers: JSON.stringify(answers) }),
      ...(deleted !== undefined && { deletedAt: deleted ? updatedAt : null }),
    });
  }
}
