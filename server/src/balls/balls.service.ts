import { randomUUID } from 'node:crypto';
import { EMPTY_BALL } from '@loxos/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { nowText } from '../common/clock.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/store.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { Ball, CreateBall, TagBalls, UpdateBall } from './ball.dto.ts';
import { BallsRepository, toBall } from './balls.repository.ts';
import type { BallRow } from './balls.repository.ts';

@Injectable()
export class BallsService {
  constructor(
    private readonly store: Store,
    private readonly balls: BallsRepository,
    private readonly lessons: LessonsRepository,
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
        block: null,
        drillId: null,
        createdAt: at,
        updatedAt: at,
      };
      await this.balls.insert(tx, [{ ...base, ...figures, id, lessonId, ordinal }]);
      return toBall(await this.require(tx, id));
    });
  }

  change(id: string, dto: UpdateBall): Promise<Ball> {
    return this.mark(id, { ...dto });
  }

  /** Takes the ball out of the lesson; `restore` brings it back as it was. */
  async remove(id: string): Promise<void> {
    await this.mark(id, { deletedAt: nowText() });
  }

  restore(id: string): Promise<Ball> {
    return this.mark(id, { deletedAt: null });
  }

  tag(lessonId: string, { ballIds, block, drillId = null }: TagBalls): Promise<void> {
    return this.store.write(async (tx) => {
      await this.lessons.require(tx, lessonId);
      await this.balls.tag(tx, lessonId, ballIds, { block, drillId, updatedAt: nowText() });
    });
  }

  private mark(id: string, changes: Partial<BallRow>): Promise<Ball> {
    return this.store.write(async (tx) => {
      await this.require(tx, id);
      await this.balls.update(tx, id, { ...changes, updatedAt: nowText() });
      return toBall(await this.require(tx, id));
    });
  }

  private async require(db: Handle, id: string): Promise<BallRow> {
    const row = await this.balls.find(db, id);
    if (row === null) throw new NotFoundException('There is no such ball in this academy.');
    return row;
  }
}
