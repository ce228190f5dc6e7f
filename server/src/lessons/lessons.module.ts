import { Module } from '@nestjs/common';
import { AccountsModule } from '../accounts/accounts.module.ts';
import { HistoryModule } from '../history/history.module.ts';
import { PlayersModule } from '../players/players.module.ts';
import { LessonBalls } from './lesson-balls.ts';
import { LessonBody } from './lesson-body.ts';
import { LessonEdits } from './lesson.edits.ts';
import { LessonsController } from './lessons.controller.ts';
import { LessonsRepository } from './lessons.repository.ts';
import { LessonsService } from './lessons.service.ts';

/** Lessons. */
@Module({
  imports: [AccountsModule, HistoryModule, PlayersModule],
  controllers: [LessonsController],
  providers: [LessonBalls, LessonBody, LessonEdits, LessonsRepository, LessonsService],
  exports: [LessonBalls, LessonBody, LessonEdits, LessonsRepository],
})
export class LessonsModule {}
