import { Catch } from '@nestjs/common';
import type { ArgumentsHost, ExceptionFilter } from '@nestjs/common';
import type { Request, Response } from 'express';
import { pathWords } from './log-words.ts';
import { Problems } from './problems.ts';

/** Answers whatever goes wrong with a problem in words. */
@Catch()
export class ErrorsFilter implements ExceptionFilter {
  private readonly problems = new Problems();

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const response = http.getResponse<Response>();
    const { method, path } = http.getRequest<Request>();
    const problem = this.problems.of(error, `${method} ${pathWords(path)}`);
    if (response.headersSent) return;
    // Where the answer would have been a calendar, its refusal is none.
    response.status(problem.statusCode).type('json').json(problem);
  }
}
