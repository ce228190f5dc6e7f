import { formatSideAngle } from '@loxos/core';
import type { Hand } from '@loxos/core';
import { hairline } from './marks.ts';
import { polar, polyline } from './shape.ts';
import type { Ink, Point, Shape } from './shape.ts';

export interface SetUpLines {
  readonly hand: Hand;
  readonly feetDeg: number | null;
  readonly hipDeg: number | null;
  readonly shoulderDeg: number | null;
  readonly ballCm: number | null;
  /** Where the film is taken from. */
  readonly camera?: 'as drawn' | 'elsewhere' | null;
}

export const SETUP_BOX = { halfWidth: 150, ahead: 170, behind: 150 } as const;
const TIMES = 2;
const HALF_LINE = 105;

/** Returns a body line through a point, with its words at its far end. */
function bodyLine(
  name: string,
  deg: number | null,
  at: Point,
  ink: Ink,
  width: number,
  row: number,
): Shape[] {
  const drawn = (deg ?? 0) * TIMES;
  const [a, b] = [polar(drawn, HALF_LINE), polar(drawn, -HALF_LINE)];
  const ends = [
    { x: at.x + a.x, y: at.y + a.y },
    { x: at.x + b.x, y: at.y + b.y },
  ];
  const text = deg === null ? `${name}: not seen` : `${name} ${formatSideAngle(deg, 'letters', 0)}`;
  return [
    {
      kind: 'path',
      d: polyline(ends),
      stroke: deg === null ? 'line' : ink,
      width,
      ...(deg === null && { dash: '4 5' }),
    },
    {
      kind: 'text',
      x: 6,
      y: 128 - row * 17 + 12,
      text,
      size: 13,
      anchor: 'start',
      fill: deg === null ? 'faint' : ink,
    },
  ];
}

/** Returns the camera behind the hands, looking along a line parallel to the target line. */
function cameraMark(side: number, ink: Ink): Shape[] {
  const x = side * 42;
  const foot = SETUP_BOX.behind - 12;
  const body = [
    { x: x - 9, y: foot },
    { x: x + 9, y: foot },
    { x: x + 9, y: foot - 12 },
    { x: x + 4, y: foot - 18 },
    { x: x - 4, y: foot - 18 },
    { x: x - 9, y: foot - 12 },
  ];
  const sight = polyline([
    { x, y: foot - 22 },
    { x, y: -40 },
  ]);
  return [
    { kind: 'path', d: sight, stroke: ink, width: 1, dash: '2 5' },
    { kind: 'path', d: polyline(body, true), stroke: ink, width: 2 },
    {
      kind: 'text',
      x: x + side * 15,
      y: foot,
      text: 'camera',
      size: 13,
      anchor: side < 0 ? 'end' : 'start',
      fill: ink === 'line' ? 'faint' : ink,
    },
  ];
}

/** Set-up from above, target up: ball, feet, hips, shoulders, from the player's side of the ball. */
export function setUpPlan(lines: SetUpLines): Shape[] {
  const { hand, feetDeg, hipDeg, shoulderDeg, ballCm, camera = null } = lines;
  const side = hand === 'right' ? -1 : 1;
  const ballY = -(ballCm ?? 0) * 1.4;
  const words = side === -1 ? 1 : -1;
  const bodyLines = [
    ...bodyLine('feet', feetDeg, { x: side * 96, y: 0 }, 'ink', 3, 0),
    ...bodyLine('hips', hipDeg, { x: side * 112, y: 0 }, 'soft', 3, 1),
    ...bodyLine('shoulders', shoulderDeg, { x: side * 128, y: 0 }, 'look', 3, 2),
  ].map((shape) =>
    shape.kind === 'text'
      ? { ...shape, x: words * 12, anchor: words > 0 ? ('start' as const) : ('end' as const) }
      : shape,
  );
  const heel = { x: side * 96, y: -30 };
  return [
    hairline(-SETUP_BOX.ahead, SETUP_BOX.behind, 1),
    ...bodyLines,
    ...cameraMark(side, camera === null ? 'line' : camera === 'as drawn' ? 'ink' : 'look'),
    {
      kind: 'path',
      d: polyline([heel, { x: 0, y: heel.y }]),
      stroke: 'line',
      width: 1,
      dash: '3 4',
    },
    {
      kind: 'circle',
      x: 0,
      y: ballCm === null ? 0 : heel.y + ballY,
      r: 8,
      fill: 'paper',
      stroke: ballCm === null ? 'faint' : 'ink',
      width: 2,
    },
  ];
}
