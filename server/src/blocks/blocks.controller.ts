import { Body, Controller, Delete, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Block, MoveBalls, StartBlock, UpdateBlock } from './block.dto.ts';
import { BlocksService } from './blocks.service.ts';

@ApiTags('blocks')
@Controller('api')
export class BlocksController {
  constructor(private readonly blocks: BlocksService) {}

  @Post('lessons/:lessonId/blocks')
  @ApiCreatedResponse({ type: Block })
  start(@Param('lessonId') lessonId: string, @Body() body: StartBlock): Promise<Block> {
    return this.blocks.start(lessonId, body);
  }

  @Post('lessons/:lessonId/balls/block')
  @HttpCode(204)
  @ApiNoContentResponse()
  move(@Param('lessonId') lessonId: string, @Body() body: MoveBalls): Promise<void> {
    return this.blocks.move(lessonId, body);
  }

  @Patch('blocks/:id')
  @ApiOkResponse({ type: Block })
  change(@Param('id') id: string, @Body() body: UpdateBlock): Promise<Block> {
    return this.blocks.change(id, body);
  }

  @Delete('blocks/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Param('id') id: string): Promise<void> {
    return this.blocks.remove(id);
  }
}
