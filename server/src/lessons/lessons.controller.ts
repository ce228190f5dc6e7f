import { Controller, Get, Param, Query } from '@nestjs/common';
import { ApiHeader, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { DEVICE_HEADER, Writes } from '../history/writer.ts';
import type { Writer } from '../history/history.service.ts';
import { LessonHead, LessonQuery, LessonSummary, MOST_LESSONS } from './lesson.dto.ts';
import { LessonsService } from './lessons.service.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';

@ApiTags('lessons')
@Controller('api/lessons')
export class LessonsController {
  constructor(private readonly lessons: LessonsService) {}

  @Get()
  @May('see')
  @ApiOkResponse({
    type: [LessonSummary],
    description: `In order, a player’s newest first; at most ${MOST_LESSONS}: ask on with from or to`,
  })
  list(@Within() scope: Scope, @Query() query: LessonQuery): Promise<LessonSummary[]> {
    return this.lessons.list(scope, query);
  }

  @Get(':id')
  @May('see')
  @ApiOkResponse({ type: LessonHead })
  @ApiHeader({ name: DEVICE_HEADER, required: false, description: 'The device that asks' })
  get(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Writes() { device }: Writer,
  ): Promise<LessonHead> {
    return this.lessons.get(scope, id, device);
  }
}
