import { pathWords, withoutValues } from './log-words.ts';

describe('what the log holds', () => {
  it('is the cause of a failed query, and none of what was to be stored', () => {
    const cause = new Error('SQLITE_CONSTRAINT: NOT NULL constraint failed: player.name');
    const error = new Error(
      'Failed query: insert into player values (?)\nparams: Ada Reed,left knee',
      {
        cause,
      },
    );
    const words = withoutValues(error);
    expect(words).toContain('SQLITE_CONSTRAINT: NOT NULL constraint failed: player.name');
    expect(words).not.toMatch(/Ada Reed|knee/);
    expect(words).toContain('log-words.test.ts');
  });

  it('is any other error as it is', () => {
    expect(withoutValues(new TypeError('x is not a function'))).toMatch(
      /^TypeError: x is not a function\n\s+at /,
    );
    expect(withoutValues('just words')).toBe('just words');
  });

  it('is no token of a page', () => {
    expect(pathWords('/api/p/secret-token/ticks')).toBe('/api/p/…/ticks');
    expect(pathWords('/p/secret-token')).toBe('/p/…');
    expect(pathWords('/api/calendar/secret-token.ics')).toBe('/api/calendar/…');
    expect(pathWords('/api/players/12')).toBe('/api/players/12');
  });
});
