import { randomUUID } from 'node:crypto';
import { Catch, HttpException, Logger } from '@nestjs/common';
import type { ArgumentsHost, ExceptionFilter } from '@nestjs/common';
import type { Request, Response } from 'express';
import { pathWords, withoutValues } from './log-words.ts';
import type { FieldError, Problem } from './problem.ts';

const KINDS: Readonly<Record<number, Problem['kind']>> = {
  401: 'signed-out',
  403: 'refused',
  404: 'not-found',
  409: 'conflict',
  410: 'gone',
  413: 'too-large',
  429: 'too-many',
  503: 'unavailable',
};

/** Ids are chosen by the caller, and may be another's; any other constraint that fails is ours to have kept. */
const CONSTRAINT = /(?:UNIQUE|FOREIGN KEY) constraint failed/;

const STORE_DOWN = /SQLITE_(BUSY|FULL|IOERR|CANTOPEN|READONLY)|database is locked|disk is full/;

function fieldsOf(body: unknown): FieldError[] {
  if (typeof body !== 'object' || body === null || !('fields' in body)) return [];
  return body.fields as FieldError[];
}

function describe(error: HttpException, limitMb: number): Problem {
  const statusCode = error.getStatus();
  const body = error.getResponse();
  const message =
    statusCode === 413
      ? `The file is larger than ${limitMb} MB, the most taken at once. Export fewer balls, or split the file and drop each part.`
      : error.message;
  const problem = {
    statusCode,
    kind: KINDS[statusCode] ?? 'invalid',
    message,
    fields: fieldsOf(body),
  };
  const isConflict = typeof body === 'object' && 'current' in body;
  return isConflict ? { ...problem, current: body.current as Problem['current'] } : problem;
}

/** The three kinds of error: the caller's mistake, a failed resource, a bug. */
@Catch()
export class ErrorsFilter implements ExceptionFilter {
  private readonly log = new Logger('errors');
  private readonly limitMb: number;

  constructor(uploadLimitBytes: number) {
    this.limitMb = uploadLimitBytes / 1024 / 1024;
  }

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const response = http.getResponse<Response>();
    const problem = this.problemOf(error, http.getRequest<Request>());
    if (response.headersSent) return;
    // Where the answer would have been a calendar, its refusal is none.
    response.status(problem.statusCode).type('json').json(problem);
  }

  private problemOf(error: unknown, request: Request): Problem {
    if (error instanceof HttpException) return describe(error, this.limitMb);
    const text = withoutValues(error);
    if (STORE_DOWN.test(text)) {
      this.log.error(text);
      const message = 'The store cannot be reached just now. Nothing was changed; try again.';
      return { statusCode: 503, kind: 'unavailable', message, fields: [] };
    }
    if (CONSTRAINT.test(text)) {
      const message =
        'That id is taken, or it names something that is not there. Nothing was changed.';
      return { statusCode: 409, kind: 'conflict', message, fields: [] };
    }
    const id = randomUUID();
    this.log.error(`${id} ${request.method} ${pathWords(request.path)} ${text}`);
    const message = `Something went wrong here, not in what you sent. Nothing was changed. Say ${id} when you report it.`;
    return { statusCode: 500, kind: 'bug', message, fields: [] };
  }
}
