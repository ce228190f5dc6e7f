import { BLANK_BALL } from '@loxos/core';
import type { Fields } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { BlocksRepository } from '../blocks/blocks.repository.ts';
import { Edits } from '../history/edits.ts';
import type { Checking, Found, Making, Saving } from '../history/edits.ts';
import { columnsOf } from '../history/columns.ts';
import type { Scope } from '../common/scope.ts';
import { invalid } from '../common/validation.ts';
import type { Handle } from '../db/handle.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { CreateBall, UpdateBall } from './ball.dto.ts';
import type { Ball } from './ball.dto.ts';
import { BallsRepository, toBall } from './balls.repository.ts';
import type { BallRow } from './balls.repository.ts';

interface FoundBall extends Found {
  readonly row: BallRow;
}

/** Balls put down, changed, deleted and put into blocks by hand. */
@Injectable()
export class BallEdits extends Edits<FoundBall> {
  readonly thing = 'ball';
  override readonly fieldsOf = { add: CreateBall, set: UpdateBall };

  constructor(
    private readonly balls: BallsRepository,
    private readonly blocks: BlocksRepository,
    private readonly lessons: LessonsRepository,
  ) {
    super();
  }

  async find(scope: Scope, db: Handle, id: string): Promise<FoundBall | null> {
    const row = await this.balls.find(scope, db, id);
    if (row === null) return null;
    const { lessonId, ordinal, version, deletedAt } = row;
    const fields = { ...toBall(row), deleted: deletedAt !== null };
    return { id, of: lessonId, lessonId, label: `ball ${ordinal}`, fields, version, row };
  }

  override async make(scope: Scope, tx: Handle, { id, of, fields, at }: Making): Promise<void> {
    if (!Object.values(fields).some((value) => typeof value === 'number'))
      throw invalid([{ field: 'figures', reason: 'write at least one figure of the ball' }]);
    await this.lessons.require(scope, tx, of);
    const times = { createdAt: at, updatedAt: at };
    const ordinal = await this.balls.nextOrdinal(scope, tx, of);
    const blockId = await this.blocks.underWay(scope, tx, of);
    const own = { ...fields, ...times, id, lessonId: of, ordinal };
    await this.balls.insert(scope, tx, { ...BLANK_BALL, blockId, ...own });
  }

  override async check({ scope, tx, found: { of }, fields }: Checking<FoundBall>): Promise<Fields> {
    const blockId = fields['blockId'];
    if (typeof blockId !== 'string') return fields;
    const block = await this.blocks.find(scope, tx, blockId);
    if (block?.lessonId !== of)
      throw invalid([{ field: 'blockId', reason: 'choose a block of this lesson' }]);
    return fields;
  }

  override async did(scope: Scope, tx: Handle, fields: Fields): Promise<string | undefined> {
    const { blockId, ...others } = fields;
    if (blockId === undefined || Object.keys(others).length > 0) return undefined;
    const block = blockId === null ? null : await this.blocks.find(scope, tx, blockId as string);
    return `put into ${block?.kind ?? 'no block'}`;
  }

  async save(scope: Scope, tx: Handle, { row }: FoundBall, saving: Saving): Promise<void> {
    const { fields, version, at } = saving;
    const { deleted } = fields;
    const by = deleted === undefined ? {} : { deletedBy: deleted === true ? HAND : null };
    const columns = { ...columnsOf(fields, at), ...by, version, updatedAt: at };
    await this.balls.update(scope, tx, row, columns);
  }

  async read(scope: Scope, db: Handle, id: string): Promise<Ball | null> {
    const row = await this.balls.find(scope, db, id);
    return row === null || row.deletedAt !== null ? null : toBall(row);
  }
}

/** What takes a ball out: somebody, and not the file it came with. */
const HAND = 'hand' as const;
