import type { components } from './schema.gen.ts';

type Problem = components['schemas']['Problem'];

/** An error answer of the server, or the lack of any answer (`status` 0). */
export class ApiError extends Error {
  readonly status: number;
  readonly fields: readonly { field: string; reason: string }[];
  /** With a conflict: the fields as they are now, and their version. */
  readonly current: Readonly<Record<string, unknown>> | null;

  constructor(
    status: number,
    message: string,
    fields: ApiError['fields'] = [],
    current: ApiError['current'] = null,
  ) {
    super(message);
    this.name = 'ApiError';
    this.status = status;
    this.fields = fields;
    this.current = current;
  }
}

/** Returns the error that a problem of the server is. */
export const errorOf = ({
  statusCode = 0,
  message = `The server answered ${statusCode}.`,
  fields = [],
  current = null,
}: Partial<Omit<Problem, 'current'>> & { current?: Problem['current'] | null }): ApiError =>
  new ApiError(statusCode, message, fields, current);
