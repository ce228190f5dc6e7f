import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Param,
  Patch,
  Post,
  Query,
} from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiProduces,
  ApiTags,
} from '@nestjs/swagger';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import {
  CreateLesson,
  Lesson,
  LessonQuery,
  LessonSummary,
  RepeatLesson,
  UpdateLesson,
} from './lesson.dto.ts';
import { LessonsService } from './lessons.service.ts';

@ApiTags('lessons')
@Controller('api/lessons')
export class LessonsController {
  constructor(private readonly lessons: LessonsService) {}

  @Get()
  @ApiOkResponse({ type: [LessonSummary] })
  list(@Query() query: LessonQuery): Promise<LessonSummary[]> {
    return this.lessons.list(query);
  }

  @Post()
  @ApiCreatedResponse({ type: LessonSummary })
  @NamesItsChange()
  create(@Body() body: CreateLesson, @Writes() change: Change): Promise<LessonSummary> {
    return this.lessons.create(body, change);
  }

  @Get(':id')
  @ApiOkResponse({ type: Lesson })
  get(@Param('id') id: string): Promise<Lesson> {
    return this.lessons.get(id);
  }

  @Patch(':id')
  @ApiOkResponse({ type: LessonSummary })
  @NamesItsChange()
  update(
    @Param('id') id: string,
    @Body() body: UpdateLesson,
    @Writes() change: Change,
  ): Promise<LessonSummary> {
    return this.lessons.update(id, body, change);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.lessons.remove(id, change);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: LessonSummary })
  @NamesItsChange()
  restore(@Param('id') id: string, @Writes() change: Change): Promise<LessonSummary> {
    return this.lessons.restore(id, change);
  }

  @Post(':id/repeat')
  @ApiCreatedResponse({ type: LessonSummary })
  @NamesItsChange()
  repeat(
    @Param('id') id: string,
    @Body() body: RepeatLesson,
    @Writes() change: Change,
  ): Promise<LessonSummary> {
    return this.lessons.repeat(id, body, change);
  }

  @Get(':id/balls.csv')
  @ApiProduces('text/csv')
  @ApiOkResponse({ type: String, description: 'The balls as a launch file in SI units' })
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="balls.csv"')
  balls(@Param('id') id: string): Promise<string> {
    return this.lessons.printBalls(id);
  }
}
