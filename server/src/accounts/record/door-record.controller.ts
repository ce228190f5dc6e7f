import { Controller, Get, HttpCode, Post, Query } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../../door/abilities.ts';
import { Within } from '../../door/within.ts';
import type { Scope } from '../../common/scope.ts';
import { DoorEvent, DoorPage, DoorQuery } from './door-event.dto.ts';
import { DoorRecordService } from './door-record.service.ts';

/** The record of doors is read, and added to by what happens; nobody writes it. */
@ApiTags('door-record')
@Controller('api/doors')
export class DoorRecordController {
  constructor(private readonly record: DoorRecordService) {}

  @Get()
  @May('own')
  @ApiOkResponse({ type: DoorPage })
  page(@Within() scope: Scope, @Query() { before }: DoorQuery): Promise<DoorPage> {
    return this.record.page(scope, before);
  }

  @Get('news')
  @May('own')
  @ApiOkResponse({ type: [DoorEvent], description: 'What others did since one last looked' })
  news(@Within() scope: Scope): Promise<DoorEvent[]> {
    return this.record.news(scope);
  }

  @Post('seen')
  @May('own')
  @HttpCode(204)
  @ApiNoContentResponse()
  seen(@Within() scope: Scope): Promise<void> {
    return this.record.seen(scope);
  }
}
