import { Injectable } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Found, Making, Saving } from '../history/edits.ts';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { CreateOwnDrill } from './drill.dto.ts';
import type { OwnDrill } from './drill.dto.ts';
import { DrillsRepository, toDrill } from './drills.repository.ts';

/** Drills of the academy's own made, taken away and brought back. */
@Injectable()
export class DrillEdits extends Edits {
  readonly thing = 'drill';
  override readonly fieldsOf = { add: CreateOwnDrill };
  override readonly id = {
    pattern: /^own-[\w-]{8,60}$/,
    reason: 'id: own- and letters, digits, - and _, 8 to 60',
  };

  constructor(private readonly drills: DrillsRepository) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<Found | null> {
    const row = await this.drills.find(scope, db, id);
    if (row === null) return null;
    const fields = { deleted: row.deletedAt !== null };
    return { id, of: '', label: `drill ${toDrill(row).name}`, fields, version: 1 };
  }

  override async make(scope: Scope, tx: Handle, { id, fields, at }: Making): Promise<void> {
    await this.drills.insert(scope, tx, { id, value: JSON.stringify(fields), createdAt: at });
  }

  async save(scope: Scope, tx: Handle, { id }: Found, { fields, at }: Saving): Promise<void> {
    await this.drills.mark(scope, tx, id, fields['deleted'] === true ? at : null);
  }

  async read(scope: Scope, db: Handle, id: string): Promise<OwnDrill | null> {
    const row = await this.drills.find(scope, db, id);
    return row === null || row.deletedAt !== null ? null : toDrill(row);
  }
}
