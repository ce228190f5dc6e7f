import { Controller, Get, Header, Param, Query, StreamableFile } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { ballsAsCells, ballsAsCsv, ballsAsJson } from '@loxos/core';
import type { BallsJson } from '@loxos/core';
import writeSheets from 'write-excel-file/node';
import { OkFile } from '../common/ok-file.ts';
import { May } from '../door/abilities.ts';
import { BallPage, BallsQuery } from './ball.dto.ts';
import { BallsService } from './balls.service.ts';
import { Recorded, ofLesson } from '../accounts/record/recorded.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';

const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

@ApiTags('balls')
@Controller('api')
export class BallsController {
  constructor(private readonly balls: BallsService) {}

  @Get('lessons/:lessonId/balls')
  @May('see')
  @ApiOkResponse({ type: BallPage })
  page(
    @Within() scope: Scope,
    @Param('lessonId') lessonId: string,
    @Query() { after }: BallsQuery,
  ): Promise<BallPage> {
    return this.balls.page(scope, lessonId, after ?? 0);
  }

  @Get('lessons/:lessonId/balls.csv')
  @Recorded('exported', ofLesson('balls as CSV', 'lessonId'))
  @May('see')
  @OkFile('text/csv', 'The balls as a launch file in SI units')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="balls.csv"')
  async csv(@Within() scope: Scope, @Param('lessonId') lessonId: string): Promise<string> {
    const { balls, told } = await this.balls.told(scope, lessonId);
    return ballsAsCsv(balls, told);
  }

  @Get('lessons/:lessonId/balls.json')
  @Recorded('exported', ofLesson('balls as JSON', 'lessonId'))
  @May('see')
  @ApiOkResponse({ type: Object, description: 'The balls by docs/balls.schema.json' })
  @Header('Content-Disposition', 'attachment; filename="balls.json"')
  async json(@Within() scope: Scope, @Param('lessonId') lessonId: string): Promise<BallsJson> {
    const { balls, told, ...whose } = await this.balls.told(scope, lessonId);
    return ballsAsJson(balls, told, whose);
  }

  @Get('lessons/:lessonId/balls.xlsx')
  @Recorded('exported', ofLesson('balls as a spreadsheet', 'lessonId'))
  @May('see')
  @OkFile(XLSX, 'The balls as a spreadsheet, as in the CSV')
  @Header('Content-Type', XLSX)
  @Header('Content-Disposition', 'attachment; filename="balls.xlsx"')
  async sheet(
    @Within() scope: Scope,
    @Param('lessonId') lessonId: string,
  ): Promise<StreamableFile> {
    const { balls, told } = await this.balls.told(scope, lessonId);
    const data = ballsAsCells(balls, told).map((row) =>
      row.map((value) => (value === null ? null : { value })),
    );
    return new StreamableFile(await writeSheets([{ sheet: 'Balls', data }]).toBuffer());
  }
}
