import { Module } from '@nestjs/common';
import { AccountsModule } from '../accounts/accounts.module.ts';
import { BlocksModule } from '../blocks/blocks.module.ts';
import { LessonsModule } from '../lessons/lessons.module.ts';
import { BallEdits } from './ball.edits.ts';
import { BallsController } from './balls.controller.ts';
import { BallsRepository } from './balls.repository.ts';
import { BallsService } from './balls.service.ts';

/** Balls of a lesson. */
@Module({
  imports: [AccountsModule, BlocksModule, LessonsModule],
  controllers: [BallsController],
  providers: [BallEdits, BallsRepository, BallsService],
  exports: [BallEdits, BallsRepository],
})
export class BallsModule {}
