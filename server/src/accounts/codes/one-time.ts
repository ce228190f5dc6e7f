// One-time codes by time (RFC 6238): six figures, every 30 s, SHA-1, as phones' apps make them.
import { randomInt } from 'node:crypto';
import { generateSecret, generateURI, verify } from 'otplib';

/** How far a phone's clock may be off, s. */
const TOLERANCE_S = 30;
const RECOVERY_CODES = 10;
/** Without what is taken for another: 0 and O, 1, I and L. Five to the group, two groups: 49 bits. */
const LETTERS = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
const GROUP = 5;

/** Returns a new secret, and the address that a phone's app reads it from. */
export function newSecret(issuer: string, label: string): { secret: string; uri: string } {
  const secret = generateSecret();
  return { secret, uri: generateURI({ issuer, label, secret }) };
}

/** Returns the step of time a code is of; null where it is none, or of a step that was taken. `at`: now, ms. */
export async function stepOf(
  code: string,
  {
    secret,
    after,
    at,
  }: { readonly secret: string; readonly after: number | null; readonly at: number },
): Promise<number | null> {
  const token = code.replace(/\s/g, '');
  if (!/^\d{6}$/.test(token)) return null;
  const found = await verify({
    secret,
    token,
    epoch: Math.floor(at / 1000),
    epochTolerance: TOLERANCE_S,
    ...(after !== null && { afterTimeStep: after }),
  });
  return found.valid && 'timeStep' in found ? found.timeStep : null;
}

const group = (): string =>
  Array.from({ length: GROUP }, () => LETTERS[randomInt(LETTERS.length)]).join('');

/** Returns new recovery codes, such as `7KQ2M-XH4RT`. */
export const newRecoveryCodes = (): string[] =>
  Array.from({ length: RECOVERY_CODES }, () => `${group()}-${group()}`);

/** Returns a recovery code as it is kept, however it was typed. */
export const plainRecoveryCode = (text: string): string =>
  text.toUpperCase().replace(/[^0-9A-Z]/g, '');
