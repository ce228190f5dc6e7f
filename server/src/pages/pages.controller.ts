import { Body, Controller, Delete, Get, Header, HttpCode, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { AddRepetition, StoredRepetition } from '../steps/part.dto.ts';
import { NewSharedPage, PlayerPage, SharePage, TickHomework } from './page.dto.ts';
import { PagesService } from './pages.service.ts';

@ApiTags('pages')
@Controller('api')
export class PagesController {
  constructor(private readonly pages: PagesService) {}

  @Post('lessons/:lessonId/pages')
  @ApiCreatedResponse({ type: NewSharedPage })
  @NamesItsChange()
  share(
    @Param('lessonId') lessonId: string,
    @Body() body: SharePage,
    @Writes() change: Change,
  ): Promise<NewSharedPage> {
    return this.pages.share(lessonId, body, change);
  }

  @Delete('pages/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  withdraw(@Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.pages.withdraw(id, change);
  }

  @Get('p/:token')
  @Header('Referrer-Policy', 'no-referrer')
  @ApiOkResponse({ type: PlayerPage })
  open(@Param('token') token: string): Promise<PlayerPage> {
    return this.pages.open(token);
  }

  @Post('p/:token/ticks')
  @HttpCode(204)
  @ApiNoContentResponse()
  tick(@Param('token') token: string, @Body() body: TickHomework): Promise<void> {
    return this.pages.tick(token, body);
  }

  @Post('p/:token/repetitions')
  @ApiCreatedResponse({ type: StoredRepetition })
  @NamesItsChange()
  add(
    @Param('token') token: string,
    @Body() body: AddRepetition,
    @Writes() change: Change,
  ): Promise<StoredRepetition> {
    return this.pages.addRepetition(token, body, change);
  }

  @Get('p/:token/homework.ics')
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="homework.ics"')
  @ApiOkResponse({ type: String })
  calendar(@Param('token') token: string): Promise<string> {
    return this.pages.calendar(token);
  }
}
