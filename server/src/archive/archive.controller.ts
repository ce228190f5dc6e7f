import {
  BadRequestException,
  Body,
  Controller,
  Get,
  Header,
  HttpCode,
  Param,
  Post,
  StreamableFile,
  UploadedFile,
} from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiTags } from '@nestjs/swagger';
import { TakesFile } from '../common/one-file.ts';
import { OkFile } from '../common/ok-file.ts';
import { May } from '../door/abilities.ts';
import { Recorded, ofPlayer } from '../accounts/record/recorded.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import { NamesItsChange, Writes } from '../history/writer.ts';
import type { Writer } from '../history/history.service.ts';
import { BroughtIn, ErasePlayer } from './archive.dto.ts';
import { ArchiveService } from './archive.service.ts';

@ApiTags('archive')
@Controller('api')
export class ArchiveController {
  constructor(private readonly archive: ArchiveService) {}

  @Get('archive')
  @Recorded('archive-taken', () => ({ detail: 'the whole academy' }))
  @May('own')
  @Header('Content-Disposition', 'attachment; filename="academy.loxos.zip"')
  @OkFile('application/zip', 'The academy as a file')
  async out(@Within() scope: Scope): Promise<StreamableFile> {
    return new StreamableFile(await this.archive.takeOut(scope), { type: 'application/zip' });
  }

  @Post('archive')
  @Recorded('archive-brought')
  @May('own')
  @ApiCreatedResponse({ type: BroughtIn })
  @TakesFile()
  @NamesItsChange()
  bringIn(
    @Within() scope: Scope,
    @UploadedFile() file: Express.Multer.File | undefined,
    @Writes() writer: Writer,
  ): Promise<BroughtIn> {
    if (file === undefined) throw new BadRequestException('file: choose the archive');
    return this.archive.bringIn(scope, file.buffer, writer);
  }

  @Get('players/:id/archive')
  @Recorded('archive-taken', ofPlayer('all of a player'))
  @May('plan')
  @Header('Content-Disposition', 'attachment; filename="player.loxos.zip"')
  @OkFile('application/zip', 'Everything of a player as a file')
  async outPlayer(@Within() scope: Scope, @Param('id') id: string): Promise<StreamableFile> {
    const bytes = await this.archive.takeOutPlayer(scope, id);
    return new StreamableFile(bytes, { type: 'application/zip' });
  }

  @Post('players/:id/erase')
  @Recorded('erased', ofPlayer('a player'))
  @HttpCode(204)
  @May('own')
  @ApiNoContentResponse()
  @NamesItsChange()
  erase(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Body() { name }: ErasePlayer,
    @Writes() writer: Writer,
  ): Promise<void> {
    return this.archive.erase(scope, id, name, writer);
  }
}
