/**
 * How sure a mean is: the scatter of the balls, which averaging shrinks, joined with the errors that all balls
 * of a source share, which it does not (JCGM 100:2008, §5.1.2, uncorrelated parts added in squares).
 */
import { SHARED_ERROR_SHARE } from '../inverse/accuracy.ts';
import { OPEN_SD, eyeAccuracy } from '../inverse/eye.ts';
import { degToRad } from '../units/units.ts';
import type { EyeTold } from '../inverse/eye.ts';
import { NORMAL_975, standardDeviation } from '../maths/statistics.ts';
import { tQuantile } from '../maths/student.ts';
import { isByEye, toldOf } from './ball.ts';
import type { ProofFigure } from './figure.ts';
import type { BallView } from './read-ball.ts';
import type { ResolvedContext } from './context.ts';

/** Nobody hits more than this to settle a number: beyond it more balls are no answer. */
export const MOST_BALLS = 100;
/** Error of a seen or guessed strike that all balls share, mm, one standard deviation (common practice). */
export const SEEN_STRIKE_SD_MM = 5;

/** How sure face and path are where they were read backwards, degrees, one standard deviation. */
export interface InferredSd {
  readonly faceDeg: number;
  readonly pathDeg: number;
  readonly faceToPathDeg: number;
}

/** Carry taken for an eye's errors where none was seen, m (common practice, no source). */
const UNSEEN_CARRY_M = 150;

const meanCarry = (views: readonly BallView[]): number | null => {
  const known = views.flatMap(({ carry }) => carry?.value ?? []);
  return known.length === 0 ? null : known.reduce((sum, v) => sum + v, 0) / known.length;
};

/** Returns how far the eye may be off in a figure, in its unit, one standard deviation; null for what it does not see. */
export function eyeSdOf(
  figure: ProofFigure,
  carryM: number | null,
  told: EyeTold = {},
): number | null {
  const eye = eyeAccuracy(carryM ?? UNSEEN_CARRY_M, told);
  switch (figure) {
    case 'startDirectionDeg':
      return eye.startDirectionDeg ?? null;
    case 'curveM':
      return eye.curveM ?? null;
    case 'offlineM':
      // Where it was not seen itself it follows from start and bend, and from how much those were left open.
      return Math.hypot(
        eye.offlineM ?? 0,
        (told.openBendShare ?? 0) * OPEN_SD.bendShare * (carryM ?? UNSEEN_CARRY_M),
        degToRad((told.openStartShare ?? 0) * OPEN_SD.startDeg) * (carryM ?? UNSEEN_CARRY_M),
      );
    case 'carryM':
      return eye.carryM ?? null;
    case 'strikeToeMm':
      return SEEN_STRIKE_SD_MM;
    default:
      return null;
  }
}

/** Returns the error that all these balls share in a figure, in its unit, one standard deviation. */
export function sharedSdOf(
  figure: ProofFigure,
  views: readonly BallView[],
  context: ResolvedContext,
  inferred: InferredSd | null,
): number {
  if (views.some(({ ball }) => isByEye(ball))) {
    const isSeen = ({ ball }: BallView): boolean => figure === 'offlineM' && ball.offlineM !== null;
    const told = toldOf(views.filter((view) => !isSeen(view)).map(({ ball }) => ball));
    const own = eyeSdOf(figure, meanCarry(views), told);
    if (own !== null) return own;
  }
  const { accuracy } = context;
  const monitor = (name: keyof typeof accuracy): number => SHARED_ERROR_SHARE * accuracy[name];
  const face = inferred?.faceDeg ?? monitor('faceAngleDeg');
  const path = inferred?.pathDeg ?? monitor('clubPathDeg');
  switch (figure) {
    case 'faceAngleDeg':
      return face;
    case 'clubPathDeg':
      return path;
    case 'faceToPathDeg':
      // What turns the whole monitor turns face and path alike: it is not in their difference.
      return inferred?.faceToPathDeg ?? Math.max(face, path);
    case 'strikeToeMm':
      return SEEN_STRIKE_SD_MM / 2;
    default:
      return monitor(figure);
  }
}

/** Half-width of the 95 % interval of a mean; infinite for fewer than two values. */
export function half95Of(values: readonly number[], sharedSd: number): number {
  const count = values.length;
  if (count < 2) return Infinity;
  const own = (tQuantile(0.975, count - 1) * standardDeviation(values)) / Math.sqrt(count);
  return Math.hypot(own, NORMAL_975 * sharedSd);
}
