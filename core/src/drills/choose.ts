import type { CauseLinkId } from '../causes/links.ts';
import { BODY_PARTS } from './drill.ts';
import type { BodyPart, Drill, Tendency } from './drill.ts';

/** What the work is to move, in words of the hand: 1 in-to-out or open, −1 the other, 0 nothing. */
export interface DrillWish {
  readonly movePath: -1 | 0 | 1;
  readonly moveFace: -1 | 0 | 1;
  /** `strike` and `aim` want drills that train those. */
  readonly target: 'face' | 'path' | 'strike' | 'aim' | 'none';
  readonly tendencies: readonly Tendency[];
  readonly bodyNotes: string;
  readonly cause: CauseLinkId | null;
  /** How much of the wanted move each drill gave this player before, degrees; missing when never tried. */
  readonly before: Readonly<Record<string, number>>;
}

export interface ChosenDrill {
  readonly drill: Drill;
  readonly score: number;
  readonly reasons: readonly string[];
  /** In words, before it is given. */
  readonly warnings: readonly string[];
  /** It would make this player worse: it cannot be given without confirming. */
  readonly worsens: boolean;
}

const TENDENCY_WORDS: Readonly<Record<Tendency, string>> = {
  pull: 'pulls',
  push: 'pushes',
  hook: 'hooks',
  slice: 'slices',
  'in-to-out': 'swings in-to-out',
  'out-to-in': 'swings out-to-in',
  closed: 'has the face closed',
  open: 'has the face open',
};

const BODY_WORDS: Readonly<Record<BodyPart, RegExp>> = {
  back: /\b(back|spine|disc|lumbar)\b/i,
  wrist: /\b(wrist|hand|thumb)s?\b/i,
  elbow: /\b(elbow|forearm|arm)s?\b/i,
  hip: /\b(hip|groin|pelvis)s?\b/i,
};

/** Parts of the body that a player's notes speak of. */
export const bodyPartsIn = (notes: string): BodyPart[] =>
  BODY_PARTS.filter((part) => BODY_WORDS[part].test(notes));

const against = (move: number, wish: number): boolean => move !== 0 && wish !== 0 && move !== wish;

function worsensFor(drill: Drill, wish: DrillWish): string[] {
  const warnings = drill.notFor
    .filter((tendency) => wish.tendencies.includes(tendency))
    .map(
      (tendency) =>
        `Not for a player who ${TENDENCY_WORDS[tendency]}: it moves them further that way.`,
    );
  if (against(drill.movesPath, wish.movePath))
    warnings.push('It moves the path the other way than wanted.');
  if (against(drill.movesFace, wish.moveFace))
    warnings.push('It moves the face the other way than wanted.');
  return warnings;
}

function judge(drill: Drill, wish: DrillWish): ChosenDrill {
  const reasons: string[] = [];
  let score = 0;
  const moves =
    (wish.movePath !== 0 && drill.movesPath === wish.movePath) ||
    (wish.moveFace !== 0 && drill.movesFace === wish.moveFace);
  if (moves) {
    score += 3;
    reasons.push('moves the wanted number the right way');
  } else if (drill.eitherWay === true && (wish.movePath !== 0 || wish.moveFace !== 0)) {
    score += 1.5;
    reasons.push('can be set for the wanted way');
  }
  if (drill.trains === wish.target) {
    score += 3;
    reasons.push(`trains the ${wish.target}`);
  }
  if (wish.cause !== null && drill.near.includes(wish.cause)) {
    score += 1;
    reasons.push('works on the link that was seen');
  }
  const gained = wish.before[drill.id];
  if (gained !== undefined) {
    score += Math.max(-3, Math.min(4, gained));
    const text =
      gained > 0.3
        ? `gave this player ${gained.toFixed(1)}° of it before`
        : 'gave this player nothing before';
    reasons.push(text);
  }
  const worse = worsensFor(drill, wish);
  const sore = bodyPartsIn(wish.bodyNotes)
    .filter((part) => drill.strains.includes(part))
    .map(
      (part) =>
        `Loads the ${part}, which this player’s notes speak of: ask first, stop at pain, and leave it to a medical professional.`,
    );
  return {
    drill,
    score: worse.length > 0 ? -10 : score - sore.length,
    reasons,
    warnings: [...worse, ...sore],
    worsens: worse.length > 0,
  };
}

/** Every drill judged for a wish, the best first; those that would make the player worse last. */
export const judgeDrills = (drills: readonly Drill[], wish: DrillWish): ChosenDrill[] =>
  drills.map((drill) => judge(drill, wish)).sort((a, b) => b.score - a.score);

/** The ones to offer: they do something of what is wanted and make nothing worse. */
export const recommendDrills = (drills: readonly Drill[], wish: DrillWish): ChosenDrill[] =>
  judgeDrills(drills, wish).filter(
    ({ worsens, score, reasons }) => !worsens && score > 0 && reasons.length > 0,
  );
