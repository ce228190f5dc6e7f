import { EMPTY_BALL } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { BlocksRepository } from '../blocks/blocks.repository.ts';
import { Clock } from '../common/clock.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Fields, Hand, MeasuredBall } from '@loxos/core';
import type { Change } from '../history/change.ts';
import { columnsOf } from '../history/columns.ts';
import { HistoryService } from '../history/history.service.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { MOST_BALLS } from './ball.dto.ts';
import type { Ball, BallPage, CreateBall, UpdateBall } from './ball.dto.ts';
import { BallsRepository, toBall } from './balls.repository.ts';
import type { BallRow } from './balls.repository.ts';
import type { Scope } from '../common/scope.ts';

const HAND = 'hand' as const;

/** Balls with what else is told of each, and whose they are. */
export interface ToldBalls {
  readonly balls: readonly MeasuredBall[];
  readonly told: readonly { readonly name: string; readonly of: (ball: MeasuredBall) => string }[];
  readonly player: string;
  readonly hand: Hand;
}

@Injectable()
export class BallsService {
  constructor(
    private readonly store: Store,
    private readonly balls: BallsRepository,
    private readonly blocks: BlocksRepository,
    private readonly lessons: LessonsRepository,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  /** The balls of a lesson in the order hit, from the first after an ordinal. */
  page(scope: Scope, lessonId: string, after: number): Promise<BallPage> {
    return this.store.read(async (db) => {
      await this.lessons.require(scope, db, lessonId);
      const rows = await this.balls.ofLesson(scope, db, lessonId, { after, most: MOST_BALLS + 1 });
      const balls = rows.slice(0, MOST_BALLS);
      return { balls, next: rows.length > MOST_BALLS ? balls.at(-1)!.ordinal : null };
    });
  }

  /** A lesson's balls with what was said of each, to be written out in a form the intake reads back. */
  async told(scope: Scope, lessonId: string): Promise<ToldBalls> {
    const { player, balls, blocks } = await this.store.read(async (db) => ({
      player: (await this.lessons.require(scope, db, lessonId)).player,
      balls: await this.balls.ofLesson(scope, db, lessonId),
      blocks: await this.blocks.ofLesson(scope, db, lessonId),
    }));
    const rows = balls.map((ball) => ({ ...ball }) as MeasuredBall);
    const said = new Map(rows.map((row, index) => [row, balls[index]!]));
    const blockOf = (row: MeasuredBall) =>
      blocks.find((block) => block.id === said.get(row)?.blockId);
    const told = [
      { name: 'Counted', of: (row: MeasuredBall) => said.get(row)?.keep ?? '' },
      { name: 'Seen by', of: (row: MeasuredBall) => said.get(row)?.seen ?? '' },
      { name: 'Block', of: (row: MeasuredBall) => blockOf(row)?.kind ?? '' },
      { name: 'Drill', of: (row: MeasuredBall) => blockOf(row)?.drillId ?? '' },
    ];
    return { balls: rows, told, player: player.name, hand: player.hand };
  }

  add(scope: Scope, lessonId: string, dto: CreateBall, change: Change): Promise<Ball> {
    const { id: asked, ...figures } = dto;
    if (!Object.values(figures).some((value) => typeof value === 'number')) {
      throw invalid([{ field: 'figures', reason: 'write at least one figure of the ball' }]);
    }
    return this.store.write(async (tx) => {
      await this.lessons.require(scope, tx, lessonId);
      const id = await this.history.idFor(scope, tx, change, asked);
      const known = await this.balls.find(scope, tx, id);
      if (known !== null) {
        if (known.lessonId !== lessonId)
          throw invalid([{ field: 'id', reason: 'this id is another lesson’s ball' }]);
        return toBall(known);
      }
      const at = this.clock.text();
      const ordinal = await this.balls.nextOrdinal(scope, tx, lessonId);
      const base = {
        ...EMPTY_BALL,
        keep: 'auto' as const,
        blockId: await this.blocks.underWay(scope, tx, lessonId),
        createdAt: at,
        updatedAt: at,
      };
      await this.balls.insert(scope, tx, { ...base, ...figures, id, lessonId, ordinal });
      await this.history.made(
        scope,
        tx,
        { thing: 'ball', id, lessonId },
        `ball ${ordinal} added`,
        change,
      );
      return toBall(await this.require(scope, tx, id));
    });
  }

  change(scope: Scope, id: string, dto: UpdateBall, change: Change): Promise<Ball> {
    return this.edit(scope, id, { ...dto }, 'changed', change);
  }

  /** Takes the ball out of the lesson; `restore` brings it back as it was. */
  async remove(scope: Scope, id: string, change: Change): Promise<void> {
    await this.edit(scope, id, { deleted: true }, 'deleted', change);
  }

  restore(scope: Scope, id: string, change: Change): Promise<Ball> {
    return this.edit(scope, id, { deleted: false }, 'brought back', change);
  }

  /** Changes fields of a ball, and writes down what they were. */
  edit(scope: Scope, id: string, wanted: Fields, what: string, change: Change): Promise<Ball> {
    return this.store.write(async (tx) => {
      const row = await this.require(scope, tx, id);
      const { version, lessonId, ordinal } = row;
      const current = { ...toBall(row), deleted: row.deletedAt !== null };
      const of = { thing: 'ball', id, version, lessonId } as const;
      const words = `ball ${ordinal} ${what}`;
      const edit = await this.history.edit(scope, tx, of, current, wanted, words, change);
      if (edit === null) return toBall(row);
      const { deleted } = edit.fields;
      const by = deleted === undefined ? {} : { deletedBy: deleted === true ? HAND : null };
      const times = { version: edit.version, updatedAt: this.clock.text() };
      await this.balls.update(scope, tx, row, {
        ...columnsOf(edit.fields, this.clock.text()),
        ...by,
        ...times,
      });
      return toBall(await this.require(scope, tx, id));
    });
  }

  private async require(scope: Scope, db: Handle, id: string): Promise<BallRow> {
    const row = await this.balls.find(scope, db, id);
    if (row === null) throw new NotFoundException('There is no such ball in this academy.');
    return row;
  }
}
