import { Body, Controller, Delete, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Ball, CreateBall, UpdateBall } from './ball.dto.ts';
import { BallsService } from './balls.service.ts';

@ApiTags('balls')
@Controller('api')
export class BallsController {
  constructor(private readonly balls: BallsService) {}

  @Post('lessons/:lessonId/balls')
  @ApiCreatedResponse({ type: Ball })
  add(@Param('lessonId') lessonId: string, @Body() body: CreateBall): Promise<Ball> {
    return this.balls.add(lessonId, body);
  }

  @Patch('balls/:id')
  @ApiOkResponse({ type: Ball })
  change(@Param('id') id: string, @Body() body: UpdateBall): Promise<Ball> {
    return this.balls.change(id, body);
  }

  @Delete('balls/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Param('id') id: string): Promise<void> {
    return this.balls.remove(id);
  }

  @Post('balls/:id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: Ball })
  restore(@Param('id') id: string): Promise<Ball> {
    return this.balls.restore(id);
  }
}
