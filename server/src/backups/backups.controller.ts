import { createReadStream } from 'node:fs';
import {
  BadRequestException,
  Body,
  Controller,
  Delete,
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
import { OkFile } from '../common/ok-file.ts';
import { May } from '../door/abilities.ts';
import { Recorded } from '../accounts/record/recorded.ts';
import type { Admitted } from '../door/within.ts';
import type { Response } from 'express';
import { CopiesState, Copy, PutBackCopy, SealCopies } from './backup.dto.ts';
import { BackupsService } from './backups.service.ts';

/** Returns which copy a request is of: when it was made, and why. */
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
  async restoreFile(
    @UploadedFile() file: Express.Multer.File | undefined,
    @Body() { passphrase }: PutBackCopy,
  ): Promise<void> {
    if (file === undefined) throw new BadRequestException('file: choose the copy');
    await this.backups.restoreBytes(file.buffer, passphrase);
  }

  @Get('state')
  @May('own')
  @ApiOkResponse({ type: CopiesState })
  state(): Promise<CopiesState> {
    return this.backups.state();
  }

  @Post('tried')
  @May('own')
  @ApiCreatedResponse({ type: CopiesState, description: 'The newest copy was tried out' })
  tryOut(): Promise<CopiesState> {
    return this.backups.tryOut();
  }

  @Post('seal')
  @Recorded('copies-sealed')
  @May('own')
  @HttpCode(204)
  @ApiNoContentResponse()
  seal(@Body() { passphrase }: SealCopies): Promise<void> {
    return this.backups.sealWith(passphrase);
  }

  @Delete('seal')
  @Recorded('copies-unsealed')
  @May('own')
  @HttpCode(204)
  @ApiNoContentResponse()
  unseal(): Promise<void> {
    return this.backups.unseal();
  }

  @Get(':name')
  @Recorded('copy-taken', ofCopy)
  @May('own')
  @OkFile('application/octet-stream', 'The copy, as a file')
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
  restore(@Param('name') name: string, @Body() { passphrase }: PutBackCopy): Promise<void> {
    return this.backups.restore(name, passphrase);
  }
}
