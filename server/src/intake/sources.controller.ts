import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import { FileSource } from './intake.dto.ts';
import { SourcesService } from './sources.service.ts';

@ApiTags('intake')
@Controller('api/file-sources')
export class SourcesController {
  constructor(private readonly sources: SourcesService) {}

  @Get()
  @May('see')
  @ApiOkResponse({ type: [FileSource] })
  all(@Within() scope: Scope): Promise<FileSource[]> {
    return this.sources.all(scope);
  }
}
