import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Settings } from './setting.dto.ts';
import { SettingsService } from './settings.service.ts';

@ApiTags('settings')
@Controller('api/settings')
export class SettingsController {
  constructor(private readonly settings: SettingsService) {}

  @Get()
  @ApiOkResponse({ type: Settings })
  get(): Promise<Settings> {
    return this.settings.get();
  }

  @Put()
  @ApiOkResponse({ type: Settings })
  put(@Body() body: Settings): Promise<Settings> {
    return this.settings.put(body);
  }
}
