/** Face against path, ball by ball, over the lines of equal start and of equal bend: where a ball lies says how it flies. */
import type { Box, Ink, Shape } from './shape.ts';

export interface FacePathBall {
  readonly faceDeg: number;
  readonly pathDeg: number;
  readonly isLater: boolean;
}

/** What is wanted of both, degrees, and how far to each side is within. */
export interface FacePathWanted {
  readonly faceDeg: number;
  readonly pathDeg: number;
  readonly windows: { readonly faceDeg: number; readonly pathDeg: number };
}

export interface FacePathInput {
  readonly balls: readonly FacePathBall[];
  readonly wanted: FacePathWanted | null;
  /** Degrees of face for a degree of path; null draws no line. */
  readonly coupling: number | null;
  /** The face’s share of the start: lines of equal start lean by it. */
  readonly faceShare: number;
}

export const FACE_PATH_BOX: Box = [-200, -200, 400, 400];
const HALF = 172;
const LEAST_DEG = 6;
const STEPS = [1, 2, 5, 10, 20];

/** Returns a line of the picture, cut off at its frame: through (path, face) with so many degrees of face for one of path. */
function lineThrough(pathDeg: number, faceDeg: number, slope: number, reach: number): string {
  const at = (path: number): [number, number] => [path, faceDeg + slope * (path - pathDeg)];
  let [low, high] = [-reach, reach];
  if (slope !== 0) {
    const ends = [-reach, reach].map((face) => pathDeg + (face - faceDeg) / slope);
    low = Math.max(low, Math.min(...ends));
    high = Math.min(high, Math.max(...ends));
  }
  if (low >= high) return '';
  const unit = HALF / reach;
  const place = ([path, face]: [number, number]): string =>
    `${(path * unit).toFixed(2)} ${(-face * unit).toFixed(2)}`;
  return `M${place(at(low))}L${place(at(high))}`;
}

const line = (d: string, ink: Ink, width: number, dash?: string): Shape[] =>
  d === '' ? [] : [{ kind: 'path', d, stroke: ink, width, ...(dash !== undefined && { dash }) }];

const text = (x: number, y: number, words: string, anchor: 'start' | 'middle' | 'end'): Shape => ({
  kind: 'text',
  x,
  y,
  text: words,
  size: 13,
  anchor,
  fill: 'soft',
});

/** Returns how the face goes with the path, through the middle of the later balls; nothing where it is not known. */
function couplingLine(
  balls: readonly FacePathBall[],
  coupling: number | null,
  reach: number,
): Shape[] {
  const later = balls.filter(({ isLater }) => isLater);
  if (coupling === null || later.length === 0) return [];
  const middle = (of: (ball: FacePathBall) => number): number =>
    later.reduce((sum, ball) => sum + of(ball), 0) / later.length;
  const through = lineThrough(
    middle(({ pathDeg }) => pathDeg),
    middle(({ faceDeg }) => faceDeg),
    coupling,
    reach,
  );
  return line(through, 'face', 2.4);
}

/** Path to the right, face upwards: both positive right of the target line. */
export function facePathPlan({ balls, wanted, coupling, faceShare }: FacePathInput): Shape[] {
  const sizes = balls.flatMap(({ faceDeg, pathDeg }) => [Math.abs(faceDeg), Math.abs(pathDeg)]);
  const sorted = sizes.sort((a, b) => a - b);
  // A wild ball at the edge is drawn at the edge: it does not shrink all the others.
  const reach = Math.max(LEAST_DEG, 1.15 * (sorted[Math.floor(0.98 * (sorted.length - 1))] ?? 0));
  const unit = HALF / reach;
  const step = STEPS.find((one) => reach / one <= 5) ?? 50;
  const marks = Array.from({ length: Math.floor(reach / step) }, (_, n) => (n + 1) * step);
  const bounded = (deg: number): number => Math.max(-reach, Math.min(reach, deg));
  const slope = -(1 - faceShare) / faceShare;
  const shapes: Shape[] = [
    ...[-2, -1, 0, 1, 2].flatMap((n) => [
      // Equal bend: the gap stays. Equal start: the face makes up for the path by its share.
      ...line(lineThrough(0, n * step, 1, reach), 'line', n === 0 ? 1.6 : 0.8, '2 5'),
      ...line(lineThrough(0, n * step, slope, reach), 'line', n === 0 ? 1.6 : 0.8),
    ]),
    ...line(`M${-HALF} 0L${HALF} 0`, 'faint', 1),
    ...line(`M0 ${-HALF}L0 ${HALF}`, 'faint', 1),
    ...marks.flatMap((deg) => [
      text(deg * unit, 14, `${deg}° R`, 'middle'),
      text(-deg * unit, 14, `${deg}° L`, 'middle'),
      text(5, -deg * unit + 4, `${deg}° R`, 'start'),
      text(5, deg * unit + 4, `${deg}° L`, 'start'),
    ]),
  ];
  if (wanted !== null) {
    const { faceDeg, pathDeg, windows } = wanted;
    const [x, y] = [windows.pathDeg * unit, windows.faceDeg * unit];
    const [cx, cy] = [pathDeg * unit, -faceDeg * unit];
    shapes.unshift({
      kind: 'path',
      d: `M${cx - x} ${cy - y}h${2 * x}v${2 * y}h${-2 * x}Z`,
      fill: 'path',
      opacity: 0.2,
    });
  }
  for (const { faceDeg, pathDeg, isLater } of balls)
    shapes.push({
      kind: 'circle',
      x: bounded(pathDeg) * unit,
      y: -bounded(faceDeg) * unit,
      r: 3.6,
      fill: isLater ? 'ink' : 'none',
      stroke: isLater ? 'ink' : 'faint',
      width: 1.2,
      opacity: 0.75,
    });
  shapes.push(...couplingLine(balls, coupling, reach));
  return [...shapes, text(HALF, 32, 'path', 'end'), text(-8, -HALF + 4, 'face', 'end')];
}
