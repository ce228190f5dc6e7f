import { Injectable } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Found, Saving } from '../history/edits.ts';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { PagesRepository } from './pages.repository.ts';

/** Pages withdrawn from their player, or given again behind the same link. */
@Injectable()
export class PageEdits extends Edits {
  readonly thing = 'page';

  constructor(private readonly pages: PagesRepository) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<Found | null> {
    const row = await this.pages.find(scope, db, id);
    if (row === null) return null;
    const { lessonId, playerId, withdrawnAt } = row;
    const fields = { deleted: withdrawnAt !== null };
    const label = lessonId === null ? 'report' : 'page';
    return { id, of: '', label, fields, version: 1, lessonId, playerId };
  }

  save(scope: Scope, tx: Handle, { id }: Found, { fields, at }: Saving): Promise<void> {
    return this.pages.withdraw(scope, tx, id, fields['deleted'] === true ? at : null);
  }

  /** A page is read with all that its player did at it; whoever changed it asks for that. */
  read(): Promise<null> {
    return Promise.resolve(null);
  }
}
