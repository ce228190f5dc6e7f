import type { Hand, Layout, StationPart } from '@loxos/core';
import { hairline } from './marks.ts';
import { plus, polar, polyline } from './shape.ts';
import type { Point, Shape } from './shape.ts';

/** Beyond this a part is drawn past a break in the scale, m. */
const NEAR_M = 1.4;
export const STATION_BOX = { width: 320, height: 420 } as const;
const MARGIN = 34;

export interface StationPlan {
  readonly shapes: readonly Shape[];
  readonly box: readonly [number, number, number, number];
  /** Units of the drawing to the metre. */
  readonly scale: number;
}

const reach = ({ lengthM, angleDeg }: StationPart): Point => {
  const end = polar(angleDeg, lengthM / 2);
  return { x: Math.abs(end.x), y: Math.abs(end.y) };
};

function partShapes(part: StationPart, at: Point, scale: number): Shape[] {
  const half = polar(part.angleDeg, (part.lengthM * scale) / 2);
  const ends = [plus(at, half), plus(at, { x: -half.x, y: -half.y })];
  switch (part.kind) {
    case 'ball':
      return [{ kind: 'circle', x: at.x, y: at.y, r: 6, fill: 'paper', stroke: 'ink', width: 2 }];
    case 'peg':
      return [{ kind: 'circle', x: at.x, y: at.y, r: 5, fill: 'look' }];
    case 'line':
      return [];
    case 'cover':
      return [{ kind: 'path', d: polyline(ends), stroke: 'face', width: 13, opacity: 0.8 }];
    case 'rod':
      return [
        { kind: 'path', d: polyline(ends), stroke: 'look', width: 4, dash: '9 4' },
        { kind: 'circle', x: ends[1]!.x, y: ends[1]!.y, r: 6, fill: 'look' },
      ];
    case 'stick':
      return [{ kind: 'path', d: polyline(ends), stroke: 'ink', width: 5 }];
  }
}

/** A station from above, the target up, to scale; what stands far ahead is drawn past a marked break. */
export function stationPlan(layout: Layout, hand: Hand): StationPlan {
  const { width, height } = STATION_BOX;
  const things = layout.parts.filter(({ kind }) => kind !== 'line');
  const near = things.filter((part) => Math.abs(part.alongM) <= NEAR_M);
  const far = things.filter((part) => Math.abs(part.alongM) > NEAR_M);
  const ahead = Math.max(0.3, ...near.map((p) => p.alongM + reach(p).y));
  const behind = Math.max(0.3, ...near.map((p) => -p.alongM + reach(p).y));
  const aside = Math.max(0.25, ...things.map((p) => Math.abs(p.rightM) + reach(p).x));
  const room = height - 2 * MARGIN - (far.length > 0 ? 60 : 0);
  const scale = Math.min(room / (ahead + behind), (width / 2 - MARGIN) / aside);
  const top = -ahead * scale;
  const breakY = top - 16;
  const place = (part: StationPart): Point => ({
    x: part.rightM * scale,
    y: part.alongM > NEAR_M ? breakY - 26 : -part.alongM * scale,
  });
  const shapes: Shape[] = [hairline(breakY - (far.length > 0 ? 46 : 0), behind * scale + 14, 1.2)];
  if (far.length > 0) {
    shapes.push({
      kind: 'path',
      d: polyline([
        { x: -30, y: breakY + 4 },
        { x: -10, y: breakY - 4 },
        { x: 10, y: breakY + 4 },
        { x: 30, y: breakY - 4 },
      ]),
      stroke: 'faint',
      width: 1.5,
    });
    shapes.push({
      kind: 'text',
      x: 38,
      y: breakY + 4,
      text: `break: ${far[0]!.alongM.toFixed(0)} m ahead`,
      size: 12,
      fill: 'soft',
    });
  }
  const named = new Set<string>(['ball']);
  for (const part of layout.parts) {
    const at = place(part);
    shapes.push(...partShapes(part, at, scale));
    if (named.has(part.label) || part.kind === 'line') continue;
    named.add(part.label);
    const toRight = at.x > 8 || (Math.abs(at.x) <= 8 && hand === 'right');
    const x = Math.max(-width / 2 + 6, Math.min(width / 2 - 6, at.x + (toRight ? 11 : -11)));
    const overflows = toRight
      ? x + part.label.length * 6.6 > width / 2
      : x - part.label.length * 6.6 < -width / 2;
    shapes.push({
      kind: 'text',
      x: overflows ? (toRight ? width / 2 - 4 : -width / 2 + 4) : x,
      y: at.y + (overflows ? 18 : 4),
      text: part.label,
      size: 12.5,
      anchor: toRight !== overflows ? 'start' : 'end',
      fill: 'ink',
    });
  }
  const minY = breakY - (far.length > 0 ? 58 : 10);
  return { shapes, scale, box: [-width / 2, minY, width, behind * scale + 22 - minY] };
}
