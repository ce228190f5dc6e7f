import { polyline } from './shape.ts';
import type { Point } from './shape.ts';

/** Returns where the line through `at` along `along` crosses a convex polygon: two points, or null. */
function chord(polygon: readonly Point[], at: Point, along: Point): [Point, Point] | null {
  const side = (p: Point): number => (p.x - at.x) * along.y - (p.y - at.y) * along.x;
  const crossings: Point[] = [];
  polygon.forEach((a, i) => {
    const b = polygon[(i + 1) % polygon.length]!;
    const [sa, sb] = [side(a), side(b)];
    if (sa > 0 === sb > 0) return;
    const u = sa / (sa - sb);
    crossings.push({ x: a.x + u * (b.x - a.x), y: a.y + u * (b.y - a.y) });
  });
  const [first, second] = crossings;
  return first === undefined || second === undefined ? null : [first, second];
}

/**
 * Hatching of a convex polygon as one SVG path: parallel lines `spacing` apart that lean by
 * `leanDeg` from upright, positive to the right.
 */
export function hatch(polygon: readonly Point[], leanDeg: number, spacing: number): string {
  const lean = (leanDeg * Math.PI) / 180;
  const along = { x: Math.sin(lean), y: -Math.cos(lean) };
  const across = { x: along.y, y: -along.x };
  const depths = polygon.map((p) => p.x * across.x + p.y * across.y);
  const from = Math.ceil(Math.min(...depths) / spacing) * spacing;
  const to = Math.max(...depths);
  const lines: string[] = [];
  for (let depth = from; depth < to; depth += spacing) {
    const ends = chord(polygon, { x: across.x * depth, y: across.y * depth }, along);
    if (ends !== null) lines.push(polyline(ends));
  }
  return lines.join('');
}
