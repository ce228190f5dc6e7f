import type { StationPart } from '@loxos/core';
import { plus, polar, polyline } from './shape.ts';
import type { Point, Shape } from './shape.ts';

/** Returns the four corners of something long and wide about a point. */
function slab(at: Point, angleDeg: number, long: number, wide: number): Point[] {
  const [ahead, aside] = [polar(angleDeg, long / 2), polar(angleDeg + 90, wide / 2)];
  const corner = (a: 1 | -1, b: 1 | -1): Point => ({
    x: at.x + a * ahead.x + b * aside.x,
    y: at.y + a * ahead.y + b * aside.y,
  });
  return [corner(1, 1), corner(1, -1), corner(-1, -1), corner(-1, 1)];
}

/** Returns a shoe from above: an outline, its toe towards the line. */
function shoe(at: Point, { lengthM, widthM, rightM }: StationPart, scale: number): Shape {
  const way = rightM < 0 ? 1 : -1;
  const [l, w] = [(lengthM * scale) / 2, (widthM * scale) / 2];
  const p = (dx: number, dy: number): string =>
    `${(at.x + way * dx).toFixed(1)} ${(at.y + dy).toFixed(1)}`;
  const d = `M${p(-l, 0)}C${p(-l, -w)} ${p(-l * 0.3, -w * 0.9)} ${p(0, -w * 0.8)}C${p(l * 0.5, -w * 1.1)} ${p(l, -w * 0.9)} ${p(l, 0)}C${p(l, w * 0.9)} ${p(l * 0.5, w * 1.1)} ${p(0, w * 0.8)}C${p(-l * 0.3, w * 0.9)} ${p(-l, w)} ${p(-l, 0)}Z`;
  return { kind: 'path', d, fill: 'none', stroke: 'soft', width: 2 };
}

/** Returns a hand on a grip from above, larger than true: the shaft, the fingers, the knuckles that show. */
function hold(at: Point, count: number, way: 1 | -1): Shape[] {
  const finger = (i: number): Shape => ({
    kind: 'path',
    d: polyline([
      { x: at.x - way * 13, y: at.y - 18 + i * 12 },
      { x: at.x + way * 15, y: at.y - 22 + i * 12 },
    ]),
    stroke: 'soft',
    width: 10,
  });
  const knuckle = (i: number): Shape => ({
    kind: 'circle',
    x: at.x - way * 10,
    y: at.y - 18 + i * 12,
    r: 4.5,
    fill: i < count ? 'look' : 'paper',
    stroke: 'ink',
    width: 1.2,
  });
  return [
    {
      kind: 'path',
      d: polyline([
        { x: at.x, y: at.y - 44 },
        { x: at.x, y: at.y + 42 },
      ]),
      stroke: 'ink',
      width: 12,
      opacity: 0.35,
    },
    ...[0, 1, 2, 3].flatMap((i) => [finger(i), knuckle(i)]),
  ];
}

function brim(at: Point, angleDeg: number): Shape[] {
  const tip = plus(at, polar(angleDeg, 26));
  return [
    { kind: 'circle', x: at.x, y: at.y, r: 15, fill: 'faint', opacity: 0.6 },
    { kind: 'path', d: polyline([at, tip]), stroke: 'look', width: 9 },
  ];
}

/** Returns a way between two edges. */
function corridor(outline: readonly Point[]): Shape[] {
  const edge = (from: number, to: number): Shape => ({
    kind: 'path',
    d: polyline([outline[from]!, outline[to]!]),
    stroke: 'path',
    width: 1.4,
    dash: '6 5',
  });
  return [
    { kind: 'path', d: polyline(outline, true), fill: 'path', opacity: 0.16 },
    edge(0, 3),
    edge(1, 2),
  ];
}

/** Returns how far a part reaches from its middle, m. */
export function reach({ lengthM, widthM, angleDeg, kind }: StationPart): Point {
  if (kind === 'line') return { x: 0, y: 0 };
  const [long, wide] = [polar(angleDeg, lengthM / 2), polar(angleDeg + 90, widthM / 2)];
  return { x: Math.abs(long.x) + Math.abs(wide.x), y: Math.abs(long.y) + Math.abs(wide.y) };
}

/** One part of a station at its place on the drawing. */
export function partShapes(part: StationPart, at: Point, scale: number): Shape[] {
  const half = polar(part.angleDeg, (part.lengthM * scale) / 2);
  const ends = [plus(at, half), plus(at, { x: -half.x, y: -half.y })];
  const long = part.lengthM * scale;
  const wide = part.widthM * scale;
  switch (part.kind) {
    case 'ball':
      return [{ kind: 'circle', x: at.x, y: at.y, r: 7, fill: 'paper', stroke: 'ink', width: 2.2 }];
    case 'peg':
      return [{ kind: 'circle', x: at.x, y: at.y, r: 6, fill: 'look' }];
    case 'line':
      return [];
    case 'corridor':
      return corridor(slab(at, part.angleDeg, long, wide));
    case 'head':
      return [
        {
          kind: 'path',
          d: polyline(slab(at, part.angleDeg, Math.max(8, wide), long), true),
          fill: 'face',
        },
      ];
    case 'shoe':
      return [shoe(at, part, scale)];
    case 'body':
      return [
        { kind: 'path', d: polyline(ends), stroke: 'look', width: 9 },
        { kind: 'circle', x: at.x, y: at.y, r: 13, fill: 'faint', opacity: 0.6 },
      ];
    case 'brim':
      return brim(at, part.angleDeg);
    case 'hold':
      return hold(at, part.count, part.rightM < 0 ? 1 : -1);
    case 'cover':
      return [
        {
          kind: 'path',
          d: polyline(slab(at, part.angleDeg, long, Math.max(8, wide)), true),
          fill: 'face',
          opacity: 0.75,
        },
      ];
    case 'rod':
      return [
        { kind: 'path', d: polyline(ends), stroke: 'look', width: 5, dash: '10 5' },
        { kind: 'circle', x: ends[1]!.x, y: ends[1]!.y, r: 7, fill: 'look' },
      ];
    case 'stick':
      return [{ kind: 'path', d: polyline(ends), stroke: 'ink', width: 5 }];
  }
}
