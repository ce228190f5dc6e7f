import { Injectable, NotFoundException } from '@nestjs/common';
import { nowText } from '../common/clock.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/store.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { COACH, StepsRepository } from '../steps/steps.repository.ts';
import type { Block, MoveBalls, StartBlock, UpdateBlock } from './block.dto.ts';
import { BlocksRepository, toBlock } from './blocks.repository.ts';
import type { BlockRow } from './blocks.repository.ts';

/** What the next balls are hit as; begun before they are hit. */
@Injectable()
export class BlocksService {
  constructor(
    private readonly store: Store,
    private readonly blocks: BlocksRepository,
    private readonly lessons: LessonsRepository,
    private readonly steps: StepsRepository,
  ) {}

  /** Begins a block; sent twice with one id it is one, and one taken away is brought back. */
  start(lessonId: string, dto: StartBlock): Promise<Block> {
    return this.store.write(async (tx) => {
      await this.lessons.require(tx, lessonId);
      const known = await this.blocks.find(tx, dto.id);
      if (known !== null) {
        if (known.deletedAt !== null) await this.blocks.update(tx, dto.id, { deletedAt: null });
        return toBlock(known);
      }
      const at = nowText();
      const row = {
        id: dto.id,
        lessonId,
        kind: dto.kind,
        drillId: dto.drillId ?? null,
        doseStep: dto.doseStep ?? null,
        note: dto.note ?? '',
        aim: dto.aim == null ? null : JSON.stringify(dto.aim),
        startedAt: at,
        deletedAt: null,
      };
      await this.blocks.insert(tx, row);
      await this.steps.noteChange(tx, lessonId, { who: COACH, at }, `${dto.kind} begun`, null);
      return toBlock({ ...row, academyId: '' });
    });
  }

  change(id: string, dto: UpdateBlock): Promise<Block> {
    return this.mark(id, { ...dto }, 'changed');
  }

  /** Takes a block away; its balls are then in none. */
  async remove(id: string): Promise<void> {
    await this.mark(id, { deletedAt: nowText() }, 'taken away');
  }

  move(lessonId: string, { ballIds, blockId }: MoveBalls): Promise<void> {
    return this.store.write(async (tx) => {
      await this.lessons.require(tx, lessonId);
      const to = blockId === null ? null : await this.blocks.find(tx, blockId);
      if (blockId !== null && to?.lessonId !== lessonId) {
        throw invalid([{ field: 'blockId', reason: 'choose a block of this lesson' }]);
      }
      const at = nowText();
      await this.blocks.move(tx, lessonId, ballIds, { blockId, updatedAt: at });
      const words = `${ballIds.length} balls put into ${to?.kind ?? 'no block'}`;
      await this.steps.noteChange(tx, lessonId, { who: COACH, at }, words, null);
    });
  }

  private mark(id: string, changes: Partial<BlockRow>, what: string): Promise<Block> {
    return this.store.write(async (tx) => {
      const before = await this.require(tx, id);
      const at = nowText();
      await this.blocks.update(tx, id, changes);
      const { lessonId, kind } = before;
      const words = `${kind} ${what}`;
      await this.steps.noteChange(tx, lessonId, { who: COACH, at }, words, JSON.stringify(before));
      return toBlock(await this.require(tx, id));
    });
  }

  private async require(db: Handle, id: string): Promise<BlockRow> {
    const row = await this.blocks.find(db, id);
    if (row === null) throw new NotFoundException('There is no such block in this academy.');
    return row;
  }
}
