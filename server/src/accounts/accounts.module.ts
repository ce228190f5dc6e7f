import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { HistoryModule } from '../history/history.module.ts';
import { AccountController } from './account.controller.ts';
import { AccountsRepository } from './accounts.repository.ts';
import { AccountsService } from './accounts.service.ts';
import { CodesController } from './codes/codes.controller.ts';
import { CodesRepository } from './codes/codes.repository.ts';
import { CodesService } from './codes/codes.service.ts';
import { DoorController } from './door.controller.ts';
import { DoorGuard } from './door.guard.ts';
import { LinksService } from './links.service.ts';
import { Challenges } from './passkeys/challenges.ts';
import { PasskeysController } from './passkeys/passkeys.controller.ts';
import { PasskeysRepository } from './passkeys/passkeys.repository.ts';
import { PasskeysService } from './passkeys/passkeys.service.ts';
import { PeopleController } from './people.controller.ts';
import { PeopleService } from './people.service.ts';
import { DoorRecordController } from './record/door-record.controller.ts';
import { DoorRecordRepository } from './record/door-record.repository.ts';
import { DoorRecordService } from './record/door-record.service.ts';
import { SessionsRepository } from './sessions.repository.ts';
import { SessionsService } from './sessions.service.ts';
import { SlowDoor } from './slow-door.ts';
import { SureWho } from './sure-who.ts';

/** People who sign in: sessions, links, passkeys, codes, and the record of doors. */
@Module({
  imports: [HistoryModule],
  controllers: [
    DoorController,
    AccountController,
    PeopleController,
    PasskeysController,
    DoorRecordController,
    CodesController,
  ],
  providers: [
    AccountsRepository,
    AccountsService,
    Challenges,
    CodesRepository,
    CodesService,
    { provide: APP_GUARD, useClass: DoorGuard },
    DoorRecordRepository,
    DoorRecordService,
    LinksService,
    PasskeysRepository,
    PasskeysService,
    PeopleService,
    SessionsRepository,
    SessionsService,
    SlowDoor,
    SureWho,
  ],
  exports: [AccountsRepository, DoorRecordService],
})
export class AccountsModule {}
