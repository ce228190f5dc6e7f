import { createReadStream } from 'node:fs';
import {
  BadRequestException,
  Controller,
  Get,
  HttpCode,
  Param,
  Post,
  Res,
  StreamableFile,
  UploadedFile,
} from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { TakesFile } from '../common/one-file.ts';
import { May } from '../accounts/abilities.ts';
import { Recorded } from '../accounts/record/recorded.ts';
import type { Admitted } from '../accounts/within.ts';
import type { Response } from 'express';
import { Copy } from './backup.dto.ts';
import { BackupsService } from './backups.service.ts';

/** Which copy: when it was made, and why. */
const ofCopy = ({ params }: Admitted): { detail: string } => ({ detail: String(params['name']) });

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
  @Recorded('copy-made')
  @May('own')
  @ApiCreatedResponse({ type: Copy })
  make(): Promise<Copy> {
    return this.backups.make('asked');
  }

  @Post('restore')
  @Recorded('copy-put-back', () => ({ detail: 'from a file' }))
  @May('own')
  @HttpCode(204)
  @ApiNoContentResponse()
  @TakesFile()
  async restoreFile(@UploadedFile() file: Express.Multer.File | undefined): Promise<void> {
    if (file === undefined) throw new BadRequestException('file: choose the copy');
    await this.backups.restoreBytes(file.buffer);
  }

  @Get(':name')
  @Recorded('copy-taken', ofCopy)
  @May('own')
  @ApiOkResponse({ type: String, description: 'The copy, as a file' })
  async download(
    @Param('name') name: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const bytes = createReadStream(await this.backups.fileOf(name));
    response.attachment(name);
    return new StreamableFile(bytes);
  }

  @Post(':name/restore')
  @Recorded('copy-put-back', ofCopy)
  @May('own')
  @HttpCode(204)
  @ApiNoContentResponse()
  restore(@Param('name') name: string): Promise<void> {
    return this.backups.restore(name);
  }
}
