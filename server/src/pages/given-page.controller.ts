import { Controller, Get, Header, Param, Req } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { May } from '../door/abilities.ts';
import { browserOf } from '../accounts/browser.ts';
import { LimitedPage } from '../accounts/limits.ts';
import { GivenPageService } from './given-page.service.ts';
import { PlayerPage } from './page.dto.ts';

@ApiTags('page')
@Controller('api')
export class GivenPageController {
  constructor(private readonly page: GivenPageService) {}

  @Get('p/:token')
  @May('page')
  @LimitedPage()
  @Header('Referrer-Policy', 'no-referrer')
  @ApiOkResponse({ type: PlayerPage })
  open(@Param('token') token: string, @Req() request: Request): Promise<PlayerPage> {
    return this.page.open(token, browserOf(request));
  }

  @Get('p/:token/homework.ics')
  @May('page')
  @LimitedPage()
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="homework.ics"')
  @ApiOkResponse({ type: String })
  calendar(@Param('token') token: string): Promise<string> {
    return this.page.calendar(token);
  }
}
