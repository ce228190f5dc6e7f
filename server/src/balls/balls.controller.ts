import { Body, Controller, Delete, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { Ball, CreateBall, UpdateBall } from './ball.dto.ts';
import { BallsService } from './balls.service.ts';

@ApiTags('balls')
@Controller('api')
export class BallsController {
  constructor(private readonly balls: BallsService) {}

  @Post('lessons/:lessonId/balls')
  @ApiCreatedResponse({ type: Ball })
  @NamesItsChange()
  add(
    @Param('lessonId') lessonId: string,
    @Body() body: CreateBall,
    @Writes() change: Change,
  ): Promise<Ball> {
    return this.balls.add(lessonId, body, change);
  }

  @Patch('balls/:id')
  @ApiOkResponse({ type: Ball })
  @NamesItsChange()
  change(
    @Param('id') id: string,
    @Body() body: UpdateBall,
    @Writes() change: Change,
  ): Promise<Ball> {
    return this.balls.change(id, body, change);
  }

  @Delete('balls/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.balls.remove(id, change);
  }

  @Post('balls/:id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: Ball })
  @NamesItsChange()
  restore(@Param('id') id: string, @Writes() change: Change): Promise<Ball> {
    return this.balls.restore(id, change);
  }
}
