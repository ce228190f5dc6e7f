import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
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
  create(@Body() body: CreateOwnDrill): Promise<OwnDrill> {
    return this.drills.create(body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Param('id') id: string): Promise<void> {
    return this.drills.remove(id);
  }
}
