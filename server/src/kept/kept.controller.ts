import { Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import { NamesItsChange, Writes } from '../history/writer.ts';
import type { Writer } from '../history/history.service.ts';
import { GonePlayer, Kept } from './kept.dto.ts';
import { KeptService } from './kept.service.ts';

@ApiTags('kept')
@Controller('api')
export class KeptController {
  constructor(private readonly kept: KeptService) {}

  @Get('kept')
  @May('see')
  @ApiOkResponse({ type: Kept, description: 'What is kept, who reads it and for how long' })
  inForce(@Within() scope: Scope): Promise<Kept> {
    return this.kept.inForce(scope);
  }

  @Get('kept/gone')
  @May('own')
  @ApiOkResponse({ type: [GonePlayer], description: 'Players long gone, the longest first' })
  gone(@Within() scope: Scope): Promise<GonePlayer[]> {
    return this.kept.gone(scope);
  }

  @Post('players/:id/keep')
  @May('own')
  @HttpCode(204)
  @ApiNoContentResponse({ description: 'They are asked about again in a year' })
  @NamesItsChange()
  keep(@Within() scope: Scope, @Param('id') id: string, @Writes() writer: Writer): Promise<void> {
    return this.kept.keep(scope, id, writer);
  }
}
