import { Injectable } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { Block } from './block.dto.ts';
import { BlocksRepository, toBlock } from './blocks.repository.ts';

/** What the next balls are hit as; begun before they are hit. */
@Injectable()
export class BlocksService {
  constructor(
    private readonly store: Store,
    private readonly blocks: BlocksRepository,
    private readonly lessons: LessonsRepository,
  ) {}

  /** Returns a lesson's blocks in the order begun. */
  ofLesson(scope: Scope, lessonId: string): Promise<Block[]> {
    return this.store.read(async (db) => {
      await this.lessons.require(scope, db, lessonId);
      return (await this.blocks.ofLesson(scope, db, lessonId)).map(toBlock);
    });
  }
}
