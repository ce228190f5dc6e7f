import { Body, Controller, HttpCode, Param, Post, Req } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { LimitedPage } from '../accounts/limits.ts';
import { whoOf } from '../door/within.ts';
import type { Admitted } from '../door/within.ts';
import { GivenPageService } from '../pages/given-page.service.ts';
import { ChangesAnswer, ChangesDto } from './change.dto.ts';
import { ChangesService } from './changes.service.ts';

/** What a player does at their page: the same changes, within what the token in its link opens. */
@ApiTags('page')
@Controller('api')
export class PageChangesController {
  constructor(
    private readonly page: GivenPageService,
    private readonly changes: ChangesService,
  ) {}

  @Post('p/:token/changes')
  @May('page')
  @LimitedPage()
  @HttpCode(200)
  @ApiOkResponse({ type: ChangesAnswer })
  async take(
    @Param('token') token: string,
    @Body() body: ChangesDto,
    @Req() request: Admitted,
  ): Promise<ChangesAnswer> {
    return this.changes.take(await this.page.scopeAt(token), body, whoOf(request));
  }
}
