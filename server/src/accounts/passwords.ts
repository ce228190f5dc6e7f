// Passwords by argon2id with the least that the OWASP Password Storage Cheat Sheet asks for
// (19 MiB, two passes, one lane; from memory).
import { hash, verify } from '@node-rs/argon2';
import { Mutex } from 'async-mutex';

const ARGON = { memoryCost: 19 * 1024, timeCost: 2, parallelism: 1 } as const;

/** One after the other: forty at once leave no processor to anybody else. */
const turn = new Mutex();

export const hashPassword = (password: string): Promise<string> =>
  turn.runExclusive(() => hash(password, ARGON));

/** What nobody's password is checked against, so that an unknown e-mail takes as long as a known one. */
const NOBODY = hashPassword('the password of nobody at all');

/** Returns whether a password is the one that was hashed; null stands for nobody. */
export async function isPassword(kept: string | null, password: string): Promise<boolean> {
  const against = kept ?? (await NOBODY);
  const fits = await turn.runExclusive(() => verify(against, password));
  return kept !== null && fits;
}
