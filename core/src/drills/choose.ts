import type { CauseLinkId } from '../causes/links.ts';
import { bodyPartsIn } from './body-notes.ts';
import type { BodyPart, Drill, Tendency } from './drill.ts';
import type { DrillWish } from './wish.ts';

/** Why a drill is offered, as values. */
export type DrillReason =
  | { readonly kind: 'moves'; readonly path: -1 | 0 | 1; readonly face: -1 | 0 | 1 }
  | { readonly kind: 'serves' }
  | { readonly kind: 'steadies' }
  | { readonly kind: 'keeps' }
  | { readonly kind: 'cause'; readonly link: CauseLinkId }
  | { readonly kind: 'credited'; readonly byDeg: number };

/** Why it would make this player worse, or must be asked about first. */
export type DrillWarning =
  | { readonly kind: 'not for'; readonly tendency: Tendency }
  | { readonly kind: 'leads to'; readonly tendency: Tendency }
  | { readonly kind: 'other way'; readonly of: 'path' | 'face' }
  | { readonly kind: 'further out'; readonly of: 'path' | 'face' | 'faceToPath' }
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

const loadsOf = (drill: Drill, bodyNotes: string): DrillWarning[] =>
  bodyPartsIn(bodyNotes)
    .filter((part) => drill.strains.includes(part))
    .map((part) => ({ kind: 'loads', part }));

/** Returns whether a drill's own effect is the stage's move. */
function movesAsWished({ movesPath, movesFace }: Drill, wish: DrillWish): boolean {
  if (wish.move === 'path') return wish.pathWay !== 0 && movesPath === wish.pathWay;
  // One that turns both is no drill for the face alone.
  if (wish.move === 'face')
    return wish.faceWay !== 0 && movesFace === wish.faceWay && movesPath === 0;
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
  const faceToPathWay = Math.sign(movesFace - movesPath);
  const isStages = faceWay !== 0 || pathWay !== 0;
  if (
    faceToPathWay !== 0 &&
    faceToPathWay === outside.faceToPath &&
    !(isStages && movesAsWished(drill, wish))
  )
    warnings.push({ kind: 'further out', of: 'faceToPath' });
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
  const byService = wish.move !== null && drill.serves.includes(wish.move);
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

/** Returns the ones to offer, of those judged: they make the stage's move and push nothing further outside its window. */
export const offeredOf = (judged: readonly ChosenDrill[]): ChosenDrill[] =>
  judged.filter(({ worsens, makesMove }) => !worsens && makesMove);

/** Drills that move nothing by themselves and train the start, the strike or the routine; of a wish only the body is asked. */
const trained = (
  drills: readonly Drill[],
  bodyNotes: string,
  isFit: (drill: Drill) => boolean,
  kind: 'steadies' | 'keeps',
): ChosenDrill[] =>
  drills
    .filter((drill) => drill.movesPath === 0 && drill.movesFace === 0 && isFit(drill))
    .map((drill) => {
      const loads = loadsOf(drill, bodyNotes);
      return {
        drill,
        score: BY_SERVICE - loads.length,
        reasons: [{ kind }],
        warnings: loads,
        worsens: false,
        makesMove: true,
      };
    });

const isSetUp = ({ misses }: Drill): boolean => misses.includes('set up off');

/** For a miss to both sides, which no direction cures: drills that train the start or the routine. */
export const steadyDrills = (drills: readonly Drill[], bodyNotes: string): ChosenDrill[] =>
  trained(
    drills,
    bodyNotes,
    (drill) =>
      drill.serves.some((move) => move === 'together' || move === 'aim') && !isSetUp(drill),
    'steadies',
  );

/** Returns the drills for where nothing is to be changed: those that keep strike, start and routine as they are. */
export const maintenanceDrills = (drills: readonly Drill[], bodyNotes: string): ChosenDrill[] =>
  trained(
    drills,
    bodyNotes,
    (drill) =>
      drill.serves.includes('strike') ||
      drill.dose === 'routine' ||
      (drill.asks.startDeg !== undefined && drill.serves.includes('together')),
    'keeps',
  );
