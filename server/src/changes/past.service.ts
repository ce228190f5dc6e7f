import { THINGS, THING_NAMES, inverse, mayDo } from '@loxos/core';
import type { Done, Fields } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { HistoryRepository } from '../history/history.repository.ts';
import type { HistoryLine, HistoryRow } from '../history/history.repository.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { readsPersonal, withoutPersonal } from '../players/personal.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import { NO_PLAYER } from '../players/players.service.ts';
import type { HistoryEntry, PastStep } from './past.dto.ts';

const read = (json: string | null): Record<string, unknown> =>
  json === null ? {} : (JSON.parse(json) as Record<string, unknown>);

const isEdited = (step: PastStep): step is PastStep & Done =>
  THING_NAMES.some((thing) => thing === step.thing);

/** Returns what a row of a thing is of. */
function ofRow({ thing, lessonId, playerId }: HistoryRow): string {
  const parent = THING_NAMES.includes(thing as Done['thing'])
    ? THINGS[thing as Done['thing']].parent
    : null;
  if (parent === null) return '';
  return (parent === 'player' ? playerId : lessonId) ?? '';
}

/** Returns what a row says was done; one of many balls put into blocks is what it did to each. */
function stepsOf(row: HistoryRow): PastStep[] {
  const { thing, thingId: id } = row;
  const [before, after] = [read(row.before), read(row.after)];
  if (thing !== 'balls') return [{ thing, id, of: ofRow(row), before, after }];
  return Object.entries(before).map(([ballId, blockId]) => ({
    thing: 'ball',
    id: ballId,
    of: id,
    before: { blockId },
    after: { blockId: after[ballId] ?? null },
  }));
}

/** Returns a change as it stands in history; `isRead`: whether what is personal in it may be read, and so put back. */
function toEntry({ rows, at, times }: HistoryLine, isRead = true): HistoryEntry {
  const [{ id, who, what }] = rows;
  const all = rows.flatMap(stepsOf);
  const hidden = (thing: string, fields: Fields): Fields | null =>
    isRead ? null : withoutPersonal(thing, fields);
  const steps = all.map((step) => ({
    ...step,
    before: hidden(step.thing, step.before) ?? step.before,
    after: hidden(step.thing, step.after) ?? step.after,
  }));
  const isHidden = all.some(
    ({ thing, before, after }) => hidden(thing, before) !== null || hidden(thing, after) !== null,
  );
  const isKept = rows.every(({ before }) => before !== null);
  const canUndo = times === 1 && isKept && !isHidden && mayBeUndone(all);
  return { id, at, who, what, times, steps, canUndo };
}

/** Returns whether what takes steps back is done by whoever plans: what a player wrote, or was agreed to, stays. */
const mayBeUndone = (steps: readonly PastStep[]): boolean =>
  steps.every(isEdited) &&
  inverse(steps.filter(isEdited)).every(({ thing, verb }) => mayDo(thing, verb, ['log', 'plan']));

/** What was changed: read here, and taken back by a change of its own. */
@Injectable()
export class PastService {
  constructor(
    private readonly store: Store,
    private readonly history: HistoryRepository,
    private readonly lessons: LessonsRepository,
    private readonly players: PlayersRepository,
  ) {}

  /** Returns what was done in a lesson, taken away or not; the newest first. */
  ofLesson(scope: Scope, lessonId: string): Promise<HistoryEntry[]> {
    return this.store.read(async (db) => {
      const lesson = await this.lessons.row(scope, db, lessonId);
      if (lesson === null) throw new NotFoundException('There is no such lesson in this academy.');
      const player = await this.players.find(scope, db, lesson.playerId);
      // What it was before may be of another day.
      const isRead = player !== null && readsPersonal(scope, player);
      const lines = await this.history.ofLesson(scope, db, lessonId);
      return lines.map((line) => toEntry(line, isRead));
    });
  }

  /** Returns what was done with a player, taken away or not; the newest first. */
  ofPlayer(scope: Scope, playerId: string): Promise<HistoryEntry[]> {
    return this.store.read(async (db) => {
      const player = await this.players.find(scope, db, playerId);
      if (player === null) throw new NotFoundException(NO_PLAYER);
      const lines = await this.history.last(scope, db, playerId);
      return lines.map((line) => toEntry(line, readsPersonal(scope, player)));
    });
  }

  /** Returns what was done with the academy's rules, drills and people; the newest first. */
  async ofAcademy(scope: Scope): Promise<HistoryEntry[]> {
    const lines = await this.store.read((db) => this.history.last(scope, db, null));
    return lines.map((line) => toEntry(line));
  }
}
