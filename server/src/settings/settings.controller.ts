import { Body, Controller, Get, Patch } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { ChangeSettings, StoredSettings } from './setting.dto.ts';
import { SettingsService } from './settings.service.ts';

@ApiTags('settings')
@Controller('api/settings')
export class SettingsController {
  constructor(private readonly settings: SettingsService) {}

  @Get()
  @ApiOkResponse({ type: StoredSettings })
  get(): Promise<StoredSettings> {
    return this.settings.get();
  }

  @Patch()
  @ApiOkResponse({ type: StoredSettings })
  @NamesItsChange()
  change(@Body() { changes }: ChangeSettings, @Writes() change: Change): Promise<StoredSettings> {
    return this.settings.edit(changes, 'settings changed', change);
  }
}
