import { Injectable } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Found, Making } from '../history/edits.ts';
import type { Scope } from '../common/scope.ts';
import { invalid } from '../common/validation.ts';
import type { Handle } from '../db/handle.ts';
import { AddWord } from './page.dto.ts';
import type { PageWord } from './page.dto.ts';
import { PagesRepository } from './pages.repository.ts';

/** As many as a player writes back from one page. */
const MOST_WORDS = 50;

/** What a player writes back to the coach from their page; sent twice it is one. */
@Injectable()
export class WordEdits extends Edits<Found, AddWord> {
  readonly thing = 'word';
  override readonly fieldsOf = { add: AddWord };
  override readonly id = {
    pattern: /^[\w-]{8,60}$/,
    reason: 'id: letters, digits, - and _, 8 to 60',
  };

  constructor(private readonly pages: PagesRepository) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<Found | null> {
    const row = await this.pages.findWord(scope, db, id);
    if (row === null) return null;
    const page = await this.pages.find(scope, db, row.pageId);
    const whose = { lessonId: page?.lessonId ?? null, playerId: page?.playerId ?? null };
    return { id, of: row.pageId, label: 'a word back', fields: {}, version: 0, ...whose };
  }

  override async make(
    scope: Scope,
    tx: Handle,
    { id, of, fields, at }: Making<AddWord>,
  ): Promise<void> {
    if ((await this.pages.words(scope, tx, of)).length >= MOST_WORDS)
      throw invalid([{ field: 'text', reason: 'that is enough for one page: tell your coach' }]);
    const { text } = fields;
    await this.pages.addWord(scope, tx, { id, text, at, pageId: of });
  }

  save(): Promise<void> {
    throw new Error('a word back stays as it was written');
  }

  async read(scope: Scope, db: Handle, id: string): Promise<PageWord | null> {
    const row = await this.pages.findWord(scope, db, id);
    return row === null ? null : { id, text: row.text, at: row.at };
  }
}
