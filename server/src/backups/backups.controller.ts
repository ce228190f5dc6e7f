import {
  BadRequestException,
  Controller,
  Get,
  HttpCode,
  Param,
  Post,
  Res,
  UploadedFile,
  UseInterceptors,
} from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import {
  ApiBody,
  ApiConsumes,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiTags,
} from '@nestjs/swagger';
import { May } from '../accounts/abilities.ts';
import type { Response } from 'express';
import { Copy } from './backup.dto.ts';
import { BackupsService } from './backups.service.ts';

/** More than years of a busy academy. */
const MOST_BYTES = 500 * 1024 * 1024;

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
  @ApiConsumes('multipart/form-data')
  @ApiBody({
    schema: {
      type: 'object',
      required: ['file'],
      properties: { file: { type: 'string', format: 'binary' } },
    },
  })
  @UseInterceptors(FileInterceptor('file', { limits: { fileSize: MOST_BYTES, files: 1 } }))
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
