import { Body, Controller, Delete, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { Block, MoveBalls, StartBlock, UpdateBlock } from './block.dto.ts';
import { BlocksService } from './blocks.service.ts';

@ApiTags('blocks')
@Controller('api')
export class BlocksController {
  constructor(private readonly blocks: BlocksService) {}

  @Post('lessons/:lessonId/blocks')
  @ApiCreatedResponse({ type: Block })
  @NamesItsChange()
  start(
    @Param('lessonId') lessonId: string,
    @Body() body: StartBlock,
    @Writes() change: Change,
  ): Promise<Block> {
    return this.blocks.start(lessonId, body, change);
  }

  @Post('lessons/:lessonId/balls/block')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  move(
    @Param('lessonId') lessonId: string,
    @Body() body: MoveBalls,
    @Writes() change: Change,
  ): Promise<void> {
    return this.blocks.move(lessonId, body, change);
  }

  @Patch('blocks/:id')
  @ApiOkResponse({ type: Block })
  @NamesItsChange()
  change(
    @Param('id') id: string,
    @Body() body: UpdateBlock,
    @Writes() change: Change,
  ): Promise<Block> {
    return this.blocks.change(id, body, change);
  }

  @Delete('blocks/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.blocks.remove(id, change);
  }
}
