import { Controller, Get, Param } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import { PlayerEffect } from './effect.dto.ts';
import { ReadingsService } from './readings.service.ts';

@ApiTags('players')
@Controller('api/players')
export class EffectsController {
  constructor(private readonly readings: ReadingsService) {}

  @Get(':id/effects')
  @May('see')
  @ApiOkResponse({ type: [PlayerEffect] })
  ofPlayer(@Within() scope: Scope, @Param('id') id: string): Promise<PlayerEffect[]> {
    return this.readings.effectsOf(scope, id);
  }
}
