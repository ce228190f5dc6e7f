import { BadRequestException, ValidationPipe } from '@nestjs/common';
import type { ValidationError } from '@nestjs/common';
import { plainToInstance } from 'class-transformer';
import type { FieldError } from './problem.ts';

function fieldErrors(errors: readonly ValidationError[], prefix = ''): FieldError[] {
  return errors.flatMap((error) => {
    const field = `${prefix}${error.property}`;
    const own = Object.values(error.constraints ?? {}).map((reason) => ({ field, reason }));
    return [...own, ...fieldErrors(error.children ?? [], `${field}.`)];
  });
}

/** Returns a 400 that names each field and why. */
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

/** Returns a plain value checked as a DTO; throws a 400 that names each field and why. */
export async function checked<T extends object>(type: new () => T, value: object): Promise<T> {
  const instance = plainToInstance(type, value);
  return (await validationPipe().transform(instance, { type: 'body', metatype: type })) as T;
}
