import { Module } from '@nestjs/common';
import { BallsModule } from '../balls/balls.module.ts';
import { BlocksModule } from '../blocks/blocks.module.ts';
import { HistoryModule } from '../history/history.module.ts';
import { LessonsModule } from '../lessons/lessons.module.ts';
import { ArrivalsService } from './arrivals.service.ts';
import { FileEdits } from './file.edits.ts';
import { FilesRepository } from './files.repository.ts';
import { IntakeController } from './intake.controller.ts';
import { IntakeService } from './intake.service.ts';
import { SourceEdits } from './source.edits.ts';
import { SourcesController } from './sources.controller.ts';
import { SourcesRepository } from './sources.repository.ts';
import { SourcesService } from './sources.service.ts';
import { UploadsUnderWayController } from './uploads-under-way.controller.ts';
import { UploadsUnderWay } from './uploads-under-way.ts';

/** Launch files and their sources. */
@Module({
  imports: [BallsModule, BlocksModule, HistoryModule, LessonsModule],
  controllers: [UploadsUnderWayController, IntakeController, SourcesController],
  providers: [
    ArrivalsService,
    FileEdits,
    FilesRepository,
    IntakeService,
    SourceEdits,
    SourcesRepository,
    SourcesService,
    UploadsUnderWay,
  ],
  exports: [FileEdits, SourceEdits],
})
export class IntakeModule {}
