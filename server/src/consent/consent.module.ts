import { Module } from '@nestjs/common';
import { AccountsModule } from '../accounts/accounts.module.ts';
import { HistoryModule } from '../history/history.module.ts';
import { PlayersModule } from '../players/players.module.ts';
import { ConsentController } from './consent.controller.ts';
import { ConsentRepository } from './consent.repository.ts';
import { ConsentService } from './consent.service.ts';

/** Age and consent of players. */
@Module({
  imports: [AccountsModule, HistoryModule, PlayersModule],
  controllers: [ConsentController],
  providers: [ConsentRepository, ConsentService],
  exports: [ConsentService],
})
export class ConsentModule {}
