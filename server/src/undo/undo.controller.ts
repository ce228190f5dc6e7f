import { Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { HistoryEntry } from '../history/history.dto.ts';
import { UndoService } from './undo.service.ts';

@ApiTags('history')
@Controller('api')
export class UndoController {
  constructor(private readonly undos: UndoService) {}

  @Get('lessons/:id/history')
  @ApiOkResponse({ type: [HistoryEntry], description: 'The newest first' })
  ofLesson(@Param('id') lessonId: string): Promise<HistoryEntry[]> {
    return this.undos.ofLesson(lessonId);
  }

  @Get('players/:id/history')
  @ApiOkResponse({ type: [HistoryEntry], description: 'The newest first' })
  ofPlayer(@Param('id') playerId: string): Promise<HistoryEntry[]> {
    return this.undos.ofPlayer(playerId);
  }

  @Post('history/:id/undo')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  undo(@Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.undos.undo(id, change);
  }
}
