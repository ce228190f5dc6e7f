import { Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../accounts/abilities.ts';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { HistoryEntry } from '../history/history.dto.ts';
import { UndoService } from './undo.service.ts';
import { Within } from '../accounts/within.ts';
import type { Scope } from '../common/scope.ts';

@ApiTags('history')
@Controller('api')
export class UndoController {
  constructor(private readonly undos: UndoService) {}

  @Get('lessons/:id/history')
  @May('see')
  @ApiOkResponse({ type: [HistoryEntry], description: 'The newest first' })
  ofLesson(@Within() scope: Scope, @Param('id') lessonId: string): Promise<HistoryEntry[]> {
    return this.undos.ofLesson(scope, lessonId);
  }

  @Get('players/:id/history')
  @May('see')
  @ApiOkResponse({ type: [HistoryEntry], description: 'The newest first' })
  ofPlayer(@Within() scope: Scope, @Param('id') playerId: string): Promise<HistoryEntry[]> {
    return this.undos.ofPlayer(scope, playerId);
  }

  @Get('academy/history')
  @May('see')
  @ApiOkResponse({
    type: [HistoryEntry],
    description: 'Rules, drills and people; the newest first',
  })
  ofAcademy(@Within() scope: Scope): Promise<HistoryEntry[]> {
    return this.undos.ofAcademy(scope);
  }

  @Post('history/:id/undo')
  @May('plan')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  undo(@Within() scope: Scope, @Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.undos.undo(scope, id, change);
  }
}
