import { Controller, Get, Injectable } from '@nestjs/common';
import { ApiExcludeEndpoint } from '@nestjs/swagger';
import type { OpenAPIObject } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';

/** What the API is: described when it is first asked for, once the app has been put together. */
@Injectable()
export class ApiDocument {
  describe: () => OpenAPIObject = () => {
    throw new Error('the app is not put together yet');
  };
  private made: OpenAPIObject | null = null;

  document(): OpenAPIObject {
    return (this.made ??= this.describe());
  }
}

@Controller('api/openapi.json')
export class ApiDocumentController {
  constructor(private readonly api: ApiDocument) {}

  @Get()
  @May('see')
  @ApiExcludeEndpoint()
  get(): OpenAPIObject {
    return this.api.document();
  }
}
