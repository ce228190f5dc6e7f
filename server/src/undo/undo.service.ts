import type { Fields } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { BallsService } from '../balls/balls.service.ts';
import { BlocksService } from '../blocks/blocks.service.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import { DrillsService } from '../drills/drills.service.ts';
import type { Change } from '../history/change.ts';
import type { HistoryEntry } from '../history/history.dto.ts';
import { HistoryRepository } from '../history/history.repository.ts';
import type { HistoryLine, HistoryRow } from '../history/history.repository.ts';
import { IntakeService } from '../intake/intake.service.ts';
import { SourcesService } from '../intake/sources.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { LessonsService } from '../lessons/lessons.service.ts';
import { PagesService } from '../pages/pages.service.ts';
import { readsPersonal, withoutPersonal } from '../players/personal.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import { PlayersService } from '../players/players.service.ts';
import { SettingsService } from '../settings/settings.service.ts';
import { StepsService } from '../steps/steps.service.ts';
import type { Scope } from '../common/scope.ts';

const read = (json: string | null): Record<string, unknown> =>
  json === null ? {} : (JSON.parse(json) as Record<string, unknown>);

/** What only an owner changes is changed back where it is changed; what a player wrote, or was agreed to, stays. */
const STAYS: ReadonlySet<HistoryRow['thing']> = new Set(['person', 'academy', 'word', 'consent']);

/** A change as it stands in history; `isRead`: whether what is personal in it may be read, and so put back. */
function toEntry(row: HistoryLine, isRead = true): HistoryEntry {
  const hidden = (fields: Fields): Fields | null =>
    isRead ? null : withoutPersonal(row.thing, fields);
  const [before, after] = [read(row.before), read(row.after)];
  const isHidden = hidden(before) !== null || hidden(after) !== null;
  return {
    id: row.id,
    thing: row.thing,
    thingId: row.thingId,
    at: row.at,
    who: row.who,
    what: row.what,
    times: row.times,
    before: hidden(before) ?? before,
    after: hidden(after) ?? after,
    canUndo: row.times === 1 && row.before !== null && !STAYS.has(row.thing) && !isHidden,
  };
}

/** Takes a change back from what history says it was, as a change of its own. */
@Injectable()
export class UndoService {
  constructor(
    private readonly store: Store,
    private readonly history: HistoryRepository,
    private readonly lessonRows: LessonsRepository,
    private readonly playerRows: PlayersRepository,
    private readonly players: PlayersService,
    private readonly lessons: LessonsService,
    private readonly balls: BallsService,
    private readonly blocks: BlocksService,
    private readonly steps: StepsService,
    private readonly files: IntakeService,
    private readonly sources: SourcesService,
    private readonly pages: PagesService,
    private readonly drills: DrillsService,
    private readonly settings: SettingsService,
  ) {}

  /** What was done in a lesson, taken away or not; the newest first. */
  ofLesson(scope: Scope, lessonId: string): Promise<HistoryEntry[]> {
    return this.store.read(async (db) => {
      const lesson = await this.lessonRows.row(scope, db, lessonId);
      if (lesson === null) throw new NotFoundException('There is no such lesson in this academy.');
      const player = await this.playerRows.find(scope, db, lesson.playerId);
      // What it was before may be of another day.
      const isRead = player !== null && readsPersonal(scope, player);
      const rows = await this.history.ofLesson(scope, db, lessonId);
      return rows.map((row) => toEntry(row, isRead));
    });
  }

  /** What was done with a player, taken away or not; the newest first. */
  ofPlayer(scope: Scope, playerId: string): Promise<HistoryEntry[]> {
    return this.store.read(async (db) => {
      const player = await this.playerRows.find(scope, db, playerId);
      if (player === null) throw new NotFoundException('There is no such player in this academy.');
      const rows = await this.history.last(scope, db, playerId);
      return rows.map((row) => toEntry(row, readsPersonal(scope, player)));
    });
  }

  /** What was done with the academy's rules, drills and people; the newest first. */
  async ofAcademy(scope: Scope): Promise<HistoryEntry[]> {
    const rows = await this.store.read((db) => this.history.last(scope, db, null));
    return rows.map((row) => toEntry(row));
  }

  /** Puts the fields of a change back; 409 where somebody changed them since. */
  async undo(scope: Scope, id: string, change: Change): Promise<void> {
    const row = await this.store.read((db) => this.history.find(scope, db, id));
    if (row === null) throw new NotFoundException('There is no such change in this academy.');
    if (row.before === null || STAYS.has(row.thing))
      throw invalid([{ field: 'id', reason: 'this change cannot be taken back from here' }]);
    await this.put(scope, row, read(row.before), {
      ...change,
      seen: null,
      expects: read(row.after),
    });
  }

  private put(scope: Scope, row: HistoryRow, before: Fields, change: Change): Promise<unknown> {
    const { thing, thingId: id } = row;
    const what = 'put back';
    const deleted = before['deleted'] === true;
    switch (thing) {
      case 'player':
        return this.players.edit(scope, id, before, `player ${what}`, change);
      case 'lesson':
        return this.lessons.edit(scope, id, before, `lesson ${what}`, change);
      case 'ball':
        return this.balls.edit(scope, id, before, what, change);
      case 'block':
        return this.blocks.edit(scope, id, before, what, change);
      case 'balls': {
        const places = before as Record<string, string | null>;
        return this.blocks.place(scope, id, places, 'balls put back into their blocks', change);
      }
      case 'part': {
        const part = id.slice(id.indexOf('.') + 1);
        return this.steps.edit(scope, row.lessonId!, part, before, what, change);
      }
      case 'repetition':
        return this.steps.markRepetition(scope, id, deleted, change);
      case 'file':
        return this.files.mark(scope, id, deleted, change);
      case 'source':
        return this.sources.edit(scope, id, before, change);
      case 'page':
        return this.pages.mark(scope, id, deleted, change);
      case 'drill':
        return this.drills.mark(scope, id, deleted, change);
      case 'person':
      case 'academy':
      case 'word':
      case 'consent':
        throw new Error('was refused before');
      case 'setting':
        return this.settings.edit(scope, before, `settings ${what}`, change);
    }
  }
}
