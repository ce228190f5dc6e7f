import { Module } from '@nestjs/common';
import { PlayersModule } from '../players/players.module.ts';
import { DayController } from './day.controller.ts';
import { DayRepository } from './day.repository.ts';
import { DayService } from './day.service.ts';

/** What the day’s screen tells. */
@Module({
  imports: [PlayersModule],
  controllers: [DayController],
  providers: [DayRepository, DayService],
})
export class DayModule {}
