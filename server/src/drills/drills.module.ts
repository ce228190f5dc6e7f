import { Module } from '@nestjs/common';
import { DrillEdits } from './drill.edits.ts';
import { DrillsController } from './drills.controller.ts';
import { DrillsRepository } from './drills.repository.ts';
import { DrillsService } from './drills.service.ts';

/** Drills of the academy’s own. */
@Module({
  controllers: [DrillsController],
  providers: [DrillEdits, DrillsRepository, DrillsService],
  exports: [DrillEdits, DrillsRepository],
})
export class DrillsModule {}
