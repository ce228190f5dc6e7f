import { Module } from '@nestjs/common';
import type { DynamicModule } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { ThrottlerModule } from '@nestjs/throttler';
import { AccountController } from './accounts/account.controller.ts';
import { AccountsRepository } from './accounts/accounts.repository.ts';
import { AccountsService, Opening } from './accounts/accounts.service.ts';
import { SureWho } from './accounts/sure-who.ts';
import { DoorController } from './accounts/door.controller.ts';
import { DoorGuard } from './accounts/door.guard.ts';
import { throttling } from './accounts/limits.ts';
import { LinksService } from './accounts/links.service.ts';
import { CodesController } from './accounts/codes/codes.controller.ts';
import { CodesRepository } from './accounts/codes/codes.repository.ts';
import { CodesService } from './accounts/codes/codes.service.ts';
import { Challenges } from './accounts/passkeys/challenges.ts';
import { PasskeysController } from './accounts/passkeys/passkeys.controller.ts';
import { PasskeysRepository } from './accounts/passkeys/passkeys.repository.ts';
import { PasskeysService } from './accounts/passkeys/passkeys.service.ts';
import { DoorRecordController } from './accounts/record/door-record.controller.ts';
import { DoorRecordRepository } from './accounts/record/door-record.repository.ts';
import { DoorRecordService } from './accounts/record/door-record.service.ts';
import { SlowDoor } from './accounts/slow-door.ts';
import { PeopleController } from './accounts/people.controller.ts';
import { PeopleService } from './accounts/people.service.ts';
import { SessionsRepository } from './accounts/sessions.repository.ts';
import { SessionsService } from './accounts/sessions.service.ts';
import { ArchiveController } from './archive/archive.controller.ts';
import { ArchiveRepository } from './archive/archive.repository.ts';
import { ArchiveService } from './archive/archive.service.ts';
import { BackupsController } from './backups/backups.controller.ts';
import { BackupsService } from './backups/backups.service.ts';
import { CopyMaker } from './backups/copy-maker.ts';
import { DataFolder } from './backups/data-folder.ts';
import { Seal } from './backups/seal.ts';
import { BallsController } from './balls/balls.controller.ts';
import { BallsRepository } from './balls/balls.repository.ts';
import { BallsService } from './balls/balls.service.ts';
import { BlocksController } from './blocks/blocks.controller.ts';
import { BlocksRepository } from './blocks/blocks.repository.ts';
import { BlocksService } from './blocks/blocks.service.ts';
import { CalendarController } from './calendar/calendar.controller.ts';
import { CalendarRepository } from './calendar/calendar.repository.ts';
import { CalendarService } from './calendar/calendar.service.ts';
import { DayController } from './day/day.controller.ts';
import { DayRepository } from './day/day.repository.ts';
import { DayService } from './day/day.service.ts';
import { KeptController } from './kept/kept.controller.ts';
import { KeptRepository } from './kept/kept.repository.ts';
import { KeptService } from './kept/kept.service.ts';
import { ConsentController } from './consent/consent.controller.ts';
import { ConsentRepository } from './consent/consent.repository.ts';
import { ConsentService } from './consent/consent.service.ts';
import { Clock } from './common/clock.ts';
import type { ServerConfig } from './config.ts';
import { Store } from './db/store.ts';
import { DrillsController } from './drills/drills.controller.ts';
import { DrillsService } from './drills/drills.service.ts';
import { HealthController } from './health/health.controller.ts';
import { EffectsController } from './readings/effects.controller.ts';
import { CatchUp } from './readings/catch-up.ts';
import { ReadingsRepository } from './readings/readings.repository.ts';
import { ReadingsService } from './readings/readings.service.ts';
import { FilesRepository } from './intake/files.repository.ts';
import { ApiDocument, ApiDocumentController } from './http/api-document.controller.ts';
import { PolicyReportsController } from './http/policy-reports.controller.ts';
import { HistoryRepository } from './history/history.repository.ts';
import { HistoryService } from './history/history.service.ts';
import { ArrivalsService } from './intake/arrivals.service.ts';
import { IntakeController } from './intake/intake.controller.ts';
import { IntakeService } from './intake/intake.service.ts';
import { WaysController } from './intake/ways.controller.ts';
import { Ways } from './intake/ways.ts';
import { SourcesController } from './intake/sources.controller.ts';
import { SourcesRepository } from './intake/sources.repository.ts';
import { SourcesService } from './intake/sources.service.ts';
import { LessonBalls } from './lessons/lesson-balls.ts';
import { LessonBody } from './lessons/lesson-body.ts';
import { LessonsController } from './lessons/lessons.controller.ts';
import { LessonsRepository } from './lessons/lessons.repository.ts';
import { LessonsService } from './lessons/lessons.service.ts';
import { GivenPageController } from './pages/given-page.controller.ts';
import { GivenPageService } from './pages/given-page.service.ts';
import { PagesController } from './pages/pages.controller.ts';
import { PagesRepository } from './pages/pages.repository.ts';
import { PagesService } from './pages/pages.service.ts';
import { PlayersController } from './players/players.controller.ts';
import { PlayersRepository } from './players/players.repository.ts';
import { PlayersService } from './players/players.service.ts';
import { RecordController } from './record/record.controller.ts';
import { RecordRepository } from './record/record.repository.ts';
import { RecordService } from './record/record.service.ts';
import { SettingsController } from './settings/settings.controller.ts';
import { SettingsService } from './settings/settings.service.ts';
import { StepsController } from './steps/steps.controller.ts';
import { StepsRepository } from './steps/steps.repository.ts';
import { StepsService } from './steps/steps.service.ts';
import { BallEdits } from './balls/ball.edits.ts';
import { BlockEdits } from './blocks/block.edits.ts';
import { ChangesController } from './changes/changes.controller.ts';
import { ChangesService } from './changes/changes.service.ts';
import { PageChangesController } from './changes/page-changes.controller.ts';
import { PastController } from './changes/past.controller.ts';
import { PastService } from './changes/past.service.ts';
import { Problems } from './common/problems.ts';
import { DrillEdits } from './drills/drill.edits.ts';
import { DrillsRepository } from './drills/drills.repository.ts';
import { EDITS } from './history/edits.ts';
import type { Edits } from './history/edits.ts';
import { FileEdits } from './intake/file.edits.ts';
import { SourceEdits } from './intake/source.edits.ts';
import { LessonEdits } from './lessons/lesson.edits.ts';
import { PageEdits } from './pages/page.edits.ts';
import { TickEdits } from './pages/tick.edits.ts';
import { WordEdits } from './pages/word.edits.ts';
import { PlayerEdits } from './players/player.edits.ts';
import { SettingEdits } from './settings/setting.edits.ts';
import { SettingsRepository } from './settings/settings.repository.ts';
import { PartEdits } from './steps/part.edits.ts';
import { RepetitionEdits } from './steps/repetition.edits.ts';
import { Pool } from './threads/pool.ts';

/** All kinds of things that people edit. */
const ALL_EDITS = [
  ...[PlayerEdits, LessonEdits, BallEdits, BlockEdits, PartEdits, RepetitionEdits],
  ...[FileEdits, SourceEdits, DrillEdits, SettingEdits, PageEdits, TickEdits, WordEdits],
];

@Module({})
export class AppModule {
  static with(
    store: Store,
    folder: DataFolder,
    { isDemo }: Pick<ServerConfig, 'isDemo'>,
  ): DynamicModule {
    return {
      module: AppModule,
      imports: [ThrottlerModule.forRoot(throttling)],
      controllers: [
        HealthController,
        ApiDocumentController,
        PolicyReportsController,
        DoorController,
        AccountController,
        PeopleController,
        DoorRecordController,
        PasskeysController,
        CodesController,
        PlayersController,
        ConsentController,
        KeptController,
        LessonsController,
        BallsController,
        BlocksController,
        DayController,
        CalendarController,
        EffectsController,
        RecordController,
        IntakeController,
        SourcesController,
        WaysController,
        SettingsController,
        StepsController,
        PagesController,
        GivenPageController,
        DrillsController,
        ChangesController,
        PageChangesController,
        PastController,
        BackupsController,
        ArchiveController,
      ],
      providers: [
        Pool,
        ApiDocument,
        LessonBalls,
        LessonBody,
        ReadingsRepository,
        ReadingsService,
        RecordRepository,
        RecordService,
        CatchUp,
        ArrivalsService,
        { provide: Store, useValue: store },
        { provide: DataFolder, useValue: folder },
        Seal,
        CopyMaker,
        BackupsService,
        ArchiveRepository,
        ArchiveService,
        { provide: Opening, useValue: new Opening(isDemo) },
        { provide: APP_GUARD, useClass: DoorGuard },
        Clock,
        AccountsRepository,
        AccountsService,
        SessionsRepository,
        SessionsService,
        SlowDoor,
        SureWho,
        Challenges,
        PasskeysRepository,
        PasskeysService,
        CodesRepository,
        CodesService,
        DoorRecordRepository,
        DoorRecordService,
        LinksService,
        PeopleService,
        PlayersRepository,
        PlayersService,
        ConsentRepository,
        ConsentService,
        KeptRepository,
        KeptService,
        LessonsRepository,
        LessonsService,
        BallsRepository,
        BallsService,
        BlocksRepository,
        BlocksService,
        CalendarRepository,
        CalendarService,
        DayRepository,
        DayService,
        FilesRepository,
        IntakeService,
        Ways,
        SourcesRepository,
        SourcesService,
        SettingsService,
        StepsRepository,
        StepsService,
        PagesRepository,
        PagesService,
        GivenPageService,
        DrillsService,
        HistoryRepository,
        HistoryService,
        SettingsRepository,
        DrillsRepository,
        Problems,
        ChangesService,
        PastService,
        ...ALL_EDITS,
        { provide: EDITS, useFactory: (...edits: Edits[]) => edits, inject: [...ALL_EDITS] },
      ],
    };
  }
}
