import { Module } from '@nestjs/common';
import { LessonsModule } from '../lessons/lessons.module.ts';
import { PartEdits } from './part.edits.ts';
import { RepetitionEdits } from './repetition.edits.ts';
import { StepsController } from './steps.controller.ts';
import { StepsRepository } from './steps.repository.ts';
import { StepsService } from './steps.service.ts';

/** What is put down in the steps of a lesson. */
@Module({
  imports: [LessonsModule],
  controllers: [StepsController],
  providers: [PartEdits, RepetitionEdits, StepsRepository, StepsService],
  exports: [PartEdits, RepetitionEdits, StepsService],
})
export class StepsModule {}
