import { Module } from '@nestjs/common';
import { AccountsModule } from '../accounts/accounts.module.ts';
import { HistoryModule } from '../history/history.module.ts';
import { PlayersModule } from '../players/players.module.ts';
import { KeptController } from './kept.controller.ts';
import { KeptRepository } from './kept.repository.ts';
import { KeptService } from './kept.service.ts';

/** What is kept, and for how long. */
@Module({
  imports: [AccountsModule, HistoryModule, PlayersModule],
  controllers: [KeptController],
  providers: [KeptRepository, KeptService],
})
export class KeptModule {}
