import { Controller, Get, Param } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { HistoryEntry } from './past.dto.ts';
import { PastService } from './past.service.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';

@ApiTags('history')
@Controller('api')
export class PastController {
  constructor(private readonly past: PastService) {}

  @Get('lessons/:id/history')
  @May('see')
  @ApiOkResponse({ type: [HistoryEntry], description: 'The newest first' })
  ofLesson(@Within() scope: Scope, @Param('id') lessonId: string): Promise<HistoryEntry[]> {
    return this.past.ofLesson(scope, lessonId);
  }

  @Get('players/:id/history')
  @May('see')
  @ApiOkResponse({ type: [HistoryEntry], description: 'The newest first' })
  ofPlayer(@Within() scope: Scope, @Param('id') playerId: string): Promise<HistoryEntry[]> {
    return this.past.ofPlayer(scope, playerId);
  }

  @Get('academy/history')
  @May('see')
  @ApiOkResponse({
    type: [HistoryEntry],
    description: 'Rules, drills and people; the newest first',
  })
  ofAcademy(@Within() scope: Scope): Promise<HistoryEntry[]> {
    return this.past.ofAcademy(scope);
  }
}
