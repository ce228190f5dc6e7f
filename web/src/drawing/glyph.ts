import { drawnAngle, faceBar, gapWedge, hairline, pathNeedle, startRay } from './marks.ts';
import type { Shape } from './shape.ts';

/** How much larger than true the glyph draws its angles. */
const GLYPH_TIMES = 3;

export interface GlyphAngles {
  readonly faceAngleDeg: number | null;
  readonly clubPathDeg: number | null;
  readonly startDirectionDeg: number | null;
}

/** Returns the slant of one ball, in a box from −12 to 12. Without face and path, its start alone. */
export function glyph({ faceAngleDeg, clubPathDeg, startDirectionDeg }: GlyphAngles): Shape[] {
  const shapes: Shape[] = [hairline(-11.5, 11.5, 0.7)];
  const face = faceAngleDeg === null ? null : drawnAngle(faceAngleDeg, GLYPH_TIMES);
  const path = clubPathDeg === null ? null : drawnAngle(clubPathDeg, GLYPH_TIMES);
  if (face !== null && path !== null) shapes.push(...gapWedge(path, face, 10.5, 2.4));
  if (path !== null) shapes.push(pathNeedle(path, 11, 11, 3.4));
  if (face !== null) shapes.push(faceBar(face, 7, 3));
  if (face === null && startDirectionDeg !== null) {
    shapes.push(startRay(drawnAngle(startDirectionDeg, GLYPH_TIMES), 11, 1.8));
    shapes.push({ kind: 'circle', x: 0, y: 0, r: 2.2, fill: 'ink' });
  }
  return shapes;
}
