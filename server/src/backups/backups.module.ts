import { Module } from '@nestjs/common';
import { AccountsModule } from '../accounts/accounts.module.ts';
import { BackupsController } from './backups.controller.ts';
import { BackupsService } from './backups.service.ts';
import { CopyMaker } from './copy-maker.ts';
import { Seal } from './seal.ts';

/** Copies of the database. */
@Module({
  imports: [AccountsModule],
  controllers: [BackupsController],
  providers: [BackupsService, CopyMaker, Seal],
  exports: [BackupsService],
})
export class BackupsModule {}
