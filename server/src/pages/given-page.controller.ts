import { Body, Controller, Get, Header, HttpCode, Param, Post, Req } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { May } from '../accounts/abilities.ts';
import { browserOf } from '../accounts/browser.ts';
import { LimitedPage } from '../accounts/limits.ts';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { AddRepetition, StoredRepetition } from '../steps/part.dto.ts';
import { GivenPageService } from './given-page.service.ts';
import { AddWord, PageWord, PlayerPage, TickHomework } from './page.dto.ts';

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

  @Post('p/:token/ticks')
  @May('page')
  @LimitedPage()
  @HttpCode(204)
  @ApiNoContentResponse()
  tick(@Param('token') token: string, @Body() body: TickHomework): Promise<void> {
    return this.page.tick(token, body);
  }

  @Post('p/:token/repetitions')
  @May('page')
  @LimitedPage()
  @ApiCreatedResponse({ type: StoredRepetition })
  @NamesItsChange()
  add(
    @Param('token') token: string,
    @Body() body: AddRepetition,
    @Writes() change: Change,
  ): Promise<StoredRepetition> {
    return this.page.addRepetition(token, body, change);
  }

  @Post('p/:token/words')
  @May('page')
  @LimitedPage()
  @ApiCreatedResponse({ type: PageWord })
  @NamesItsChange()
  say(
    @Param('token') token: string,
    @Body() body: AddWord,
    @Writes() change: Change,
  ): Promise<PageWord> {
    return this.page.say(token, body, change);
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
