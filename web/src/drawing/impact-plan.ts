import { formatSideAngle } from '@loxos/core';
import type { AngleStyle, Hand, Sureness } from '@loxos/core';
import { drawnAngle, faceBar, gapWedge, hairline, pathNeedle, startRay } from './marks.ts';
import { plus, polar, polyline } from './shape.ts';
import type { Point, Shape } from './shape.ts';

/** How much larger than true the plan draws its angles; the caption says so. */
export const PLAN_TIMES = 3;
/** The plan's box: x from −HALF_WIDTH to HALF_WIDTH, y from −AHEAD (target) to BEHIND. */
export const PLAN_BOX = { halfWidth: 150, ahead: 158, behind: 122 } as const;

/** The plan's view box. */
export const IMPACT_VIEW = [
  -PLAN_BOX.halfWidth,
  -PLAN_BOX.ahead,
  2 * PLAN_BOX.halfWidth,
  PLAN_BOX.ahead + PLAN_BOX.behind,
] as const;

export interface ImpactAngles {
  readonly hand: Hand;
  readonly faceAngleDeg: number | null;
  readonly clubPathDeg: number | null;
  readonly startDirectionDeg: number | null;
}

/** Returns a shoe print seen from above, on the player's side of the ball, toe towards the line. */
function shoe(x: number, y: number, side: 1 | -1): Shape {
  const at = (dx: number, dy: number): string => `${x + side * dx} ${y + dy}`;
  const d = `M${at(0, -9)}C${at(18, -13)} ${at(46, -11)} ${at(46, 0)}C${at(46, 11)} ${at(18, 12)} ${at(0, 8)}C${at(-8, 6)} ${at(-8, -7)} ${at(0, -9)}Z`;
  return { kind: 'path', d, fill: 'faint', opacity: 0.28 };
}

/** Feet: a right-hander stands left of the ball as seen towards the target, a left-hander right. */
function stance(hand: Hand): Shape[] {
  const side = hand === 'right' ? -1 : 1;
  const x = side * 142;
  const inward = side === -1 ? 1 : -1;
  return [shoe(x, -34, inward), shoe(x, 62, inward)];
}

const LABEL_SIZE = 14;

/** Names a mark at its end, kept inside the box. */
function label(text: string, at: Point, fill: 'face' | 'path' | 'ink'): Shape {
  const anchor = at.x > 60 ? 'end' : at.x < -60 ? 'start' : 'middle';
  const x = Math.max(-PLAN_BOX.halfWidth + 4, Math.min(PLAN_BOX.halfWidth - 4, at.x));
  return { kind: 'text', x, y: at.y, text, size: LABEL_SIZE, anchor, fill };
}

/** Returns the name of a mark with its angle: of what an eye saw in whole degrees, of a side alone without. */
function named(name: string, angleDeg: number, style: AngleStyle, sureness: Sureness): string {
  if (sureness === 'side') return name;
  return sureness === 'about'
    ? `${name} ~${formatSideAngle(angleDeg, style, 0)}`
    : `${name} ${formatSideAngle(angleDeg, style)}`;
}

/** Returns the club and ball at impact from above, target up: face, path, gap, start. */
export function impactPlan(
  angles: ImpactAngles,
  style: AngleStyle,
  sureness: Sureness = 'measured',
): Shape[] {
  const { hand, faceAngleDeg, clubPathDeg, startDirectionDeg } = angles;
  const { ahead, behind } = PLAN_BOX;
  const shapes: Shape[] = [...stance(hand), hairline(-ahead, behind, 1)];
  const face = faceAngleDeg === null ? null : drawnAngle(faceAngleDeg, PLAN_TIMES);
  const path = clubPathDeg === null ? null : drawnAngle(clubPathDeg, PLAN_TIMES);
  const start = startDirectionDeg === null ? null : drawnAngle(startDirectionDeg, PLAN_TIMES);
  if (face !== null && path !== null) shapes.push(...gapWedge(path, face, 118, 8));
  if (path !== null) shapes.push(pathNeedle(path, 104, 128, 15));
  if (face !== null) {
    // Where the face points: a thin line from the bar's middle, to read the gap against.
    shapes.push({
      kind: 'path',
      d: polyline([{ x: 0, y: 0 }, polar(face, 124)]),
      stroke: 'face',
      width: 1.5,
    });
    shapes.push(faceBar(face, 58, 17, polar(face, -8)));
  }
  if (start !== null) shapes.push(startRay(start, 142, 4));
  shapes.push({ kind: 'circle', x: 0, y: 0, r: 9, fill: 'paper', stroke: 'ink', width: 2 });
  if (path !== null && clubPathDeg !== null) {
    shapes.push(
      label(
        named('path', clubPathDeg, style, sureness),
        plus(polar(path, -104), { x: 0, y: 14 }),
        'path',
      ),
    );
  }
  if (face !== null && faceAngleDeg !== null) {
    // Beyond the bar's end on the side away from the player, where nothing else is drawn.
    const away = hand === 'right' ? 90 : -90;
    const y = polar(face + away, 66).y + 5;
    shapes.push(
      label(
        named('face', faceAngleDeg, style, sureness),
        { x: Math.sign(away) * PLAN_BOX.halfWidth, y },
        'face',
      ),
    );
  }
  if (start !== null && startDirectionDeg !== null) {
    const end = polar(start, 148);
    const y = Math.max(end.y, -ahead + 14);
    shapes.push(
      label(
        named('start', startDirectionDeg, style, sureness),
        { x: end.x + (end.x >= 0 ? 46 : -46), y },
        'ink',
      ),
    );
  }
  return shapes;
}
