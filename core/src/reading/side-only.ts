/** Figures of which an eye told no more than the side: they are counted, and never averaged. */
import { PROOF_FIGURES } from './figure.ts';
import type { ProofFigure } from './figure.ts';
import { isBendOpen, isByEye, isStartOpen } from './ball.ts';
import type { LessonBall } from './ball.ts';

/** Returns whether no more than the side was told of a figure of a ball. */
function isSideOnly(ball: LessonBall, figure: ProofFigure): boolean {
  if (ball.openAmount == null) return false;
  switch (figure) {
    case 'startDirectionDeg':
      return isStartOpen(ball);
    case 'curveM':
      return isBendOpen(ball);
    case 'offlineM':
      return ball.offlineM === null;
    case 'faceAngleDeg':
    case 'clubPathDeg':
    case 'faceToPathDeg':
      return true;
    default:
      return false;
  }
}

/**
 * Returns the figures that these balls cannot be averaged in: of any of them the side alone was told. Those that flew straight had a
 * figure, and would stand for all.
 */
export const sideOnlyFigures = (balls: readonly LessonBall[]): ReadonlySet<ProofFigure> =>
  new Set(PROOF_FIGURES.filter((figure) => balls.some((ball) => isSideOnly(ball, figure))));

/** Returns whether a figure of a ball is one of those, which an eye saw. */
export const isUnsaid = (
  ball: LessonBall,
  figure: string,
  sideOnly: ReadonlySet<ProofFigure>,
): boolean => isByEye(ball) && sideOnly.has(figure as ProofFigure);
