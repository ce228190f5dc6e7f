import {
  BadRequestException,
  Controller,
  Get,
  HttpCode,
  Param,
  Post,
  Res,
  UploadedFile,
} from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { TakesFile } from '../common/one-file.ts';
import { May } from '../accounts/abilities.ts';
import type { Response } from 'express';
import { Copy } from './backup.dto.ts';
import { BackupsService } from './backups.service.ts';

@ApiTags('backups')
@Controller('api/backups')
export class BackupsController {
  constructor(private readonly backups: BackupsService) {}

  @Get()
  @May('own')
  @ApiOkResponse({ type: [Copy], description: 'The newest first' })
  list(): Promise<Copy[]> {
    return this.backups.list();
  }

  @Post()
  @May('own')
  @ApiCreatedResponse({ type: Copy })
  make(): Promise<Copy> {
    return this.backups.make('asked');
  }

  @Post('restore')
  @May('own')
  @HttpCode(204)
  @ApiNoContentResponse()
  @TakesFile()
  async restoreFile(@UploadedFile() file: Express.Multer.File | undefined): Promise<void> {
    if (file === undefined) throw new BadRequestException('file: choose the copy');
    await this.backups.restoreBytes(file.buffer);
  }

  @Get(':name')
  @May('own')
  @ApiOkResponse({ type: String, description: 'The copy, as a file' })
  async download(@Param('name') name: string, @Res() response: Response): Promise<void> {
    response.download(await this.backups.fileOf(name), name);
  }

  @Post(':name/restore')
  @May('own')
  @HttpCode(204)
  @ApiNoContentResponse()
  restore(@Param('name') name: string): Promise<void> {
    return this.backups.restore(name);
  }
}
