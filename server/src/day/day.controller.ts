import { Controller, Get, Param, Query } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { DayQuery, Given, GivenTo } from './day.dto.ts';
import { DayService } from './day.service.ts';

@ApiTags('day')
@Controller('api')
export class DayController {
  constructor(private readonly days: DayService) {}

  @Get('given')
  @ApiOkResponse({ type: [GivenTo] })
  last(@Query() { today }: DayQuery): Promise<GivenTo[]> {
    return this.days.lastGiven(today);
  }

  @Get('players/:id/given')
  @ApiOkResponse({ type: [Given] })
  ofPlayer(@Param('id') id: string, @Query() { today }: DayQuery): Promise<Given[]> {
    return this.days.givenTo(id, today);
  }
}
