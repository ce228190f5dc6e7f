import { Module } from '@nestjs/common';
import { AccountsModule } from '../accounts/accounts.module.ts';
import { BallsModule } from '../balls/balls.module.ts';
import { BlocksModule } from '../blocks/blocks.module.ts';
import { ConsentModule } from '../consent/consent.module.ts';
import { DrillsModule } from '../drills/drills.module.ts';
import { HistoryModule } from '../history/history.module.ts';
import { LessonsModule } from '../lessons/lessons.module.ts';
import { PlayersModule } from '../players/players.module.ts';
import { ReadingsModule } from '../readings/readings.module.ts';
import { RecordModule } from '../record/record.module.ts';
import { SettingsModule } from '../settings/settings.module.ts';
import { StepsModule } from '../steps/steps.module.ts';
import { GivenPageController } from './given-page.controller.ts';
import { GivenPageService } from './given-page.service.ts';
import { PageEdits } from './page.edits.ts';
import { PageMaker } from './page-maker.ts';
import { PagesController } from './pages.controller.ts';
import { PagesRepository } from './pages.repository.ts';
import { PagesService } from './pages.service.ts';
import { TickEdits } from './tick.edits.ts';
import { WordEdits } from './word.edits.ts';

/** Pages given to players. */
@Module({
  imports: [
    AccountsModule,
    BallsModule,
    BlocksModule,
    ConsentModule,
    DrillsModule,
    HistoryModule,
    LessonsModule,
    PlayersModule,
    ReadingsModule,
    RecordModule,
    SettingsModule,
    StepsModule,
  ],
  controllers: [GivenPageController, PagesController],
  providers: [
    GivenPageService,
    PageEdits,
    PageMaker,
    PagesRepository,
    PagesService,
    TickEdits,
    WordEdits,
  ],
  exports: [GivenPageService, PageEdits, TickEdits, WordEdits],
})
export class PagesModule {}
