/** What a player's notes say of the body: parts to be asked about, and whether to go gently. */
import type { PlayerKind } from '../delivery/usual.ts';
import { BODY_PARTS } from './drill.ts';
import type { BodyPart } from './drill.ts';

const BODY_WORDS: Readonly<Record<BodyPart, RegExp>> = {
  back: /\b(back|spine|disc|lumbar|vertebrae?)\b/i,
  wrist: /\b(wrist|hand|thumb|finger)s?\b/i,
  elbow: /\b(elbow|forearm|arm)s?\b/i,
  hip: /\b(hip|groin|pelvis)s?\b/i,
};
/** A body that turns badly, wherever it is said to. */
const STIFF =
  /\b(stiff(ness)?|tight|(can ?no?t|can['’]t|cannot|hardly|barely) (fully )?(turn|rotate)|(limited|little|no|restricted) (turn|rotation)|arthritis)\b/i;

/** Parts of the body that a player's notes speak of; one that is stiff or cannot turn, and names no part, means back and hip. */
export function bodyPartsIn(notes: string): BodyPart[] {
  const named = BODY_PARTS.filter((part) => BODY_WORDS[part].test(notes));
  const isStiff = STIFF.test(notes);
  return isStiff && named.length === 0 ? ['back', 'hip'] : named;
}

/**
 * Returns what of body notes somebody needs who may not read them: the parts to mind and stiffness, a word each. Read as
 * notes themselves they ask for the same care; empty where nothing is to be minded.
 */
export function mindedIn(notes: string): string {
  const named = BODY_PARTS.filter((part) => BODY_WORDS[part].test(notes));
  return [...named, ...(STIFF.test(notes) ? ['stiff'] : [])].join(', ');
}

/** Returns whether nothing is overdone at full speed: a back or a hip that is spoken of, a stiff body, an older player. */
export const goesGently = (notes: string, kind: PlayerKind | null = null): boolean =>
  kind === 'senior' ||
  STIFF.test(notes) ||
  bodyPartsIn(notes).some((part) => part === 'back' || part === 'hip');
