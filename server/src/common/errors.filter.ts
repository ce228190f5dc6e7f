import { Catch, NotFoundException, ServiceUnavailableException } from '@nestjs/common';
import type { ArgumentsHost, ExceptionFilter } from '@nestjs/common';
import type { Request, Response } from 'express';
import { pathWords } from './log-words.ts';
import { Problems } from './problems.ts';

const UPDATED = 'Loxos was updated: load the page again. What you did is kept, and sent then.';

/** Returns whether a page from before an update sends a change to a route that is no more: it waits there, where a 404 would be a refusal. */
const isOfBefore = (error: unknown, { headers }: Request): boolean =>
  error instanceof NotFoundException &&
  error.message.startsWith('Cannot ') &&
  headers['x-loxos-change'] !== undefined;

/** Answers whatever goes wrong with a problem in words. */
@Catch()
export class ErrorsFilter implements ExceptionFilter {
  private readonly problems = new Problems();

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const response = http.getResponse<Response>();
    const request = http.getRequest<Request>();
    const { method, path } = request;
    const problem = this.problems.of(
      isOfBefore(error, request) ? new ServiceUnavailableException(UPDATED) : error,
      `${method} ${pathWords(path)}`,
    );
    if (response.headersSent) return;
    // Where the answer would have been a calendar, its refusal is none.
    response.status(problem.statusCode).type('json').json(problem);
  }
}
