import type { DrillEffect } from '@loxos/core';
import { Controller, Get, Param } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { coreRef } from '../common/core-shape.ts';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import { ReadingsService } from './readings.service.ts';

@ApiTags('players')
@Controller('api/players')
export class EffectsController {
  constructor(private readonly readings: ReadingsService) {}

  @Get(':id/effects')
  @May('see')
  @ApiOkResponse({ schema: { type: 'array', items: coreRef('DrillEffect') } })
  ofPlayer(@Within() scope: Scope, @Param('id') id: string): Promise<DrillEffect[]> {
    return this.readings.effectsOf(scope, id);
  }
}
