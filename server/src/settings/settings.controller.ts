import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { StoredSettings } from './setting.dto.ts';
import { SettingsService } from './settings.service.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';

@ApiTags('settings')
@Controller('api/settings')
export class SettingsController {
  constructor(private readonly settings: SettingsService) {}

  @Get()
  @May('see')
  @ApiOkResponse({ type: StoredSettings })
  get(@Within() scope: Scope): Promise<StoredSettings> {
    return this.settings.get(scope);
  }
}
