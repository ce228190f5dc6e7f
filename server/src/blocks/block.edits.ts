import { BLANK_BLOCK } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Found, Making, Saving } from '../history/edits.ts';
import { columnsOf } from '../history/columns.ts';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { StartBlock, UpdateBlock } from './block.dto.ts';
import type { Block } from './block.dto.ts';
import { BlocksRepository, toBlock } from './blocks.repository.ts';
import type { BlockRow } from './blocks.repository.ts';

interface FoundBlock extends Found {
  readonly row: BlockRow;
}

/** Blocks begun before their balls are hit; one that is taken away leaves its balls in none. */
@Injectable()
export class BlockEdits extends Edits<FoundBlock, StartBlock> {
  readonly thing = 'block';
  override readonly fieldsOf = { add: StartBlock, set: UpdateBlock };

  constructor(
    private readonly blocks: BlocksRepository,
    private readonly lessons: LessonsRepository,
  ) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<FoundBlock | null> {
    const row = await this.blocks.find(scope, db, id);
    if (row === null) return null;
    const { lessonId, kind, version, deletedAt } = row;
    const fields = { ...toBlock(row), deleted: deletedAt !== null };
    return { id, of: lessonId, lessonId, label: kind, fields, version, row };
  }

  override async make(
    scope: Scope,
    tx: Handle,
    { id, of, fields, at }: Making<StartBlock>,
  ): Promise<void> {
    await this.lessons.require(scope, tx, of);
    const { aim, ...said } = { ...BLANK_BLOCK, ...fields };
    await this.blocks.insert(scope, tx, {
      ...said,
      aim: aim == null ? null : JSON.stringify(aim),
      id,
      lessonId: of,
      version: 1,
      startedAt: at,
      deletedAt: null,
    });
  }

  async save(scope: Scope, tx: Handle, { row }: FoundBlock, saving: Saving): Promise<void> {
    const { fields, version, at } = saving;
    await this.blocks.update(scope, tx, row, { ...columnsOf(fields, at), version });
  }

  async read(scope: Scope, db: Handle, id: string): Promise<Block | null> {
    const row = await this.blocks.find(scope, db, id);
    return row === null || row.deletedAt !== null ? null : toBlock(row);
  }
}
