import { Module } from '@nestjs/common';
import type { Edits } from '../history/edits.ts';
import { EDITS } from '../history/edits.ts';
import { BallEdits } from '../balls/ball.edits.ts';
import { BallsModule } from '../balls/balls.module.ts';
import { BayEdits } from '../bays/bay.edits.ts';
import { BaysModule } from '../bays/bays.module.ts';
import { BlockEdits } from '../blocks/block.edits.ts';
import { BlocksModule } from '../blocks/blocks.module.ts';
import { DrillEdits } from '../drills/drill.edits.ts';
import { DrillsModule } from '../drills/drills.module.ts';
import { HistoryModule } from '../history/history.module.ts';
import { FileEdits } from '../intake/file.edits.ts';
import { IntakeModule } from '../intake/intake.module.ts';
import { SourceEdits } from '../intake/source.edits.ts';
import { LessonEdits } from '../lessons/lesson.edits.ts';
import { LessonsModule } from '../lessons/lessons.module.ts';
import { PageEdits } from '../pages/page.edits.ts';
import { PagesModule } from '../pages/pages.module.ts';
import { TickEdits } from '../pages/tick.edits.ts';
import { WordEdits } from '../pages/word.edits.ts';
import { PlayerEdits } from '../players/player.edits.ts';
import { PlayersModule } from '../players/players.module.ts';
import { SettingEdits } from '../settings/setting.edits.ts';
import { SettingsModule } from '../settings/settings.module.ts';
import { PartEdits } from '../steps/part.edits.ts';
import { RepetitionEdits } from '../steps/repetition.edits.ts';
import { StepsModule } from '../steps/steps.module.ts';
import { ChangesController } from './changes.controller.ts';
import { ChangesService } from './changes.service.ts';
import { PageChangesController } from './page-changes.controller.ts';
import { PastController } from './past.controller.ts';
import { PastService } from './past.service.ts';

/** All kinds of things that people edit. */
const ALL_EDITS = [
  BallEdits,
  BayEdits,
  BlockEdits,
  DrillEdits,
  FileEdits,
  LessonEdits,
  PageEdits,
  PartEdits,
  PlayerEdits,
  RepetitionEdits,
  SettingEdits,
  SourceEdits,
  TickEdits,
  WordEdits,
];

/** What people edit: one way in, and what was changed. */
@Module({
  imports: [
    BallsModule,
    BaysModule,
    BlocksModule,
    DrillsModule,
    HistoryModule,
    IntakeModule,
    LessonsModule,
    PagesModule,
    PlayersModule,
    SettingsModule,
    StepsModule,
  ],
  controllers: [PageChangesController, ChangesController, PastController],
  providers: [
    ChangesService,
    PastService,
    { provide: EDITS, useFactory: (...edits: Edits[]) => edits, inject: [...ALL_EDITS] },
  ],
})
export class ChangesModule {}
