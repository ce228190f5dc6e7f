import { Controller, Delete, Get, HttpCode, NotFoundException, Param } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiProperty, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import { UploadsUnderWay } from './uploads-under-way.ts';
import type { UploadUnderWay } from './uploads-under-way.ts';

const STAGES = ['reading', 'storing'] as const;

export class FileUnderWay {
  @ApiProperty({ enum: STAGES }) readonly stage!: (typeof STAGES)[number];
  @ApiProperty({ description: 'Share of its balls that are stored, from 0 to 1' })
  readonly share!: number;
  @ApiProperty({ description: 'Whether it can still be stopped' }) readonly canStop!: boolean;
}

/** Files on their way into a lesson, by the change that brings them: how far they are, and stopping them. */
@ApiTags('intake')
@Controller('api/files-under-way')
export class UploadsUnderWayController {
  constructor(private readonly uploads: UploadsUnderWay) {}

  @Get(':id')
  @May('log')
  @ApiOkResponse({ type: FileUnderWay })
  find(@Within() scope: Scope, @Param('id') id: string): FileUnderWay {
    const { stage, share, canStop } = this.require(scope, id);
    return { stage, share, canStop };
  }

  @Delete(':id')
  @May('log')
  @HttpCode(204)
  @ApiNoContentResponse({ description: 'It stops where it still can' })
  stop(@Within() scope: Scope, @Param('id') id: string): void {
    this.require(scope, id).stop();
  }

  private require(scope: Scope, id: string): UploadUnderWay {
    const underWay = this.uploads.find(scope, id);
    if (underWay === null) throw new NotFoundException('No such file is on its way.');
    return underWay;
  }
}
