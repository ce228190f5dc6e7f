import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { AddRepetition, LessonChange, LessonPart, PutPart, StoredRepetition } from './part.dto.ts';
import { StepsService } from './steps.service.ts';

@ApiTags('steps')
@Controller('api')
export class StepsController {
  constructor(private readonly steps: StepsService) {}

  @Put('lessons/:lessonId/parts/:part')
  @ApiOkResponse({ type: LessonPart })
  put(
    @Param('lessonId') lessonId: string,
    @Param('part') part: string,
    @Body() body: PutPart,
  ): Promise<LessonPart> {
    return this.steps.put(lessonId, part, body);
  }

  @Get('lessons/:lessonId/changes')
  @ApiOkResponse({ type: [LessonChange] })
  changes(@Param('lessonId') lessonId: string): Promise<LessonChange[]> {
    return this.steps.changes(lessonId);
  }

  @Post('lessons/:lessonId/repetitions')
  @ApiCreatedResponse({ type: StoredRepetition })
  add(@Param('lessonId') lessonId: string, @Body() body: AddRepetition): Promise<StoredRepetition> {
    return this.steps.addRepetition(lessonId, body);
  }

  @Delete('repetitions/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Param('id') id: string): Promise<void> {
    return this.steps.removeRepetition(id);
  }
}
