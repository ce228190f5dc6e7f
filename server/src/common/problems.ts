import { randomUUID } from 'node:crypto';
import { HttpException, Injectable, Logger } from '@nestjs/common';
import { UPLOAD_LIMIT_BYTES } from './upload-limit.ts';
import { withoutValues } from './log-words.ts';
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

const LIMIT_MB = UPLOAD_LIMIT_BYTES / 1024 / 1024;

function describe(error: HttpException): Problem {
  const statusCode = error.getStatus();
  const body = error.getResponse();
  const message =
    statusCode === 413
      ? `The file is larger than ${LIMIT_MB} MB, the most taken at once. Export fewer balls, or split the file and drop each part.`
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

/** Says what went wrong: the caller's mistake, a failed resource, or a bug, which is logged. */
@Injectable()
export class Problems {
  private readonly log = new Logger('errors');

  /** `where`: what was asked, for the log; never tokens, notes or names. */
  of(error: unknown, where: string): Problem {
    if (error instanceof HttpException) return describe(error);
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
    this.log.error(`${id} ${where} ${text}`);
    const message = `Something went wrong here, not in what you sent. Nothing was changed. Say ${id} when you report it.`;
    return { statusCode: 500, kind: 'bug', message, fields: [] };
  }
}
