import { Body, Controller, Delete, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { AddRepetition, ChangePart, LessonPart, StoredRepetition } from './part.dto.ts';
import { StepsService } from './steps.service.ts';

@ApiTags('steps')
@Controller('api')
export class StepsController {
  constructor(private readonly steps: StepsService) {}

  @Patch('lessons/:lessonId/parts/:part')
  @ApiOkResponse({ type: LessonPart })
  @NamesItsChange()
  change(
    @Param('lessonId') lessonId: string,
    @Param('part') part: string,
    @Body() { changes }: ChangePart,
    @Writes() change: Change,
  ): Promise<LessonPart> {
    return this.steps.edit(lessonId, part, changes, 'changed', change);
  }

  @Post('lessons/:lessonId/repetitions')
  @ApiCreatedResponse({ type: StoredRepetition })
  @NamesItsChange()
  add(
    @Param('lessonId') lessonId: string,
    @Body() body: AddRepetition,
    @Writes() change: Change,
  ): Promise<StoredRepetition> {
    return this.steps.addRepetition(lessonId, body, change);
  }

  @Delete('repetitions/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.steps.removeRepetition(id, change);
  }
}
