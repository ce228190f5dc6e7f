/**
 * Places the words of a drawing beside what they name: some two hundred places for each, what each place costs, and the one change
 * that saves most, again and again until none does.
 * J. Christensen, J. Marks & S. Shieber (1995), "An empirical study of algorithms for point-feature label placement", ACM
 * Transactions on Graphics 14(3), 203–232: discrete gradient descent. Here the first arrangement is greedy, not random: the same
 * drawing has its words at the same places every time.
 */
import type { Ink, Point, Shape } from './shape.ts';

/** A text to place near a point, away from the others. */
export interface WantedLabel {
  readonly text: string;
  readonly at: Point;
  readonly size: number;
  readonly fill: Ink;
  /** How far from the point its own mark reaches sideways. */
  readonly clear: number;
  /** How far its own mark reaches up and down; as far as sideways where it is not said. */
  readonly clearUp?: number;
  /** The side it belongs to, where it must not change over while there is room. */
  readonly side?: 'left' | 'right';
}

export interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** What words keep away from: off the solid things always, off lines where there is room. */
export interface Obstacles {
  readonly solid: readonly Box[];
  readonly lines: readonly Box[];
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

const isInside = (box: Box, frame: Box): boolean =>
  box.left >= frame.left &&
  box.right <= frame.right &&
  box.top >= frame.top &&
  box.bottom <= frame.bottom;

/** Returns boxes along a line so thin that words beside it are clear of it; one where it is upright or level. */
export function boxesOfLine(a: Point, b: Point, halfWidth: number): Box[] {
  if (a.x === b.x || a.y === b.y)
    return [
      {
        left: Math.min(a.x, b.x) - halfWidth,
        top: Math.min(a.y, b.y) - halfWidth,
        right: Math.max(a.x, b.x) + halfWidth,
        bottom: Math.max(a.y, b.y) + halfWidth,
      },
    ];
  const count = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / (2 * halfWidth)));
  return Array.from({ length: count + 1 }, (_, index) => {
    const [x, y] = [a.x + ((b.x - a.x) * index) / count, a.y + ((b.y - a.y) * index) / count];
    return { left: x - halfWidth, top: y - halfWidth, right: x + halfWidth, bottom: y + halfWidth };
  });
}

/** What is paid for, in steps away from the best place. */
const COST = {
  word: 1000,
  solid: 400,
  leaderOverWord: 300,
  line: 20,
  leaderOverSolid: 3,
  otherSide: 2.5,
  wrongSide: 60,
  aboveOrBelow: 1,
  leader: 1.5,
} as const;

/** How many lines up and down from the point words are tried at. */
const REACH = 8;
/** How far out beyond their usual place words are tried, in heights of a letter. */
const OUT = [0, 1, 2, 3.2, 4.5, 6] as const;
/** From how many lines off, or how far out, a thin line leads to the point. */
const LED_FROM = 2;
/** Half as wide as the boxes along such a line. */
const LEADER_HALF = 2;
const LINE_HEIGHT = 1.1;
const BASELINE = 0.35;

interface Place {
  readonly spot: Point;
  readonly anchor: 'start' | 'end' | 'middle';
  readonly box: Box;
  readonly end: Point;
  /** The thin line to its point, as boxes; none where it stands beside it. */
  readonly leader: readonly Box[];
  /** What it costs whatever the others do. */
  readonly cost: number;
}

/** Returns whether a thin line runs over a box: first by its ends, then piece by piece. */
function crosses(leader: readonly Box[], box: Box): boolean {
  const [first, last] = [leader[0], leader.at(-1)];
  if (first === undefined || last === undefined) return false;
  if (Math.min(first.left, last.left) > box.right || Math.max(first.right, last.right) < box.left)
    return false;
  if (Math.min(first.top, last.top) > box.bottom || Math.max(first.bottom, last.bottom) < box.top)
    return false;
  return leader.some((piece) => overlaps(piece, box));
}

const countOver = (boxes: readonly Box[], box: Box): number =>
  boxes.filter((other) => overlaps(box, other)).length;

/** Returns every place of a label within the frame, what is in its way counted. */
function placesOf(
  label: WantedLabel,
  frame: Box,
  usual: 'left' | 'right',
  { solid, lines }: Obstacles,
): Place[] {
  const { text, at, size, clear, clearUp = clear, side } = label;
  const place = (spot: Point, anchor: Place['anchor'], isLed: boolean, paid: number): Place => {
    const box = boxOfText(text, size, spot, anchor);
    const end = { x: spot.x, y: spot.y - size * 0.3 };
    const leader = isLed ? boxesOfLine(at, end, LEADER_HALF) : [];
    const cost =
      paid +
      COST.solid * countOver(solid, box) +
      (lines.some((other) => overlaps(other, box)) ? COST.line : 0) +
      (isLed ? COST.leader : 0) +
      (solid.some((one) => crosses(leader, one)) ? COST.leaderOverSolid : 0);
    return { spot, anchor, box, end, leader, cost };
  };
  const first = side ?? usual;
  const isStrange = (way: 'left' | 'right'): number =>
    way === first ? 0 : side === undefined ? COST.otherSide : COST.wrongSide;
  const beside = (['left', 'right'] as const).flatMap((way) =>
    OUT.flatMap((out) =>
      Array.from({ length: 2 * REACH + 1 }, (_, index) => {
        const step = index - REACH;
        const reach = clear + out * size;
        return place(
          {
            x: at.x + (way === 'right' ? reach : -reach),
            y: at.y + size * BASELINE + step * size * LINE_HEIGHT,
          },
          way === 'right' ? 'start' : 'end',
          Math.abs(step) >= LED_FROM || out >= LED_FROM,
          Math.abs(step) + out + isStrange(way),
        );
      }),
    ),
  );
  const overOrUnder = [0, 1, 2].flatMap((step) =>
    [-1, 1].map((way) => {
      const off = clearUp + size * 0.6 + step * size * LINE_HEIGHT;
      const y = at.y + way * off + size * BASELINE;
      return place({ x: at.x, y }, 'middle', step >= 1, step + COST.aboveOrBelow);
    }),
  );
  const all = [...beside, ...overOrUnder].sort((a, b) => a.cost - b.cost);
  const inside = all.filter(({ box }) => isInside(box, frame));
  return inside.length > 0 ? inside : all.slice(0, 1);
}

/** Returns what two labels cost each other. */
const costBetween = (a: Place, b: Place): number =>
  (overlaps(a.box, b.box) ? COST.word : 0) +
  (crosses(a.leader, b.box) ? COST.leaderOverWord : 0) +
  (crosses(b.leader, a.box) ? COST.leaderOverWord : 0);

/** Returns what a place costs among those chosen for the others. */
const costAmong = (place: Place, chosen: readonly (Place | null)[], self: number): number => {
  let cost = place.cost;
  for (const [index, other] of chosen.entries())
    if (other !== null && index !== self) cost += costBetween(place, other);
  return cost;
};

/** Rounds of changes at most: each saves something, so that it ends by itself long before. */
const MOST_ROUNDS = 200;
const LEAST_SAVED = 1e-9;

/** Returns one place for each label: greedy first, then the change that saves most until none saves anything. */
function arrange(options: readonly (readonly Place[])[]): Place[] {
  const chosen: (Place | null)[] = options.map(() => null);
  // Those with the fewest places are served first.
  const order = options
    .map((places, index) => ({ index, free: places.filter(({ cost }) => cost < COST.line).length }))
    .sort((a, b) => a.free - b.free || a.index - b.index);
  const best = (index: number) =>
    options[index]!.reduce(
      (found, place) => {
        if (place.cost >= found.cost) return found;
        const cost = costAmong(place, chosen, index);
        return cost < found.cost ? { place, cost } : found;
      },
      { place: options[index]![0]!, cost: Infinity },
    );
  for (const { index } of order) chosen[index] = best(index).place;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    let change = { index: -1, place: null as Place | null, saved: LEAST_SAVED };
    for (const { index } of order) {
      const { place, cost } = best(index);
      const saved = costAmong(chosen[index]!, chosen, index) - cost;
      if (saved > change.saved) change = { index, place, saved };
    }
    if (change.place === null) break;
    chosen[change.index] = change.place;
  }
  return chosen as Place[];
}

/**
 * Places each text beside its point, on the wanted side where it can be: off every other text and thing, within the frame, and off
 * lines where there is room; a thin line leads to one that had to move.
 */
export function placeLabels(
  wanted: readonly WantedLabel[],
  frame: Box,
  side: 'left' | 'right',
  obstacles: Obstacles,
): Shape[] {
  const options = wanted.map((label) => placesOf(label, frame, side, obstacles));
  return arrange(options).flatMap(({ spot, anchor, leader, end }, index): Shape[] => {
    const { text, at, size, fill } = wanted[index]!;
    const d = `M${at.x.toFixed(1)} ${at.y.toFixed(1)}L${end.x.toFixed(1)} ${end.y.toFixed(1)}`;
    return [
      ...(leader.length === 0 ? [] : [{ kind: 'path', d, stroke: 'line', width: 1 } as const]),
      { kind: 'text', ...spot, text, size, anchor, fill },
    ];
  });
}
