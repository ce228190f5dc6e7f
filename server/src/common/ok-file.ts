import { ApiOkResponse } from '@nestjs/swagger';

/** An answer that is a file of a type, not JSON. */
export const OkFile = (type: string, description: string): MethodDecorator =>
  ApiOkResponse({
    description,
    content: { [type]: { schema: { type: 'string', format: 'binary' } } },
  });
