import { UseInterceptors, applyDecorators } from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import { ApiBody, ApiConsumes } from '@nestjs/swagger';

/** More than years of a busy academy, bytes. */
const MOST_BYTES = 500 * 1024 * 1024;

/** A route that takes one file, the field `file`: a copy or an archive. */
export const TakesFile = (): MethodDecorator =>
  applyDecorators(
    ApiConsumes('multipart/form-data'),
    ApiBody({
      schema: {
        type: 'object',
        required: ['file'],
        properties: { file: { type: 'string', format: 'binary' } },
      },
    }),
    UseInterceptors(FileInterceptor('file', { limits: { fileSize: MOST_BYTES, files: 1 } })),
  );
