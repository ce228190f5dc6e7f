import { hatch } from './hatch.ts';
import { plus, polar, polyline } from './shape.ts';
import type { Point, Shape } from './shape.ts';

/**
 * The marks of the slant. The target line is upright with the target up; every angle is in degrees
 * as drawn, positive right. The same marks serve the 24 px glyph and the large plan.
 */

const ORIGIN: Point = { x: 0, y: 0 };
/** Slants beyond this are drawn at it: a bar past it would read as its opposite. */
const STEEPEST_DEG = 75;

/** Returns an angle as drawn: `times` as large, up to the steepest. */
export const drawnAngle = (angleDeg: number, times: number): number =>
  Math.max(-STEEPEST_DEG, Math.min(STEEPEST_DEG, angleDeg * times));

/** Returns the target line. */
export const hairline = (fromY: number, toY: number, width: number): Shape => ({
  kind: 'path',
  d: `M0 ${fromY}L0 ${toY}`,
  stroke: 'line',
  width,
});

/** Returns the clubface: a short thick bar square to where it points, with a notch in its middle. */
export function faceBar(angleDeg: number, half: number, thick: number, at: Point = ORIGIN): Shape {
  const along = polar(angleDeg + 90, 1);
  const ahead = polar(angleDeg, 1);
  const corner = (side: number, front: number): Point =>
    plus(at, { x: along.x * side + ahead.x * front, y: along.y * side + ahead.y * front });
  const notch = thick * 0.6;
  const outline = [
    corner(-half, 0),
    corner(-notch, 0),
    corner(0, -notch),
    corner(notch, 0),
    corner(half, 0),
    corner(half, -thick),
    corner(-half, -thick),
  ];
  return { kind: 'path', d: polyline(outline, true), fill: 'face' };
}

/** Returns the club path: a long needle, thick where it comes from, sharp where it goes. */
export function pathNeedle(angleDeg: number, back: number, ahead: number, thick: number): Shape {
  const side = polar(angleDeg + 90, thick / 2);
  const tail = polar(angleDeg, -back);
  const outline = [
    plus(tail, side),
    polar(angleDeg, ahead),
    plus(tail, { x: -side.x, y: -side.y }),
  ];
  return { kind: 'path', d: polyline(outline, true), fill: 'path' };
}

/** Points of a sector between two directions. */
function sector(fromDeg: number, toDeg: number, radius: number): Point[] {
  const steps = Math.max(2, Math.ceil(Math.abs(toDeg - fromDeg) / 5));
  const arc = Array.from({ length: steps + 1 }, (_, i) =>
    polar(fromDeg + ((toDeg - fromDeg) * i) / steps, radius),
  );
  return [ORIGIN, ...arc];
}

/** Gaps below this, degrees as drawn, have no wedge. */
const SMALLEST_GAP_DEG = 1;

/**
 * Returns the gap between path and face: a wedge whose hatch leans to the side the ball will bend, so that
 * the side reads without colour.
 */
export function gapWedge(
  pathDeg: number,
  faceDeg: number,
  radius: number,
  spacing: number,
): Shape[] {
  const gap = faceDeg - pathDeg;
  if (Math.abs(gap) < SMALLEST_GAP_DEG) return [];
  const outline = sector(pathDeg, faceDeg, radius);
  const lean = gap > 0 ? 55 : -55;
  return [
    { kind: 'path', d: polyline(outline, true), fill: 'look', opacity: 0.16 },
    { kind: 'path', d: hatch(outline, lean, spacing), stroke: 'look', width: spacing / 4.5 },
  ];
}

/** Returns where the ball starts: a dotted ray. */
export function startRay(angleDeg: number, length: number, width: number): Shape {
  const end = polar(angleDeg, length);
  return {
    kind: 'path',
    d: polyline([ORIGIN, end]),
    stroke: 'ink',
    width,
    dash: `0.1 ${width * 2.4}`,
  };
}

export const landingRing = (at: Point, r: number, chosen: boolean, ballId?: string): Shape => ({
  kind: 'circle',
  x: at.x,
  y: at.y,
  r,
  fill: chosen ? 'paper' : 'none',
  stroke: chosen ? 'ink' : 'faint',
  width: chosen ? 2.4 : 1.4,
  ...(ballId !== undefined && { ballId }),
});
