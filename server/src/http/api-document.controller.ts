import { Controller, Get, Injectable } from '@nestjs/common';
import { ApiExcludeEndpoint } from '@nestjs/swagger';
import type { OpenAPIObject } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';

/** What the API is, once the app has been put together. */
@Injectable()
export class ApiDocument {
  document: OpenAPIObject | null = null;
}

@Controller('api/openapi.json')
export class ApiDocumentController {
  constructor(private readonly api: ApiDocument) {}

  @Get()
  @May('see')
  @ApiExcludeEndpoint()
  get(): OpenAPIObject | null {
    return this.api.document;
  }
}
