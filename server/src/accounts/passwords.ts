// Passwords by argon2id with the least that the OWASP Password Storage Cheat Sheet asks for
// (19 MiB, two passes, one lane; from memory).
import { hash, verify } from '@node-rs/argon2';

const ARGON = { memoryCost: 19 * 1024, timeCost: 2, parallelism: 1 } as const;

export const hashPassword = (password: string): Promise<string> => hash(password, ARGON);

/** What nobody's password is checked against, so that an unknown e-mail takes as long as a known one. */
const NOBODY = hashPassword('the password of nobody at all');

/** Whether a password is the one that was hashed; null stands for nobody. */
export async function isPassword(kept: string | null, password: string): Promise<boolean> {
  const fits = await verify(kept ?? (await NOBODY), password);
  return kept !== null && fits;
}
