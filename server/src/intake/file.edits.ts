import { Injectable } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Found, Saving } from '../history/edits.ts';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { ArrivalsService } from './arrivals.service.ts';
import { FilesRepository, toLaunchFile } from './files.repository.ts';
import type { LaunchFile } from './intake.dto.ts';

/** Launch files taken back out of their lesson with their balls, and brought in again. */
@Injectable()
export class FileEdits extends Edits {
  readonly thing = 'file';

  constructor(
    private readonly files: FilesRepository,
    private readonly arrivals: ArrivalsService,
  ) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<Found | null> {
    const row = await this.files.find(scope, db, id);
    if (row === null) return null;
    const { lessonId, name, deletedAt } = row;
    const fields = { deleted: deletedAt !== null };
    return { id, of: lessonId, label: `“${name}”`, fields, version: 1, lessonId };
  }

  save(scope: Scope, tx: Handle, { id }: Found, { fields }: Saving): Promise<void> {
    return fields['deleted'] === true
      ? this.arrivals.takeOut(scope, tx, id)
      : this.arrivals.putIn(scope, tx, id);
  }

  async read(scope: Scope, db: Handle, id: string): Promise<LaunchFile | null> {
    const row = await this.files.find(scope, db, id);
    return row === null || row.deletedAt !== null ? null : toLaunchFile(row);
  }
}
