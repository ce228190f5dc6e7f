import { Controller, Get, Param } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { Block } from './block.dto.ts';
import { BlocksService } from './blocks.service.ts';
import { Within } from '../door/within.ts';
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
}
