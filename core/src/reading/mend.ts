/** A ball put right where its file had a sign the wrong way round. */
import type { LessonBall } from './ball.ts';
import type { GroupFactKind } from './facts.ts';

const SIDES = {
  'face-mirrored': ['faceAngleDeg'],
  'path-mirrored': ['clubPathDeg'],
  'sides-mirrored': ['faceAngleDeg', 'clubPathDeg'],
  'start-mirrored': ['startDirectionDeg'],
  'axis-mirrored': ['spinAxisTiltDeg'],
} as const satisfies Partial<Record<GroupFactKind, readonly (keyof LessonBall)[]>>;
export type MirroredFact = keyof typeof SIDES;

export const isMirrored = (kind: GroupFactKind): kind is MirroredFact => kind in SIDES;

type Turned = Partial<Record<(typeof SIDES)[MirroredFact][number], number>>;

/** Returns what to change in a ball so that the sign is turned; a face to path that was measured with it follows from face and path. */
export function turnedSides(
  ball: { readonly [K in keyof Turned]?: number | null },
  kind: MirroredFact,
): Turned & { readonly faceToPathDeg?: null } {
  const sides = SIDES[kind];
  const turned: Turned = Object.fromEntries(
    sides.flatMap((side) => (ball[side] == null ? [] : [[side, -ball[side]]])),
  );
  const hasFaceToPath = sides.some((side) => side === 'faceAngleDeg' || side === 'clubPathDeg');
  return hasFaceToPath ? { ...turned, faceToPathDeg: null } : turned;
}
