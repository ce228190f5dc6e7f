import { Module } from '@nestjs/common';
import { AccountsModule } from '../accounts/accounts.module.ts';
import { BackupsModule } from '../backups/backups.module.ts';
import { HistoryModule } from '../history/history.module.ts';
import { LessonsModule } from '../lessons/lessons.module.ts';
import { PlayersModule } from '../players/players.module.ts';
import { ArchiveController } from './archive.controller.ts';
import { ArchiveRepository } from './archive.repository.ts';
import { ArchiveService } from './archive.service.ts';

/** Everything of an academy or a player, taken out and brought in. */
@Module({
  imports: [AccountsModule, BackupsModule, HistoryModule, LessonsModule, PlayersModule],
  controllers: [ArchiveController],
  providers: [ArchiveRepository, ArchiveService],
})
export class ArchiveModule {}
