import { Module } from '@nestjs/common';
import { LessonsModule } from '../lessons/lessons.module.ts';
import { BlockEdits } from './block.edits.ts';
import { BlocksController } from './blocks.controller.ts';
import { BlocksRepository } from './blocks.repository.ts';
import { BlocksService } from './blocks.service.ts';

/** What balls are hit as. */
@Module({
  imports: [LessonsModule],
  controllers: [BlocksController],
  providers: [BlockEdits, BlocksRepository, BlocksService],
  exports: [BlockEdits, BlocksRepository],
})
export class BlocksModule {}
