import { Controller, Get, Param } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { LessonPart, StoredRepetition } from './part.dto.ts';
import { StepsService } from './steps.service.ts';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
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
}
