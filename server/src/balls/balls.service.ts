import { TOLD_COLUMNS } from '@loxos/core';
import type { Hand, MeasuredBall } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { BlocksRepository } from '../blocks/blocks.repository.ts';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { MOST_BALLS } from './ball.dto.ts';
import type { BallPage } from './ball.dto.ts';
import { BallsRepository } from './balls.repository.ts';
import { TOLD } from './measured.ts';

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
  ) {}

  /** Returns the balls of a lesson in the order hit, from the first after an ordinal. */
  page(scope: Scope, lessonId: string, after: number): Promise<BallPage> {
    return this.store.read(async (db) => {
      await this.lessons.require(scope, db, lessonId);
      const rows = await this.balls.ofLesson(scope, db, lessonId, { after, most: MOST_BALLS + 1 });
      const balls = rows.slice(0, MOST_BALLS);
      return { balls, next: rows.length > MOST_BALLS ? balls.at(-1)!.ordinal : null };
    });
  }

  /** Returns a lesson's balls with what was said of each, to be written out in a form the intake reads back. */
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
      ...TOLD.map((field) => ({
        name: TOLD_COLUMNS[field],
        of: (row: MeasuredBall) => said.get(row)?.[field] ?? '',
      })),
      { name: 'Block', of: (row: MeasuredBall) => blockOf(row)?.kind ?? '' },
      { name: 'Drill', of: (row: MeasuredBall) => blockOf(row)?.drillId ?? '' },
    ];
    return { balls: rows, told, player: player.name, hand: player.hand };
  }
}
