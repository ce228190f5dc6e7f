import type { CauseLinkId } from '../causes/links.ts';
import { BODY_PARTS } from './drill.ts';
import type { BodyPart, Drill, Tendency } from './drill.ts';
import type { DrillWish } from './wish.ts';

/** Why a drill is offered, as values. */
export type DrillReason =
  | { readonly kind: 'moves'; readonly path: -1 | 0 | 1; readonly face: -1 | 0 | 1 }
  | { readonly kind: 'serves' }
  | { readonly kind: 'steadies' }
  | { readonly kind: 'cause'; readonly link: CauseLinkId }
  | { readonly kind: 'credited'; readonly byDeg: number };

/** Why it would make this player worse, or must be asked about first. */
export type DrillWarning =
  | { readonly kind: 'not for'; readonly tendency: Tendency }
  | { readonly kind: 'leads to'; readonly tendency: Tendency }
  | { readonly kind: 'other way'; readonly of: 'path' | 'face' }
  | { readonly kind: 'further out'; readonly of: 'path' | 'face' | 'gap' }
  | { readonly kind: 'loads'; readonly part: BodyPart };

export interface ChosenDrill {
  readonly drill: Drill;
  readonly score: number;
  readonly reasons: readonly DrillReason[];
  /** Said before it is given. */
  readonly warnings: readonly DrillWarning[];
  /** It would make this player worse: it cannot be given without confirming. */
  readonly worsens: boolean;
  /** It makes this stage's move. */
  readonly makesMove: boolean;
}

const BODY_WORDS: Readonly<Record<BodyPart, RegExp>> = {
  back: /\b(back|spine|disc|lumbar)\b/i,
  wrist: /\b(wrist|hand|thumb)s?\b/i,
  elbow: /\b(elbow|forearm|arm)s?\b/i,
  hip: /\b(hip|groin|pelvis)s?\b/i,
};

/** Parts of the body that a player's notes speak of. */
export const bodyPartsIn = (notes: string): BodyPart[] =>
  BODY_PARTS.filter((part) => BODY_WORDS[part].test(notes));

const loadsOf = (drill: Drill, bodyNotes: string): DrillWarning[] =>
  bodyPartsIn(bodyNotes)
    .filter((part) => drill.strains.includes(part))
    .map((part) => ({ kind: 'loads', part }));

/** Whether a drill's own effect is the stage's move. */
function movesAsWished({ movesPath, movesFace }: Drill, wish: DrillWish): boolean {
  if (wish.move === 'path') return wish.pathWay !== 0 && movesPath === wish.pathWay;
  if (wish.move === 'face') return wish.faceWay !== 0 && movesFace === wish.faceWay;
  if (wish.move !== 'together') return false;
  return wish.pathWay !== 0 && movesPath === wish.pathWay && movesFace === wish.faceWay;
}

const against = (move: number, wish: number): boolean => move !== 0 && wish !== 0 && move !== wish;

function worsensFor(drill: Drill, wish: DrillWish): DrillWarning[] {
  const { movesPath, movesFace, notFor } = drill;
  const { outside, tendencies, after, pathWay, faceWay } = wish;
  const warnings: DrillWarning[] = [];
  for (const tendency of notFor) {
    if (tendencies.includes(tendency)) warnings.push({ kind: 'not for', tendency });
    else if (after.includes(tendency)) warnings.push({ kind: 'leads to', tendency });
  }
  if (against(movesPath, pathWay)) warnings.push({ kind: 'other way', of: 'path' });
  if (against(movesFace, faceWay)) warnings.push({ kind: 'other way', of: 'face' });
  if (movesPath !== 0 && pathWay === 0 && movesPath === outside.path)
    warnings.push({ kind: 'further out', of: 'path' });
  if (movesFace !== 0 && faceWay === 0 && movesFace === outside.face)
    warnings.push({ kind: 'further out', of: 'face' });
  const gapWay = Math.sign(movesFace - movesPath);
  const isStages = faceWay !== 0 || pathWay !== 0;
  if (gapWay !== 0 && gapWay === outside.gap && !(isStages && movesAsWished(drill, wish)))
    warnings.push({ kind: 'further out', of: 'gap' });
  return warnings;
}

const BY_EFFECT = 3;
const BY_SERVICE = 2;
const BY_CAUSE = 1;
/** A drill that did clearly nothing good or much good before outweighs the rest, degrees. */
const CREDIT_RANGE = [-3, 4] as const;

function judge(drill: Drill, wish: DrillWish): ChosenDrill {
  const reasons: DrillReason[] = [];
  let score = 0;
  const byEffect = movesAsWished(drill, wish);
  const byService = drill.serves.includes(wish.move);
  if (byEffect) {
    score += BY_EFFECT;
    reasons.push({ kind: 'moves', path: drill.movesPath, face: drill.movesFace });
  } else if (byService) {
    score += BY_SERVICE;
    reasons.push({ kind: 'serves' });
  }
  const link = wish.causes.find((cause) => drill.near.includes(cause));
  if (link !== undefined) {
    score += BY_CAUSE;
    reasons.push({ kind: 'cause', link });
  }
  const byDeg = wish.credited[drill.id];
  if (byDeg !== undefined) {
    score += Math.max(CREDIT_RANGE[0], Math.min(CREDIT_RANGE[1], byDeg));
    reasons.push({ kind: 'credited', byDeg });
  }
  const worse = worsensFor(drill, wish);
  const loads = loadsOf(drill, wish.bodyNotes);
  return {
    drill,
    score: worse.length > 0 ? -10 : score - loads.length,
    reasons,
    warnings: [...worse, ...loads],
    worsens: worse.length > 0,
    makesMove: byEffect || byService,
  };
}

/** Every drill judged for a stage, the best first; those that would make the player worse last. */
export const judgeDrills = (drills: readonly Drill[], wish: DrillWish): ChosenDrill[] =>
  drills.map((drill) => judge(drill, wish)).sort((a, b) => b.score - a.score);

/** The ones to offer, of those judged: they make the stage's move and push nothing further outside its window. */
export const offeredOf = (judged: readonly ChosenDrill[]): ChosenDrill[] =>
  judged.filter(({ worsens, makesMove }) => !worsens && makesMove);

/**
 * For a miss to both sides: drills that move nothing by themselves and train the start or the routine. No
 * direction cures it, so nothing of a wish but the body is asked.
 */
export const steadyDrills = (drills: readonly Drill[], bodyNotes: string): ChosenDrill[] =>
  drills
    .filter(
      ({ movesPath, movesFace, serves, misses }) =>
        movesPath === 0 &&
        movesFace === 0 &&
        serves.some((move) => move === 'together' || move === 'aim') &&
        !misses.includes('set up off'),
    )
    .map((drill) => {
      const loads = loadsOf(drill, bodyNotes);
      return {
        drill,
        score: BY_SERVICE - loads.length,
        reasons: [{ kind: 'steadies' as const }],
        warnings: loads,
        worsens: false,
        makesMove: true,
      };
    });
