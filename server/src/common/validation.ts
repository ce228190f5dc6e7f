import { BadRequestException, ValidationPipe } from '@nestjs/common';
import type { ValidationError } from '@nestjs/common';
import type { FieldError } from './problem.ts';

function fieldErrors(errors: readonly ValidationError[], prefix = ''): FieldError[] {
  return errors.flatMap((error) => {
    const field = `${prefix}${error.property}`;
    const own = Object.values(error.constraints ?? {}).map((reason) => ({ field, reason }));
    return [...own, ...fieldErrors(error.children ?? [], `${field}.`)];
  });
}

/** A 400 that names each field and why. */
export function invalid(fields: readonly FieldError[]): BadRequestException {
  const message = fields.map(({ reason }) => reason).join('; ');
  return new BadRequestException({ message, fields });
}

export const validationPipe = (): ValidationPipe =>
  new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    transform: true,
    exceptionFactory: (errors) => invalid(fieldErrors(errors)),
  });
