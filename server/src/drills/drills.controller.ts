import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { CreateOwnDrill, OwnDrill } from './drill.dto.ts';
import { DrillsService } from './drills.service.ts';

@ApiTags('drills')
@Controller('api/drills')
export class DrillsController {
  constructor(private readonly drills: DrillsService) {}

  @Get()
  @ApiOkResponse({ type: [OwnDrill] })
  list(): Promise<OwnDrill[]> {
    return this.drills.list();
  }

  @Post()
  @ApiCreatedResponse({ type: OwnDrill })
  @NamesItsChange()
  create(@Body() body: CreateOwnDrill, @Writes() change: Change): Promise<OwnDrill> {
    return this.drills.create(body, change);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.drills.remove(id, change);
  }
}
