import { Body, Controller, Delete, Get, Header, HttpCode, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Recorded } from '../accounts/record/recorded.ts';
import { OkFile } from '../common/ok-file.ts';
import { May } from '../door/abilities.ts';
import { LimitedPage } from '../accounts/limits.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import { CalendarFeedAnswer, MakeFeed, NewCalendarFeed } from './calendar.dto.ts';
import { CalendarService } from './calendar.service.ts';

@ApiTags('calendar')
@Controller('api')
export class CalendarController {
  constructor(private readonly calendars: CalendarService) {}

  @Get('account/calendar')
  @May('see')
  @ApiOkResponse({ type: CalendarFeedAnswer })
  async get(@Within() scope: Scope): Promise<CalendarFeedAnswer> {
    return { feed: await this.calendars.get(scope) };
  }

  @Post('account/calendar')
  @Recorded('calendar-made')
  @May('see')
  @ApiCreatedResponse({ type: NewCalendarFeed })
  make(@Within() scope: Scope, @Body() { whose }: MakeFeed): Promise<NewCalendarFeed> {
    return this.calendars.make(scope, whose);
  }

  @Delete('account/calendar')
  @May('see')
  @HttpCode(204)
  @ApiNoContentResponse()
  end(@Within() scope: Scope): Promise<void> {
    return this.calendars.end(scope);
  }

  @Get('calendar/:token.ics')
  @May('page')
  @LimitedPage()
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Content-Disposition', 'inline; filename="lessons.ics"')
  @Header('Referrer-Policy', 'no-referrer')
  @OkFile('text/calendar', 'Lessons')
  read(@Param('token') token: string): Promise<string> {
    return this.calendars.read(token);
  }
}
