import type { Fields } from '@loxos/core';
import { BadRequestException, applyDecorators, createParamDecorator } from '@nestjs/common';
import type { ExecutionContext } from '@nestjs/common';
import { ApiHeader, ApiConflictResponse } from '@nestjs/swagger';
import type { Admitted } from '../accounts/within.ts';
import { Problem } from '../common/problem.ts';

/** A write as its writer names it. */
export interface Change {
  /** Chosen by the writer, so that a write that comes twice is taken once; null where it says none. */
  readonly id: string | null;
  /** The device it was made on; empty where it says none. A device never conflicts with itself. */
  readonly device: string;
  /** The version of the thing that the writer saw; null where it says none. */
  readonly seen: number | null;
  /** The name of who made it. */
  readonly who: string;
  /** What the fields must be for it, for an undo: as they were left; null where that does not matter. */
  readonly expects: Fields | null;
}

/** Whom a change is put down to where nobody is signed in: only a page's player can make one. */
const PLAYER = 'player';

export const CHANGE_HEADER = 'x-loxos-change';
export const DEVICE_HEADER = 'x-loxos-device';
const NAME = /^[\w-]{1,60}$/;
const VERSION = /^"(\d{1,9})"$/;

function nameIn(request: Admitted, header: string): string | null {
  const text = request.headers[header];
  if (text === undefined) return null;
  if (typeof text !== 'string' || !NAME.test(text))
    throw new BadRequestException(`${header}: letters, digits, - and _, at most 60`);
  return text;
}

/** Reads how a write names itself from its headers. */
export function changeFrom(request: Admitted): Change {
  const seen = request.headers['if-match'];
  const version = seen === undefined ? null : VERSION.exec(seen)?.[1];
  if (version === undefined)
    throw new BadRequestException('if-match: the version that was seen, in quotes');
  return {
    id: nameIn(request, CHANGE_HEADER),
    device: nameIn(request, DEVICE_HEADER) ?? '',
    seen: version === null ? null : Number(version),
    who: request.who ?? PLAYER,
    expects: null,
  };
}

/** The write that a request is. */
export const Writes = createParamDecorator((_data: unknown, context: ExecutionContext): Change =>
  changeFrom(context.switchToHttp().getRequest<Admitted>()),
);

/** Says in the API's document how a write names itself. */
export const NamesItsChange = (): MethodDecorator =>
  applyDecorators(
    ApiHeader({
      name: CHANGE_HEADER,
      required: false,
      description: 'Chosen by the writer: a write sent twice is taken once',
    }),
    ApiHeader({ name: DEVICE_HEADER, required: false, description: 'The device it was made on' }),
    ApiHeader({
      name: 'if-match',
      required: false,
      description:
        'The version that was seen, in quotes; a stale one is merged by field or gets 409',
    }),
    ApiConflictResponse({ type: Problem }),
  );
