import { Controller, Get, Param, Query } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../accounts/abilities.ts';
import { Within } from '../accounts/within.ts';
import type { Scope } from '../common/scope.ts';
import { RecordAnswer, RecordQuery } from './record.dto.ts';
import { RecordService } from './record.service.ts';

@ApiTags('players')
@Controller('api/players')
export class RecordController {
  constructor(private readonly records: RecordService) {}

  @Get(':id/record')
  @May('see')
  @ApiOkResponse({ type: RecordAnswer })
  ofPlayer(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Query() { kind }: RecordQuery,
  ): Promise<RecordAnswer> {
    return this.records.ofPlayer(scope, id, kind);
  }
}
