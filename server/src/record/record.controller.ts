import { Controller, Get, Param, Query } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import {
  AcademyMoved,
  MovedQuery,
  PlayerStandings,
  RecordAnswer,
  RecordQuery,
  StandingsQuery,
} from './record.dto.ts';
import { RecordService } from './record.service.ts';

@ApiTags('players')
@Controller('api')
export class RecordController {
  constructor(private readonly records: RecordService) {}

  @Get('players/:id/record')
  @May('see')
  @ApiOkResponse({ type: RecordAnswer })
  ofPlayer(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Query() query: RecordQuery,
  ): Promise<RecordAnswer> {
    return this.records.ofPlayer(scope, id, query);
  }

  @Get('standings')
  @May('see')
  @ApiOkResponse({ type: [PlayerStandings] })
  standings(
    @Within() scope: Scope,
    @Query() { since }: StandingsQuery,
  ): Promise<PlayerStandings[]> {
    return this.records.standings(scope, since);
  }

  @Get('moved')
  @May('see')
  @ApiOkResponse({ type: AcademyMoved })
  moved(@Within() scope: Scope, @Query() { kind }: MovedQuery): Promise<AcademyMoved> {
    return this.records.moved(scope, kind);
  }
}
