import type { Draft } from './row.ts';

/** Figures that differ by more than this between a column and its parts are refused, degrees. */
export const FACE_TO_PATH_SLACK_DEG = 0.35;

/** Returns whether a row's face to path is not its face less its path; what the file says of it, before it is completed. */
export function isContradiction({ ball }: Draft): boolean {
  const { faceAngleDeg: face, clubPathDeg: path, faceToPathDeg: faceToPath } = ball;
  return (
    face !== null &&
    path !== null &&
    faceToPath !== null &&
    Math.abs(face - path - faceToPath) > FACE_TO_PATH_SLACK_DEG
  );
}

/** Completes what follows by plain arithmetic from what the row holds; says why it contradicts itself, or null. */
export function complete(draft: Draft): string | null {
  const { ball, backSpinRpm: back, sideSpinRpm: side } = draft;
  const { faceAngleDeg: face, clubPathDeg: path, faceToPathDeg: faceToPath } = ball;
  if (isContradiction(draft)) {
    return `face to path ${faceToPath!.toFixed(1)}° does not fit face ${face!.toFixed(1)}° less path ${path!.toFixed(1)}°; check what the signs mean`;
  }
  if (face !== null && path !== null) ball.faceToPathDeg ??= face - path;
  else if (faceToPath !== null && path !== null) ball.faceAngleDeg = path + faceToPath;
  else if (faceToPath !== null && face !== null) ball.clubPathDeg = face - faceToPath;
  if (back !== null && side !== null) {
    ball.spinRateRpm ??= Math.hypot(back, side);
    ball.spinAxisTiltDeg ??= (Math.atan2(side, Math.abs(back)) * 180) / Math.PI;
  }
  return null;
}
