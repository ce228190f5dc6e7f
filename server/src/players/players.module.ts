import { Module } from '@nestjs/common';
import { PlayerEdits } from './player.edits.ts';
import { PlayersController } from './players.controller.ts';
import { PlayersRepository } from './players.repository.ts';
import { PlayersService } from './players.service.ts';

/** Players. */
@Module({
  controllers: [PlayersController],
  providers: [PlayerEdits, PlayersRepository, PlayersService],
  exports: [PlayerEdits, PlayersRepository],
})
export class PlayersModule {}
