/**
 * Which to fix first: four schools. `costliest`: whichever of aim, face, path and strike costs this
 * player the most offline distance, by the model. The others are rules coaches hold (common practice).
 */
import type { Hand } from '../line/hand.ts';
import { asRightHanded } from '../line/hand.ts';
import type { MissSplit } from '../reading/split.ts';

export const FIRST_SCHOOLS = [
  'costliest',
  'face-first',
  'path-first',
  'relationship-first',
] as const;
export type FirstSchool = (typeof FIRST_SCHOOLS)[number];
export const FIRST_TARGETS = ['face', 'path', 'strike', 'aim', 'none'] as const;
export type FirstTarget = (typeof FIRST_TARGETS)[number];

export interface FirstChoice {
  readonly school: FirstSchool;
  readonly target: FirstTarget;
  /** Which way to move it: 1 in-to-out, open or toe; −1 the other; 0 for nothing. */
  readonly move: -1 | 0 | 1;
  readonly reason: string;
}

export interface FirstInput {
  readonly hand: Hand;
  /** Degrees, positive right of the target line. */
  readonly faceAngleDeg: number;
  readonly clubPathDeg: number;
  readonly strikeToeMm: number;
  readonly split: MissSplit;
  readonly faceSquareDeg: number;
  readonly pathNeutralDeg: number;
  readonly faceToPathSquareDeg: number;
}

const back = (value: number): -1 | 0 | 1 => (value === 0 ? 0 : value > 0 ? -1 : 1);
/** Costs below this are noise, m. */
const SMALLEST_COST_M = 1;

/** A straight pull: path and face left of the target together (right for a left-hander). */
export function isStraightPull(i: FirstInput): boolean {
  const gap = Math.abs(i.faceAngleDeg - i.clubPathDeg);
  return gap <= i.faceToPathSquareDeg && asRightHanded(i.clubPathDeg, i.hand) < -i.pathNeutralDeg;
}

export const PULL_WARNING =
  'This is a straight pull: if only the path moves, the face is left open to it and the pull becomes a block or a slice. Get the face closed to the path first, let it bend, and only then move the path.';

function costliest(i: FirstInput, face: number, path: number): FirstChoice {
  const costs: readonly (readonly [FirstTarget, number, -1 | 0 | 1])[] = [
    ['face', Math.abs(i.split.faceM), back(face)],
    ['path', Math.abs(i.split.pathM), back(path)],
    ['strike', Math.abs(i.split.strikeM), back(i.strikeToeMm)],
    ['aim', Math.abs(i.split.aimM), 0],
  ];
  const [target, metres, move] = costs.reduce((a, b) => (b[1] > a[1] ? b : a));
  if (metres < SMALLEST_COST_M) {
    return {
      school: 'costliest',
      target: 'none',
      move: 0,
      reason: 'Nothing costs this player a metre: leave it.',
    };
  }
  const reason = `By the model the ${target} costs the most, ${metres.toFixed(0)} m at landing: measured, not belief.`;
  return { school: 'costliest', target, move, reason };
}

/** What each school would change first for these figures, with its reason; and the pull rule's warning. */
export function whatFirst(i: FirstInput): {
  readonly choices: readonly FirstChoice[];
  readonly warning: string | null;
} {
  const face = asRightHanded(i.faceAngleDeg, i.hand);
  const path = asRightHanded(i.clubPathDeg, i.hand);
  const faceOff = Math.abs(face) > i.faceSquareDeg;
  const pathOff = Math.abs(path) > i.pathNeutralDeg;
  const pull = isStraightPull(i);
  const faceChoice = (school: FirstSchool, reason: string): FirstChoice => ({
    school,
    target: 'face',
    move: back(face),
    reason,
  });
  const pathChoice = (school: FirstSchool, reason: string): FirstChoice => ({
    school,
    target: 'path',
    move: back(path),
    reason,
  });
  const nothing = (school: FirstSchool): FirstChoice => ({
    school,
    target: 'none',
    move: 0,
    reason: 'Face and path are both within the bands.',
  });
  const choices: FirstChoice[] = [
    costliest(i, face, path),
    faceOff
      ? faceChoice(
          'face-first',
          'The face owns the start, and path work with a wild face cannot be seen.',
        )
      : pathOff
        ? pathChoice('face-first', 'The face is square already: now the path.')
        : nothing('face-first'),
    pathOff
      ? pathChoice('path-first', 'The face often only compensates for the path.')
      : faceOff
        ? faceChoice('path-first', 'The path is neutral already: now the face.')
        : nothing('path-first'),
    pull
      ? {
          school: 'relationship-first',
          target: 'face',
          move: -1,
          reason: 'A straight pull: close the face to the path first, then move the path.',
        }
      : Math.abs(face - path) > i.faceToPathSquareDeg
        ? {
            school: 'relationship-first',
            target: 'face',
            move: back(face - path),
            reason: 'Bring the face to the path first: the gap bends the ball.',
          }
        : pathOff
          ? pathChoice('relationship-first', 'Face and path agree: now move them together.')
          : nothing('relationship-first'),
  ];
  return { choices, warning: pull ? PULL_WARNING : null };
}
