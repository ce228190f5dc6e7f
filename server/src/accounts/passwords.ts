// Passwords by argon2id with the least that the OWASP Password Storage Cheat Sheet asks for
// (19 MiB, two passes, one lane; from memory).
import { hash, verify } from '@node-rs/argon2';

const ARGON = { memoryCost: 19 * 1024, timeCost: 2, parallelism: 1 } as const;

/** How long a password may be, characters. NIST SP 800-63B: length, not kinds of characters (from memory). */
export const PASSWORD_LENGTH = { min: 10, max: 200 } as const;

/** How many characters must differ: `aaaaaaaaaa` is no password. */
const LEAST_DIFFERENT = 4;

/** Why a password is not taken, or null. */
export function passwordTrouble(password: string, told: readonly string[]): string | null {
  if (password.length < PASSWORD_LENGTH.min)
    return `password: use at least ${PASSWORD_LENGTH.min} characters; a few words in a row are good`;
  if (new Set(password.toLowerCase()).size < LEAST_DIFFERENT)
    return 'password: use more different characters';
  const plain = password.toLowerCase().trim();
  if (told.some((word) => word !== '' && plain === word.toLowerCase().trim()))
    return 'password: it is your name or e-mail; choose another';
  return null;
}

export const hashPassword = (password: string): Promise<string> => hash(password, ARGON);

/** What nobody's password is checked against, so that an unknown e-mail takes as long as a known one. */
const NOBODY = hashPassword('the password of nobody at all');

/** Whether a password is the one that was hashed; null stands for nobody. */
export async function isPassword(kept: string | null, password: string): Promise<boolean> {
  const fits = await verify(kept ?? (await NOBODY), password);
  return kept !== null && fits;
}
