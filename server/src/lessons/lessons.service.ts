import { GoneException, Injectable, NotFoundException } from '@nestjs/common';
import { Clock } from '../common/clock.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Fields } from '@loxos/core';
import type { Change } from '../history/change.ts';
import { columnsOf } from '../history/columns.ts';
import { HistoryService } from '../history/history.service.ts';
import { CatchUp } from '../readings/catch-up.ts';
import { PlayersRepository } from '../players/players.repository.ts';
import { toPlayer } from '../players/players.service.ts';
import type {
  CreateLesson,
  LessonHead,
  LessonQuery,
  LessonSummary,
  UpdateLesson,
} from './lesson.dto.ts';
import { LessonsRepository } from './lessons.repository.ts';
import type { LessonWithPlayer } from './lessons.repository.ts';
import type { Scope } from '../common/scope.ts';

const toSummary = (scope: Scope, { lesson, player }: LessonWithPlayer): LessonSummary => ({
  id: lesson.id,
  startsAt: lesson.startsAt,
  asked: lesson.asked,
  ballCount: lesson.ballCount,
  player: toPlayer(scope, player),
  version: lesson.version,
});

/** One spelling of an instant, so that texts compare as times. */
const instant = (text: string): string => new Date(text).toISOString();
const instantOr = (text: string | undefined): string | undefined =>
  text === undefined ? undefined : instant(text);

@Injectable()
export class LessonsService {
  constructor(
    private readonly store: Store,
    private readonly lessons: LessonsRepository,
    private readonly players: PlayersRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
    private readonly catchUp: CatchUp,
  ) {}

  async list(scope: Scope, query: LessonQuery): Promise<LessonSummary[]> {
    const wanted = { ...query, from: instantOr(query.from), to: instantOr(query.to) };
    const rows = await this.store.read((db) => this.lessons.list(scope, db, wanted));
    return rows.map((row) => toSummary(scope, row));
  }

  /** A lesson's head, with what another device than the asking one changed last. */
  get(scope: Scope, id: string, device: string): Promise<LessonHead> {
    return this.store.read(async (db) => {
      const found = await this.lessons.require(scope, db, id);
      return {
        ...toSummary(scope, found),
        previousLessonId: await this.lessons.before(scope, db, found.lesson),
        lastChange: await this.history.lastOf(scope, db, id, device),
      };
    });
  }

  create(scope: Scope, dto: CreateLesson, change: Change): Promise<LessonSummary> {
    return this.store.write(async (tx) => {
      const id = await this.history.idFor(scope, tx, change, dto.id);
      const known = await this.lessons.find(scope, tx, id);
      if (known !== null) return toSummary(scope, known);
      if ((await this.lessons.row(scope, tx, id)) !== null)
        throw new GoneException('This lesson was taken away.');
      const player = await this.players.find(scope, tx, dto.playerId);
      if (player === null || player.deletedAt !== null) {
        throw invalid([{ field: 'playerId', reason: 'choose a player of this academy' }]);
      }
      const at = this.clock.text();
      await this.lessons.insert(scope, tx, {
        id,
        playerId: dto.playerId,
        startsAt: instant(dto.startsAt),
        asked: dto.asked ?? '',
        ballCount: 0,
        ballsVersion: 0,
        version: 1,
        createdAt: at,
        updatedAt: at,
        deletedAt: null,
      });
      const of = { thing: 'lesson', id, lessonId: id, playerId: dto.playerId } as const;
      await this.history.made(scope, tx, of, 'lesson opened', change);
      return toSummary(scope, await this.lessons.require(scope, tx, id));
    });
  }

  update(
    scope: Scope,
    id: string,
    { startsAt, asked }: UpdateLesson,
    change: Change,
  ): Promise<LessonSummary> {
    const wanted = { startsAt: instantOr(startsAt), asked };
    return this.edit(scope, id, wanted, 'lesson changed', change) as Promise<LessonSummary>;
  }

  /** Takes a lesson away with all that is in it; `restore` brings it back as it was. */
  async remove(scope: Scope, id: string, change: Change): Promise<void> {
    await this.edit(scope, id, { deleted: true }, 'lesson taken away', change);
  }

  restore(scope: Scope, id: string, change: Change): Promise<LessonSummary> {
    const back = this.edit(scope, id, { deleted: false }, 'lesson brought back', change);
    return back as Promise<LessonSummary>;
  }

  /** Changes fields of a lesson, and writes down what they were; null where it is taken away. */
  edit(
    scope: Scope,
    id: string,
    wanted: Fields,
    what: string,
    change: Change,
  ): Promise<LessonSummary | null> {
    return this.store.write(async (tx) => {
      const row = await this.lessons.row(scope, tx, id);
      if (row === null || (row.deletedAt !== null && !('deleted' in wanted)))
        throw new NotFoundException('There is no such lesson in this academy.');
      const { version, playerId, startsAt, asked } = row;
      const current = { startsAt, asked, deleted: row.deletedAt !== null };
      const of = { thing: 'lesson', id, version, lessonId: id, playerId } as const;
      const edit = await this.history.edit(scope, tx, of, current, wanted, what, change);
      if (edit !== null) {
        const times = { version: edit.version, updatedAt: this.clock.text() };
        await this.lessons.update(scope, tx, id, {
          ...columnsOf(edit.fields, this.clock.text()),
          ...times,
        });
        // When it was says where it stands in the record.
        this.catchUp.nudge();
      }
      const found = await this.lessons.find(scope, tx, id);
      return found === null ? null : toSummary(scope, found);
    });
  }
}
