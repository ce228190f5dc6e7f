import { Module } from '@nestjs/common';
import { PlayersModule } from '../players/players.module.ts';
import { SettingsModule } from '../settings/settings.module.ts';
import { EffectsController } from './effects.controller.ts';
import { ReadingsRepository } from './readings.repository.ts';
import { ReadingsService } from './readings.service.ts';

/** Readings kept of lessons. */
@Module({
  imports: [PlayersModule, SettingsModule],
  controllers: [EffectsController],
  providers: [ReadingsRepository, ReadingsService],
  exports: [ReadingsService],
})
export class ReadingsModule {}
