import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../accounts/abilities.ts';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { CreateOwnDrill, OwnDrill } from './drill.dto.ts';
import { DrillsService } from './drills.service.ts';
import { Within } from '../accounts/within.ts';
import type { Scope } from '../common/scope.ts';

@ApiTags('drills')
@Controller('api/drills')
export class DrillsController {
  constructor(private readonly drills: DrillsService) {}

  @Get()
  @May('see')
  @ApiOkResponse({ type: [OwnDrill] })
  list(@Within() scope: Scope): Promise<OwnDrill[]> {
    return this.drills.list(scope);
  }

  @Post()
  @May('plan')
  @ApiCreatedResponse({ type: OwnDrill })
  @NamesItsChange()
  create(
    @Within() scope: Scope,
    @Body() body: CreateOwnDrill,
    @Writes() change: Change,
  ): Promise<OwnDrill> {
    return this.drills.create(scope, body, change);
  }

  @Delete(':id')
  @May('plan')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Within() scope: Scope, @Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.drills.remove(scope, id, change);
  }

  @Post(':id/restore')
  @May('plan')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  restore(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Writes() change: Change,
  ): Promise<void> {
    return this.drills.restore(scope, id, change);
  }
}
