import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { AddRepetition, ChangePart, LessonPart, StoredRepetition } from './part.dto.ts';
import { StepsService } from './steps.service.ts';
import { May } from '../accounts/abilities.ts';
import { Within } from '../accounts/within.ts';
import type { Scope } from '../common/scope.ts';

@ApiTags('steps')
@Controller('api')
export class StepsController {
  constructor(private readonly steps: StepsService) {}

  @Get('lessons/:lessonId/parts')
  @May('see')
  @ApiOkResponse({ type: [LessonPart] })
  parts(@Within() scope: Scope, @Param('lessonId') lessonId: string): Promise<LessonPart[]> {
    return this.steps.parts(scope, lessonId);
  }

  @Get('lessons/:lessonId/repetitions')
  @May('see')
  @ApiOkResponse({ type: [StoredRepetition], description: 'In the order made, the last 5000' })
  repetitions(
    @Within() scope: Scope,
    @Param('lessonId') lessonId: string,
  ): Promise<StoredRepetition[]> {
    return this.steps.repetitions(scope, lessonId);
  }

  @Patch('lessons/:lessonId/parts/:part')
  @May('plan')
  @ApiOkResponse({ type: LessonPart })
  @NamesItsChange()
  change(
    @Within() scope: Scope,
    @Param('lessonId') lessonId: string,
    @Param('part') part: string,
    @Body() { changes }: ChangePart,
    @Writes() change: Change,
  ): Promise<LessonPart> {
    return this.steps.edit(scope, lessonId, part, changes, 'changed', change);
  }

  @Post('lessons/:lessonId/repetitions')
  @May('log')
  @ApiCreatedResponse({ type: StoredRepetition })
  @NamesItsChange()
  add(
    @Within() scope: Scope,
    @Param('lessonId') lessonId: string,
    @Body() body: AddRepetition,
    @Writes() change: Change,
  ): Promise<StoredRepetition> {
    return this.steps.addRepetition(scope, lessonId, body, change);
  }

  @Delete('repetitions/:id')
  @May('log')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Within() scope: Scope, @Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.steps.removeRepetition(scope, id, change);
  }
}
