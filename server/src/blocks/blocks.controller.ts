import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../accounts/abilities.ts';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { Block, MoveBalls, StartBlock, UpdateBlock } from './block.dto.ts';
import { BlocksService } from './blocks.service.ts';
import { Within } from '../accounts/within.ts';
import type { Scope } from '../common/scope.ts';

@ApiTags('blocks')
@Controller('api')
export class BlocksController {
  constructor(private readonly blocks: BlocksService) {}

  @Get('lessons/:lessonId/blocks')
  @May('see')
  @ApiOkResponse({ type: [Block], description: 'In the order begun; the last is under way' })
  list(@Within() scope: Scope, @Param('lessonId') lessonId: string): Promise<Block[]> {
    return this.blocks.ofLesson(scope, lessonId);
  }

  @Post('lessons/:lessonId/blocks')
  @May('log')
  @ApiCreatedResponse({ type: Block })
  @NamesItsChange()
  start(
    @Within() scope: Scope,
    @Param('lessonId') lessonId: string,
    @Body() body: StartBlock,
    @Writes() change: Change,
  ): Promise<Block> {
    return this.blocks.start(scope, lessonId, body, change);
  }

  @Post('lessons/:lessonId/balls/block')
  @May('log')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  move(
    @Within() scope: Scope,
    @Param('lessonId') lessonId: string,
    @Body() body: MoveBalls,
    @Writes() change: Change,
  ): Promise<void> {
    return this.blocks.move(scope, lessonId, body, change);
  }

  @Patch('blocks/:id')
  @May('log')
  @ApiOkResponse({ type: Block })
  @NamesItsChange()
  change(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Body() body: UpdateBlock,
    @Writes() change: Change,
  ): Promise<Block> {
    return this.blocks.change(scope, id, body, change);
  }

  @Delete('blocks/:id')
  @May('log')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Within() scope: Scope, @Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.blocks.remove(scope, id, change);
  }
}
