import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { NamesItsChange, Writes } from '../history/writer.ts';
import type { Writer } from '../history/history.service.ts';
import { NewSharedPage, SharePage, ShareReport, SharedPage } from './page.dto.ts';
import { PagesService } from './pages.service.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';

@ApiTags('pages')
@Controller('api')
export class PagesController {
  constructor(private readonly pages: PagesService) {}

  @Get('lessons/:lessonId/pages')
  @May('see')
  @ApiOkResponse({ type: [SharedPage] })
  list(@Within() scope: Scope, @Param('lessonId') lessonId: string): Promise<SharedPage[]> {
    return this.pages.ofLesson(scope, lessonId);
  }

  @Post('lessons/:lessonId/pages')
  @May('plan')
  @ApiCreatedResponse({ type: NewSharedPage })
  @NamesItsChange()
  share(
    @Within() scope: Scope,
    @Param('lessonId') lessonId: string,
    @Body() body: SharePage,
    @Writes() writer: Writer,
  ): Promise<NewSharedPage> {
    return this.pages.share(scope, lessonId, body, writer);
  }

  @Get('players/:playerId/reports')
  @May('see')
  @ApiOkResponse({ type: [SharedPage], description: 'The reports given to a player' })
  reports(@Within() scope: Scope, @Param('playerId') playerId: string): Promise<SharedPage[]> {
    return this.pages.reportsOf(scope, playerId);
  }

  @Post('players/:playerId/reports')
  @May('plan')
  @ApiCreatedResponse({ type: NewSharedPage })
  @NamesItsChange()
  report(
    @Within() scope: Scope,
    @Param('playerId') playerId: string,
    @Body() body: ShareReport,
    @Writes() writer: Writer,
  ): Promise<NewSharedPage> {
    return this.pages.report(scope, playerId, body, writer);
  }
}
