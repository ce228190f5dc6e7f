import { FOR_BALL_FROM_M, tapeText } from '@loxos/core';
import type { Hand, Layout, LengthUnit, Spot, StationPart, TapeMark } from '@loxos/core';
import { boxOfText, boxesOfLine, placeLabels } from './labels.ts';
import type { Box, Obstacles, WantedLabel } from './labels.ts';
import { hairline } from './marks.ts';
import { polar, polyline } from './shape.ts';
import type { Point, Shape } from './shape.ts';
import { NO_ARROW, feetArrow, hasFeet, withoutFeet } from './station-feet.ts';
import { partShapes, reach } from './station-parts.ts';

/** How large a station is drawn: on a desk or on paper, and on a phone, with words of one size on both. */
export const STATION_SIZES = {
  wide: { width: 500, height: 430, away: 150 },
  narrow: { width: 350, height: 440, away: 104 },
} as const;
export type StationSize = keyof typeof STATION_SIZES;
/** Room for words on the player's side and at the ends; most of it is away from the player, where the dimensions stand. */
const MARGIN = { player: 26, end: 26 } as const;
/** Height of the strip past the break. */
const FAR_STRIP = 54;
const LABEL_SIZE = 14;
const FIGURE_SIZE = 14;
/** How far dimension lines stand off one another. */
const LANE = 15;

export interface StationPlan {
  readonly shapes: readonly Shape[];
  readonly box: readonly [number, number, number, number];
  /** Units of the drawing to the metre. */
  readonly scale: number;
  /** Where a spot of the ground is on the drawing. */
  readonly place: (spot: Spot) => Point;
}

/** Returns whether a part is drawn past a break in the scale. */
const isFar = ({ alongM }: Pick<Spot, 'alongM'>): boolean => alongM > FOR_BALL_FROM_M;

interface Frame {
  readonly scale: number;
  readonly place: (spot: Spot) => Point;
  readonly top: number;
  readonly bottom: number;
  readonly middle: number;
  readonly breakY: number | null;
}

function frameOf({ parts }: Layout, hand: Hand, size: StationSize): Frame {
  const { width, height, away: awayRoom } = STATION_SIZES[size];
  const playerRoom = hasFeet({ parts }) ? MARGIN.player : awayRoom;
  const things = parts.filter(({ kind }) => kind !== 'line');
  const near = things.filter((part) => !isFar(part));
  const hasFar = near.length < things.length;
  const max = (of: (part: StationPart) => number, least: number): number =>
    Math.max(least, ...near.map(of));
  const ahead = max((p) => p.alongM + reach(p).y, 0.35);
  const behind = max((p) => -p.alongM + reach(p).y, 0.35);
  const right = max((p) => p.rightM + reach(p).x, 0.15);
  const left = max((p) => -p.rightM + reach(p).x, 0.15);
  const room = height - 2 * MARGIN.end - (hasFar ? FAR_STRIP : 0);
  const scale = Math.min(room / (ahead + behind), (width - playerRoom - awayRoom) / (left + right));
  const nearTop = -ahead * scale;
  const away = hand === 'right' ? 1 : -1;
  const breakY = hasFar ? nearTop - 14 : null;
  return {
    scale,
    place: ({ alongM, rightM }) => ({
      x: rightM * scale,
      y: isFar({ alongM }) ? nearTop - 40 : -alongM * scale,
    }),
    top: nearTop - (hasFar ? FAR_STRIP : 0) - MARGIN.end,
    bottom: behind * scale + MARGIN.end,
    middle: ((right - left) / 2) * scale + (away * (awayRoom - playerRoom)) / 2,
    breakY,
  };
}

function breakShapes(breakY: number): Shape[] {
  return [
    {
      kind: 'path',
      d: polyline([-30, -10, 10, 30].map((x, i) => ({ x, y: breakY + (i % 2 === 0 ? 4 : -4) }))),
      stroke: 'faint',
      width: 1.6,
    },
  ];
}

/** Returns a dimension line with its ticks, stood off the things it measures. */
function dimension(
  a: Point,
  b: Point,
  off: number,
): { shapes: Shape[]; middle: Point; boxes: Box[] } {
  const isAcross = Math.abs(a.x - b.x) > Math.abs(a.y - b.y);
  const shift = isAcross ? { x: 0, y: off } : { x: off, y: 0 };
  const [from, to] = [a, b].map(({ x, y }) => ({ x: x + shift.x, y: y + shift.y })) as [
    Point,
    Point,
  ];
  const tick = isAcross ? { x: 0, y: 5 } : { x: 5, y: 0 };
  const mark = (p: Point): string =>
    `M${p.x - tick.x} ${p.y - tick.y}L${p.x + tick.x} ${p.y + tick.y}`;
  const reachOut = (p: Point, q: Point): string => `M${p.x} ${p.y}L${q.x} ${q.y}`;
  return {
    shapes: [
      {
        kind: 'path',
        d: `${reachOut(a, from)}${reachOut(b, to)}`,
        stroke: 'line',
        width: 0.8,
      },
      {
        kind: 'path',
        d: `${polyline([from, to])}${mark(from)}${mark(to)}`,
        stroke: 'soft',
        width: 1.4,
      },
    ],
    middle: { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 },
    boxes: boxesOfLine(from, to, 2),
  };
}

/** Dimension lines of the marks both of whose ends are on one side of the break, with their figures to place. */
function dimensions(layout: Layout, hand: Hand, { place }: Frame, unit: LengthUnit) {
  const shapes: Shape[] = [];
  const labels: WantedLabel[] = [];
  const boxes: Box[] = [];
  const away = hand === 'right' ? 1 : -1;
  let lanes = 0;
  for (const mark of layout.tape) {
    const { distanceM, from, to } = mark;
    const figure = tapeText(distanceM, unit);
    if (isFar(from) !== isFar(to)) {
      const at = { x: 0, y: place({ alongM: FOR_BALL_FROM_M + 1, rightM: 0 }).y + 26 };
      labels.push({ text: `${figure} ahead`, at, size: FIGURE_SIZE, fill: 'ink', clear: 38 });
      continue;
    }
    const [a, b] = [place(from), place(to)];
    const isAcross = Math.abs(a.x - b.x) > Math.abs(a.y - b.y);
    if (!isAcross) lanes += 1;
    const off = isAcross ? LANE : away * (30 + 3 * LANE * (lanes - 1));
    const made = dimension(a, b, off);
    shapes.push(...made.shapes);
    boxes.push(...made.boxes);
    labels.push({
      text: `${figure} ${wayOf(mark, hand)}`,
      at: made.middle,
      size: FIGURE_SIZE,
      fill: 'ink',
      clear: isAcross ? Math.abs(a.x - b.x) / 2 + 8 : 8,
      clearUp: isAcross ? 7 : Math.abs(a.y - b.y) / 2 + 8,
      ...(isAcross &&
        wayOf(mark, hand) !== 'wide' && { side: made.middle.x < 0 ? 'left' : 'right' }),
    });
  }
  return { shapes, labels, boxes };
}

/** Ends nearer to the line than this are on it, m. */
const ON_LINE_M = 1e-6;

/** Returns which way a distance goes, beside its figure: from the ball along the line, or from the line across it. */
function wayOf(
  { from, to }: TapeMark,
  hand: Hand,
): 'ahead' | 'behind' | 'inside' | 'outside' | 'wide' {
  const along = to.alongM - from.alongM;
  if (Math.abs(along) > Math.abs(to.rightM - from.rightM)) return along > 0 ? 'ahead' : 'behind';
  const off = [from, to].filter(({ rightM }) => Math.abs(rightM) > ON_LINE_M);
  if (off.length !== 1) return 'wide';
  return Math.sign(off[0]!.rightM) === (hand === 'right' ? 1 : -1) ? 'outside' : 'inside';
}

/** What is drawn larger than true, as far as it reaches sideways and up and down. */
const INSETS: Partial<Record<StationPart['kind'], readonly [number, number]>> = {
  hold: [24, 46],
  brim: [28, 16],
};

/** Returns how far a part reaches from its middle sideways on the drawing, with a little air. */
function clearOf(part: StationPart, scale: number): number {
  const inset = INSETS[part.kind];
  if (inset !== undefined) return inset[0] + 4;
  if (part.kind === 'stick' || part.kind === 'corridor') return 12;
  return Math.max(14, reach(part).x * scale + 10);
}

/** Returns how far a part reaches from its middle up and down, with a little air. */
function clearUpOf(part: StationPart, scale: number): number {
  const inset = INSETS[part.kind];
  if (inset !== undefined) return inset[1] + 4;
  return Math.max(11, reach(part).y * scale + 4);
}

/** Returns the far end of a corridor: its name stands there, out of the way of the ball. */
function cornerOf({ angleDeg, lengthM, widthM }: StationPart, at: Point, scale: number): Point {
  const end = polar(angleDeg, (lengthM * scale) / 2 - 12);
  return { x: at.x + end.x + (widthM * scale) / 2, y: at.y + end.y };
}

const OPEN_KINDS: readonly StationPart['kind'][] = ['line', 'corridor', 'stick', 'rod', 'body'];

/** Returns what words must not lie over: the small things, each as a box, and the line of the body. */
const solidBoxes = ({ parts }: Layout, { place, scale }: Frame): Box[] =>
  parts
    .filter(({ kind }) => kind === 'body' || !OPEN_KINDS.includes(kind))
    .flatMap((part) => {
      const { x, y } = place(part);
      if (part.kind === 'body') {
        const half = polar(part.angleDeg, (part.lengthM * scale) / 2);
        return boxesOfLine({ x: x - half.x, y: y - half.y }, { x: x + half.x, y: y + half.y }, 6);
      }
      const [w, h] = INSETS[part.kind] ?? [
        Math.max(8, reach(part).x * scale),
        Math.max(8, reach(part).y * scale),
      ];
      return { left: x - w, top: y - h, right: x + w, bottom: y + h };
    });

function partLabels({ parts }: Layout, { place, scale }: Frame): WantedLabel[] {
  const named = new Set<string>();
  return parts.flatMap((part) => {
    if (part.kind === 'line' || named.has(part.label)) return [];
    named.add(part.label);
    const isCorridor = part.kind === 'corridor';
    const at = isCorridor ? cornerOf(part, place(part), scale) : place(part);
    const fill = isCorridor ? ('path' as const) : ('ink' as const);
    return [
      {
        text: part.label,
        at,
        size: LABEL_SIZE,
        fill,
        clear: clearOf(part, scale),
        clearUp: isCorridor ? 8 : clearUpOf(part, scale),
      },
    ];
  });
}

/** Returns the long things as boxes along them: sticks, rods and the edges of a corridor. */
const lineBoxes = ({ parts }: Layout, { place, scale }: Frame): Box[] =>
  parts.flatMap(({ kind, angleDeg, lengthM, widthM, ...spot }) => {
    const at = place(spot);
    const half = polar(angleDeg, (lengthM * scale) / 2);
    const along = (aside: Point): Box[] =>
      boxesOfLine(
        { x: at.x - half.x + aside.x, y: at.y - half.y + aside.y },
        { x: at.x + half.x + aside.x, y: at.y + half.y + aside.y },
        3,
      );
    if (kind === 'stick' || kind === 'rod') return along({ x: 0, y: 0 });
    if (kind !== 'corridor') return [];
    const aside = polar(angleDeg + 90, (widthM * scale) / 2);
    return [...along(aside), ...along({ x: -aside.x, y: -aside.y })];
  });

/** Things are drawn from the ground up: what is large and faint first. */
const DEPTH: Readonly<Record<StationPart['kind'], number>> = {
  corridor: 0,
  line: 0,
  shoe: 1,
  body: 1,
  cover: 2,
  stick: 2,
  head: 3,
  rod: 4,
  brim: 4,
  hold: 4,
  peg: 5,
  ball: 6,
};

/**
 * Returns a station from above, the target up, to scale, with its dimensions on it: the feet, the clubhead and the corridor
 * it may travel, every part named; what stands far ahead is drawn past a marked break.
 */
export function stationPlan(
  whole: Layout,
  hand: Hand,
  unit: LengthUnit = 'm',
  size: StationSize = 'wide',
): StationPlan {
  const layout = size === 'narrow' ? withoutFeet(whole) : whole;
  const frame = frameOf(layout, hand, size);
  const { scale, place, top, bottom, middle, breakY } = frame;
  const { width } = STATION_SIZES[size];
  const box: Box = { left: middle - width / 2, top, right: middle + width / 2, bottom };
  const parts = [...layout.parts].sort((a, b) => DEPTH[a.kind] - DEPTH[b.kind]);
  const dims = dimensions(layout, hand, frame, unit);
  const target = { text: 'target', size: 12, x: 0, y: top + 12 };
  const way = hand === 'right' ? 1 : -1;
  const edge = way > 0 ? box.left : box.right;
  const feet = hasFeet(layout) ? NO_ARROW : feetArrow(edge, way);
  const inner: Box = { left: box.left + 4, top: top + 4, right: box.right - 4, bottom: bottom - 4 };
  const shapes: Shape[] = [
    hairline(top + 16, bottom - 6, 1.4),
    { kind: 'text', ...target, anchor: 'middle', fill: 'faint' },
    ...(breakY === null ? [] : breakShapes(breakY)),
    ...parts.flatMap((part) => partShapes(part, place(part), scale)),
    ...dims.shapes,
    ...feet.shapes,
    ...placeLabels(
      [...partLabels(layout, frame), ...dims.labels],
      inner,
      hand === 'right' ? 'right' : 'left',
      {
        solid: [
          boxOfText(target.text, target.size, target, 'middle'),
          ...solidBoxes(layout, frame),
          ...dims.boxes,
          ...feet.boxes,
        ],
        lines: [
          ...lineBoxes(layout, frame),
          ...boxesOfLine({ x: 0, y: top + 16 }, { x: 0, y: bottom - 6 }, 2),
        ],
      } satisfies Obstacles,
    ),
  ];
  return { shapes, scale, place, box: [box.left, top, width, bottom - top] };
}
