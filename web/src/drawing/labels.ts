import type { Ink, Point, Shape } from './shape.ts';

/** A text to place near a point, away from the others. */
export interface WantedLabel {
  readonly text: string;
  readonly at: Point;
  readonly size: number;
  readonly fill: Ink;
  /** How far from the point its own mark reaches. */
  readonly clear: number;
  /** The side it belongs to, where it must not change over while there is room. */
  readonly side?: 'left' | 'right';
}

export interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** Mean width of a letter as a share of its height, a little above this typeface's. */
const LETTER = 0.56;

export const boxOfText = (
  text: string,
  size: number,
  { x, y }: Point,
  anchor: 'start' | 'end' | 'middle',
): Box => {
  const wide = text.length * size * LETTER;
  const left = anchor === 'start' ? x : anchor === 'end' ? x - wide : x - wide / 2;
  return { left, top: y - size * 0.85, right: left + wide, bottom: y + size * 0.25 };
};

export const overlaps = (a: Box, b: Box): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** Boxes along a line so thin that words beside it are clear of it. */
export function boxesOfLine(a: Point, b: Point, halfWidth: number): Box[] {
  const count = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / (2 * halfWidth)));
  return Array.from({ length: count + 1 }, (_, index) => {
    const [x, y] = [a.x + ((b.x - a.x) * index) / count, a.y + ((b.y - a.y) * index) / count];
    return { left: x - halfWidth, top: y - halfWidth, right: x + halfWidth, bottom: y + halfWidth };
  });
}

const STEPS = [0, 1, -1, 2, -2, 3, -3, 4, -4, 5, -5, 6, -6, 7, -7, 8, -8, 9, -9, 10, -10] as const;

/**
 * Places each text beside its point, on the wanted side first, stepping up and down until it overlaps no other and
 * lies within the frame; a thin line leads to one that had to move, across no other text.
 */
export function placeLabels(
  wanted: readonly WantedLabel[],
  frame: Box,
  side: 'left' | 'right',
  taken: readonly Box[] = [],
): Shape[] {
  const boxes: Box[] = [...taken];
  const texts: Box[] = [];
  const shapes: Shape[] = [];
  for (const { text, at, size, fill, clear, side: own } of wanted) {
    const sides = (own ?? side) === 'right' ? ([1, -1] as const) : ([-1, 1] as const);
    const order =
      own === undefined
        ? STEPS.flatMap((step) => sides.map((way) => [step, way] as const))
        : sides.flatMap((way) => STEPS.map((step) => [step, way] as const));
    const tries = order.map(([step, way]) => {
      const anchor = way === 1 ? ('start' as const) : ('end' as const);
      const spot = { x: at.x + way * clear, y: at.y + size * 0.35 + step * size * 1.1 };
      const end = { x: spot.x, y: spot.y - size * 0.3 };
      const leader = Math.abs(step) > 1 ? boxesOfLine(at, end, 1) : [];
      return { spot, anchor, end, leader, box: boxOfText(text, size, spot, anchor) };
    });
    const free = tries.filter(
      ({ box }) =>
        box.left >= frame.left &&
        box.right <= frame.right &&
        box.top >= frame.top &&
        box.bottom <= frame.bottom &&
        !boxes.some((other) => overlaps(box, other)),
    );
    const isClear = ({ leader }: (typeof tries)[number]): boolean =>
      !leader.some((piece) => texts.some((other) => overlaps(piece, other)));
    const found = free.find(isClear) ?? free[0] ?? tries[0]!;
    boxes.push(found.box, ...found.leader);
    texts.push(found.box);
    if (found.leader.length > 0) {
      const { end } = found;
      shapes.push({
        kind: 'path',
        d: `M${at.x.toFixed(1)} ${at.y.toFixed(1)}L${end.x.toFixed(1)} ${end.y.toFixed(1)}`,
        stroke: 'line',
        width: 1,
      });
    }
    shapes.push({ kind: 'text', ...found.spot, text, size, anchor: found.anchor, fill });
  }
  return shapes;
}
