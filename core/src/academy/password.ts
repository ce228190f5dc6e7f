/** How long a password may be, characters. NIST SP 800-63B: length, not kinds of characters (from memory). */
export const PASSWORD_LENGTH = { min: 10, max: 200 } as const;

/** How many characters must differ: `aaaaaaaaaa` is no password. */
const LEAST_DIFFERENT = 4;

/** Why a password is not taken, in words, or null; `told` are words others know of whoever chooses it. */
export function passwordTrouble(password: string, told: readonly string[] = []): string | null {
  if (password.length < PASSWORD_LENGTH.min)
    return `use at least ${PASSWORD_LENGTH.min} characters; a few words in a row are good`;
  if (password.length > PASSWORD_LENGTH.max) return `use at most ${PASSWORD_LENGTH.max} characters`;
  if (new Set(password.toLowerCase()).size < LEAST_DIFFERENT)
    return 'use more different characters';
  const plain = password.toLowerCase().trim();
  if (told.some((word) => word !== '' && plain === word.toLowerCase().trim()))
    return 'it is your name or e-mail; choose another';
  return null;
}
