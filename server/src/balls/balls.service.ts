import { randomUUID } from 'node:crypto';
import { EMPTY_BALL } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { BlocksRepository } from '../blocks/blocks.repository.ts';
import { nowText } from '../common/clock.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/store.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { COACH, StepsRepository } from '../steps/steps.repository.ts';
import type { Ball, CreateBall, UpdateBall } from './ball.dto.ts';
import { BallsRepository, toBall } from './balls.repository.ts';
import type { BallRow } from './balls.repository.ts';

@Injectable()
export class BallsService {
  constructor(
    private readonly store: Store,
    private readonly balls: BallsRepository,
    private readonly blocks: BlocksRepository,
    private readonly lessons: LessonsRepository,
    private readonly steps: StepsRepository,
  ) {}

  add(lessonId: string, dto: CreateBall): Promise<Ball> {
    const { id = randomUUID(), ...figures } = dto;
    if (!Object.values(figures).some((value) => typeof value === 'number')) {
      throw invalid([{ field: 'figures', reason: 'write at least one figure of the ball' }]);
    }
    return this.store.write(async (tx) => {
      await this.lessons.require(tx, lessonId);
      const known = await this.balls.find(tx, id);
      if (known !== null) return toBall(known);
      const at = nowText();
      const ordinal = await this.balls.nextOrdinal(tx, lessonId);
      const base = {
        ...EMPTY_BALL,
        keep: 'auto' as const,
        blockId: await this.blocks.underWay(tx, lessonId),
        createdAt: at,
        updatedAt: at,
      };
      await this.balls.insert(tx, [{ ...base, ...figures, id, lessonId, ordinal }]);
      await this.steps.noteChange(tx, lessonId, { who: COACH, at }, `ball ${ordinal} added`, null);
      return toBall(await this.require(tx, id));
    });
  }

  change(id: string, dto: UpdateBall): Promise<Ball> {
    return this.mark(id, { ...dto }, 'changed');
  }

  /** Takes the ball out of the lesson; `restore` brings it back as it was. */
  async remove(id: string): Promise<void> {
    await this.mark(id, { deletedAt: nowText() }, 'deleted');
  }

  restore(id: string): Promise<Ball> {
    return this.mark(id, { deletedAt: null }, 'brought back');
  }

  private mark(id: string, changes: Partial<BallRow>, what: string): Promise<Ball> {
    return this.store.write(async (tx) => {
      const before = await this.require(tx, id);
      const at = nowText();
      await this.balls.update(tx, id, { ...changes, updatedAt: at });
      const words = `ball ${before.ordinal} ${what}`;
      const { lessonId } = before;
      await this.steps.noteChange(tx, lessonId, { who: COACH, at }, words, JSON.stringify(before));
      return toBall(await this.require(tx, id));
    });
  }

  private async require(db: Handle, id: string): Promise<BallRow> {
    const row = await this.balls.find(db, id);
    if (row === null) throw new NotFoundException('There is no such ball in this academy.');
    return row;
  }
}
