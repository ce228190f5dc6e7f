import { Injectable, NotFoundException } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { SourcesRepository } from './sources.repository.ts';
import type { SourceRow } from './sources.repository.ts';
import type { ChangeSource, FileSource, IntakeAnswers } from './intake.dto.ts';

const toSource = ({ id, name, answers, updatedAt }: SourceRow): FileSource => ({
  id,
  name,
  answers: JSON.parse(answers) as IntakeAnswers,
  updatedAt,
});

/** The sources of launch files that were told about: named, changed and forgotten. */
@Injectable()
export class SourcesService {
  constructor(
    private readonly store: Store,
    private readonly sources: SourcesRepository,
    private readonly clock: Clock,
  ) {}

  all(scope: Scope): Promise<FileSource[]> {
    return this.store.read(async (db) => (await this.sources.all(scope, db)).map(toSource));
  }

  /** Changes what a source is called or what was said of it, forgets it, or remembers it again. */
  async change(
    scope: Scope,
    id: string,
    { name, answers, isForgotten }: ChangeSource,
  ): Promise<FileSource> {
    return this.store.write(async (tx) => {
      if ((await this.sources.find(scope, tx, id)) === null)
        throw new NotFoundException('There is no such source in this academy.');
      const at = this.clock.text();
      await this.sources.change(scope, tx, id, {
        updatedAt: at,
        ...(name !== undefined && { name }),
        ...(answers !== undefined && { answers: JSON.stringify(answers) }),
        ...(isForgotten !== undefined && { deletedAt: isForgotten ? at : null }),
      });
      return toSource((await this.sources.find(scope, tx, id))!);
    });
  }
}
