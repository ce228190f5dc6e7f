import { Controller, Get, Header, Param, Req } from '@nestjs/common';
import { ApiExtraModels, ApiOkResponse, ApiTags, refs } from '@nestjs/swagger';
import type { Request } from 'express';
import { OkFile } from '../common/ok-file.ts';
import { May } from '../door/abilities.ts';
import { browserOf } from '../accounts/browser.ts';
import { coreRef } from '../common/core-shape.ts';
import { LimitedPage } from '../accounts/limits.ts';
import { GivenPageService } from './given-page.service.ts';
import { PageHead } from './page.dto.ts';
import type { PlayerPage } from './page.dto.ts';

@ApiTags('page')
@Controller('api')
export class GivenPageController {
  constructor(private readonly page: GivenPageService) {}

  @Get('p/:token')
  @May('page')
  @LimitedPage()
  @Header('Referrer-Policy', 'no-referrer')
  @ApiExtraModels(PageHead)
  @ApiOkResponse({ schema: { allOf: [coreRef('PageContent'), ...refs(PageHead)] } })
  open(@Param('token') token: string, @Req() request: Request): Promise<PlayerPage> {
    return this.page.open(token, browserOf(request));
  }

  @Get('p/:token/homework.ics')
  @May('page')
  @LimitedPage()
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="homework.ics"')
  @OkFile('text/calendar', 'Homework and the next look')
  calendar(@Param('token') token: string): Promise<string> {
    return this.page.calendar(token);
  }
}
