import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import { HistoryService } from '../history/history.service.ts';
import type { Writer } from '../history/history.service.ts';
import { SourcesRepository, called, sourceFields, toSource } from './sources.repository.ts';
import type { FileSource, IntakeAnswers } from './intake.dto.ts';

/** The sources of launch files that were told about. */
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
    writer: Writer,
  ): Promise<void> {
    const before = await this.sources.byHead(scope, tx, headerKey);
    const at = this.clock.text();
    // The file that brings them is this change's own entry.
    const beside = { ...writer, id: null };
    if (before === null) {
      const id = randomUUID();
      const row = { name: name ?? '', answers: JSON.stringify(answers), deletedAt: null };
      await this.sources.insert(scope, tx, { id, headerKey, updatedAt: at, ...row });
      const words = `${called(row.name)} told of`;
      await this.history.made(scope, tx, { thing: 'source', id }, words, beside);
      return;
    }
    const { id } = before;
    const of = { thing: 'source', id, version: 1 } as const;
    const fields = sourceFields(before);
    const wanted = { answers, deleted: false, ...(name !== undefined && { name }) };
    const expected = { seen: null, was: null };
    const changed = await this.history.settle(
      scope,
      tx,
      { ...of, fields },
      wanted,
      expected,
      beside,
    );
    if (changed === null) return;
    await this.sources.change(scope, tx, id, changed.after, at);
    const words = `${called(name ?? before.name)} told of anew`;
    await this.history.note(scope, tx, [{ ...of, ...changed }], words, beside);
  }
}
