import { BadRequestException, applyDecorators, createParamDecorator } from '@nestjs/common';
import type { ExecutionContext } from '@nestjs/common';
import { ApiHeader } from '@nestjs/swagger';
import { whoOf } from '../door/within.ts';
import type { Admitted } from '../door/within.ts';
import type { Writer } from './history.service.ts';

export const CHANGE_HEADER = 'x-loxos-change';
export const DEVICE_HEADER = 'x-loxos-device';
const NAME = /^[\w-]{1,60}$/;

function nameIn(request: Admitted, header: string): string | null {
  const text = request.headers[header];
  if (text === undefined) return null;
  if (typeof text !== 'string' || !NAME.test(text))
    throw new BadRequestException(`${header}: letters, digits, - and _, at most 60`);
  return text;
}

/** The writer that a request is by, as its headers name it. Throws 400 where they name it badly. */
export const Writes = createParamDecorator((_data: unknown, context: ExecutionContext): Writer => {
  const request = context.switchToHttp().getRequest<Admitted>();
  return {
    id: nameIn(request, CHANGE_HEADER),
    device: nameIn(request, DEVICE_HEADER) ?? '',
    who: whoOf(request),
  };
});

/** Says in the API's document how a write names itself. */
export const NamesItsChange = (): MethodDecorator =>
  applyDecorators(
    ApiHeader({
      name: CHANGE_HEADER,
      required: false,
      description: 'Chosen by the writer: a write sent twice is taken once',
    }),
    ApiHeader({ name: DEVICE_HEADER, required: false, description: 'The device it was made on' }),
  );
