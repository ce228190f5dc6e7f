import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { OwnDrill } from './drill.dto.ts';
import { DrillsService } from './drills.service.ts';
import { Within } from '../door/within.ts';
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
}
