import { Controller, Get, Param, Query } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { DayQuery, Given, GivenTo } from './day.dto.ts';
import { DayService } from './day.service.ts';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';

@ApiTags('day')
@Controller('api')
export class DayController {
  constructor(private readonly days: DayService) {}

  @Get('given')
  @May('see')
  @ApiOkResponse({ type: [GivenTo] })
  last(@Within() scope: Scope, @Query() { today }: DayQuery): Promise<GivenTo[]> {
    return this.days.lastGiven(scope, today);
  }

  @Get('players/:id/given')
  @May('see')
  @ApiOkResponse({ type: [Given] })
  ofPlayer(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Query() { today }: DayQuery,
  ): Promise<Given[]> {
    return this.days.givenTo(scope, id, today);
  }
}
