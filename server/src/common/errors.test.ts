import {
  BadRequestException,
  Logger,
  NotFoundException,
  PayloadTooLargeException,
} from '@nestjs/common';
import type { ArgumentsHost } from '@nestjs/common';
import { ErrorsFilter } from './errors.filter.ts';
import type { Problem } from './problem.ts';
import { invalid } from './validation.ts';

/** What the filter answers to an error. */
function answerTo(error: unknown, headers: Record<string, string> = {}): Problem {
  let sent: Problem | undefined;
  const response = {
    headersSent: false,
    status: (code: number) => ({
      type: (kind: string) => ({
        json: (body: Problem) => {
          expect(kind).toBe('json');
          expect(body.statusCode).toBe(code);
          sent = body;
        },
      }),
    }),
  };
  const host = {
    switchToHttp: () => ({
      getResponse: () => response,
      getRequest: () => ({ method: 'GET', path: '/x', headers }),
    }),
  } as unknown as ArgumentsHost;
  new ErrorsFilter().catch(error, host);
  return sent!;
}

beforeAll(() => Logger.overrideLogger(false));
afterAll(() => Logger.overrideLogger(['error']));

describe('the three kinds of error', () => {
  it('the caller’s mistake keeps its fields and reasons', () => {
    const problem = answerTo(invalid([{ field: 'name', reason: 'name: write it' }]));
    expect(problem).toEqual({
      statusCode: 400,
      kind: 'invalid',
      message: 'name: write it',
      fields: [{ field: 'name', reason: 'name: write it' }],
    });
    expect(answerTo(new NotFoundException('gone'))).toMatchObject({
      statusCode: 404,
      kind: 'not-found',
    });
    expect(answerTo(new BadRequestException('plain')).fields).toEqual([]);
  });

  it('a page from before an update keeps what it sends to a route that is no more', () => {
    const unknown = new NotFoundException('Cannot PATCH /api/balls/x');
    expect(answerTo(unknown).statusCode).toBe(404);
    const kept = answerTo(unknown, { 'x-loxos-change': 'c' });
    expect(kept).toMatchObject({ statusCode: 503, message: expect.stringContaining('updated') });
    // A thing that is not there is refused as ever.
    const gone = new NotFoundException('There is no such ball in this academy.');
    expect(answerTo(gone, { 'x-loxos-change': 'c' }).statusCode).toBe(404);
  });

  it('too large says the limit and what to do', () => {
    expect(answerTo(new PayloadTooLargeException())).toMatchObject({
      kind: 'too-large',
      message: expect.stringContaining('larger than 5 MB'),
    });
  });

  it.each(['SQLITE_BUSY: database is locked', 'SQLITE_FULL', 'SQLITE_IOERR'])(
    'a store that fails, %s, says to try again',
    (text) => {
      const wrapped = new Error('query failed', { cause: new Error(text) });
      expect(answerTo(wrapped)).toMatchObject({ statusCode: 503, kind: 'unavailable' });
    },
  );

  it('a bug says an id and none of its insides', () => {
    const problem = answerTo(new TypeError('secret of the house'));
    expect(problem).toMatchObject({ statusCode: 500, kind: 'bug' });
    expect(problem.message).toMatch(/Say [0-9a-f-]{36} when you report it/);
    expect(JSON.stringify(problem)).not.toContain('secret');
  });
});
