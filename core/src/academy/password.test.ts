import { PASSWORD_LENGTH, passwordTrouble } from './password.ts';

describe('a password', () => {
  it.each([
    ['nine red kites', null],
    ['x'.repeat(PASSWORD_LENGTH.min - 1), /at least 10/],
    ['abcd'.repeat(51), /at most 200/],
    ['abababababab', /more different/],
    ['Olga@Academy.Example ', /your name or e-mail/],
  ])('%s', (password, why) => {
    const trouble = passwordTrouble(password, ['olga@academy.example', '']);
    if (why === null) expect(trouble).toBeNull();
    else expect(trouble).toMatch(why);
  });
});
