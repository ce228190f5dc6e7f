import { Global, Module } from '@nestjs/common';
import type { DynamicModule } from '@nestjs/common';
import { ThrottlerModule } from '@nestjs/throttler';
import { Opening } from './accounts/accounts.service.ts';
import { throttling } from './accounts/limits.ts';
import { DataFolder } from './backups/data-folder.ts';
import { Clock } from './common/clock.ts';
import { Nudge } from './common/nudge.ts';
import { Problems } from './common/problems.ts';
import type { ServerConfig } from './config.ts';
import { Store } from './db/store.ts';
import { Pool } from './threads/pool.ts';
import { AccountsModule } from './accounts/accounts.module.ts';
import { ArchiveModule } from './archive/archive.module.ts';
import { BackupsModule } from './backups/backups.module.ts';
import { BallsModule } from './balls/balls.module.ts';
import { BlocksModule } from './blocks/blocks.module.ts';
import { CalendarModule } from './calendar/calendar.module.ts';
import { ChangesModule } from './changes/changes.module.ts';
import { ConsentModule } from './consent/consent.module.ts';
import { DayModule } from './day/day.module.ts';
import { BaysModule } from './bays/bays.module.ts';
import { DrillsModule } from './drills/drills.module.ts';
import { HealthModule } from './health/health.module.ts';
import { HistoryModule } from './history/history.module.ts';
import { HttpModule } from './http/http.module.ts';
import { IntakeModule } from './intake/intake.module.ts';
import { KeptModule } from './kept/kept.module.ts';
import { LessonsModule } from './lessons/lessons.module.ts';
import { PagesModule } from './pages/pages.module.ts';
import { PlayersModule } from './players/players.module.ts';
import { ReadingsModule } from './readings/readings.module.ts';
import { RecordModule } from './record/record.module.ts';
import { SettingsModule } from './settings/settings.module.ts';
import { StepsModule } from './steps/steps.module.ts';

/** What every feature stands on. */
@Global()
@Module({})
class Ground {}

@Module({})
export class AppModule {
  static with(
    store: Store,
    folder: DataFolder,
    { isDemo }: Pick<ServerConfig, 'isDemo'>,
  ): DynamicModule {
    const ground = [Clock, Nudge, Problems, Pool];
    const given = [
      { provide: Store, useValue: store },
      { provide: DataFolder, useValue: folder },
      { provide: Opening, useValue: new Opening(isDemo) },
    ];
    return {
      module: AppModule,
      imports: [
        ThrottlerModule.forRoot(throttling),
        {
          module: Ground,
          providers: [...ground, ...given],
          exports: [...ground, Store, DataFolder, Opening],
        },
        AccountsModule,
        ArchiveModule,
        BackupsModule,
        BallsModule,
        BlocksModule,
        CalendarModule,
        ChangesModule,
        ConsentModule,
        DayModule,
        BaysModule,
        DrillsModule,
        HealthModule,
        HistoryModule,
        HttpModule,
        IntakeModule,
        KeptModule,
        LessonsModule,
        PagesModule,
        PlayersModule,
        ReadingsModule,
        RecordModule,
        SettingsModule,
        StepsModule,
      ],
    };
  }
}
