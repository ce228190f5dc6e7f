import { Body, Controller, HttpCode, Post, Req } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { Within, whoOf } from '../door/within.ts';
import type { Admitted } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import { ChangesAnswer, ChangesDto } from './change.dto.ts';
import { ChangesService } from './changes.service.ts';

/** The one way in for whatever people edit. */
@ApiTags('changes')
@Controller('api')
export class ChangesController {
  constructor(private readonly changes: ChangesService) {}

  @Post('changes')
  @May('log')
  @HttpCode(200)
  @ApiOkResponse({ type: ChangesAnswer })
  take(
    @Within() scope: Scope,
    @Body() body: ChangesDto,
    @Req() request: Admitted,
  ): Promise<ChangesAnswer> {
    return this.changes.take(scope, body, whoOf(request));
  }
}
