import { Module } from '@nestjs/common';
import { SettingEdits } from './setting.edits.ts';
import { SettingsController } from './settings.controller.ts';
import { SettingsRepository } from './settings.repository.ts';
import { SettingsService } from './settings.service.ts';

/** The academy’s rules. */
@Module({
  controllers: [SettingsController],
  providers: [SettingEdits, SettingsRepository, SettingsService],
  exports: [SettingEdits, SettingsService],
})
export class SettingsModule {}
