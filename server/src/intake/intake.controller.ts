import {
  BadRequestException,
  Body,
  Controller,
  Get,
  HttpCode,
  Param,
  Post,
  Query,
  Res,
  UploadedFile,
  UseInterceptors,
} from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import { ApiBody, ApiConsumes, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { ApiBodyOptions } from '@nestjs/swagger';
import { OkFile } from '../common/ok-file.ts';
import { May } from '../door/abilities.ts';
import type { Response } from 'express';
import { NamesItsChange, Writes } from '../history/writer.ts';
import type { Writer } from '../history/history.service.ts';
import { UPLOAD_LIMIT_BYTES } from '../common/upload-limit.ts';
import { Gone } from '../common/gone.ts';
import { checked } from '../common/validation.ts';
import { IntakeAnswers, IntakeResult, LaunchFile, RowPage, RowsQuery } from './intake.dto.ts';
import { IntakeService } from './intake.service.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';

const BODY: ApiBodyOptions = {
  schema: {
    type: 'object',
    required: ['file'],
    properties: {
      file: {
        type: 'string',
        format: 'binary',
        description: 'Launch data: delimited text, .xlsx or JSON',
      },
      answers: { type: 'string', description: 'IntakeAnswers as JSON' },
      again: {
        type: 'string',
        enum: ['yes'],
        description: 'Asks anew what was answered for this source before',
      },
    },
  },
};

const NAME_LIMIT = 200;

async function answersOf(json: unknown): Promise<IntakeAnswers> {
  if (json === undefined || json === '') return {};
  if (typeof json !== 'string') throw new BadRequestException('answers: send them as JSON text');
  let plain: unknown;
  try {
    plain = JSON.parse(json);
  } catch {
    throw new BadRequestException('answers: not JSON');
  }
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    throw new BadRequestException('answers: send an object');
  return checked(IntakeAnswers, plain);
}

@ApiTags('intake')
@Controller('api')
export class IntakeController {
  constructor(private readonly intake: IntakeService) {}

  @Post('lessons/:lessonId/files')
  @May('log')
  @HttpCode(200)
  @ApiConsumes('multipart/form-data')
  @ApiBody(BODY)
  @ApiOkResponse({ type: IntakeResult })
  @NamesItsChange()
  @UseInterceptors(FileInterceptor('file', { limits: { fileSize: UPLOAD_LIMIT_BYTES, files: 1 } }))
  async bringIn(
    @Within() scope: Scope,
    @Param('lessonId') lessonId: string,
    @UploadedFile() file: Express.Multer.File | undefined,
    @Body() body: Record<string, unknown>,
    @Writes() writer: Writer,
    @Gone() gone: AbortSignal,
  ): Promise<IntakeResult> {
    if (file === undefined) throw new BadRequestException('file: choose a file to bring in');
    // Multer reads names as Latin-1; browsers send UTF-8.
    const name = Buffer.from(file.originalname, 'latin1').toString('utf8').slice(0, NAME_LIMIT);
    const answers = await answersOf(body['answers']);
    const said = { answers, isAskedAgain: body['again'] === 'yes' };
    return this.intake.bringIn(scope, lessonId, { name, bytes: file.buffer }, said, writer, gone);
  }

  @Get('lessons/:lessonId/files')
  @May('see')
  @ApiOkResponse({ type: [LaunchFile] })
  list(@Within() scope: Scope, @Param('lessonId') lessonId: string): Promise<LaunchFile[]> {
    return this.intake.ofLesson(scope, lessonId);
  }

  @Get('files/:id/rows')
  @May('see')
  @ApiOkResponse({ type: RowPage })
  rows(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Query() { skip, fate }: RowsQuery,
  ): Promise<RowPage> {
    return this.intake.rows(scope, id, skip ?? 0, fate);
  }

  @Get('files/:id')
  @May('see')
  @OkFile('application/octet-stream', 'The file as it came')
  async raw(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Res() response: Response,
  ): Promise<void> {
    const { name, content } = await this.intake.raw(scope, id);
    response.attachment(name).type('application/octet-stream').send(content);
  }
}
