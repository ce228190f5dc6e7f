import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post, Query } from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiHeader,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiTags,
} from '@nestjs/swagger';
import { May } from '../accounts/abilities.ts';
import { DEVICE_HEADER, NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import {
  CreateLesson,
  LessonHead,
  LessonQuery,
  LessonSummary,
  MOST_LESSONS,
  UpdateLesson,
} from './lesson.dto.ts';
import { LessonsService } from './lessons.service.ts';
import { Within } from '../accounts/within.ts';
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

  @Post()
  @May('plan')
  @ApiCreatedResponse({ type: LessonSummary })
  @NamesItsChange()
  create(
    @Within() scope: Scope,
    @Body() body: CreateLesson,
    @Writes() change: Change,
  ): Promise<LessonSummary> {
    return this.lessons.create(scope, body, change);
  }

  @Get(':id')
  @May('see')
  @ApiOkResponse({ type: LessonHead })
  @ApiHeader({ name: DEVICE_HEADER, required: false, description: 'The device that asks' })
  get(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Writes() { device }: Change,
  ): Promise<LessonHead> {
    return this.lessons.get(scope, id, device);
  }

  @Patch(':id')
  @May('plan')
  @ApiOkResponse({ type: LessonSummary })
  @NamesItsChange()
  update(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Body() body: UpdateLesson,
    @Writes() change: Change,
  ): Promise<LessonSummary> {
    return this.lessons.update(scope, id, body, change);
  }

  @Delete(':id')
  @May('plan')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Within() scope: Scope, @Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.lessons.remove(scope, id, change);
  }

  @Post(':id/restore')
  @May('plan')
  @HttpCode(200)
  @ApiOkResponse({ type: LessonSummary })
  @NamesItsChange()
  restore(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Writes() change: Change,
  ): Promise<LessonSummary> {
    return this.lessons.restore(scope, id, change);
  }
}
