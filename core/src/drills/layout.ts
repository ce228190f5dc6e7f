/**
 * Stations on the ground. Layouts are written for a right-hander in metres from the ball: `along`
 * towards the target, `out` away from the player; the last step mirrors them for a left-hander into
 * `right` of the target line, which is what is drawn and taped out.
 */
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { degToRad, radToDeg } from '../units/units.ts';

/**
 * What stands or lies there; `corridor` is where the head may travel, `head` the footprint of the clubhead, `shoe` a
 * foot, `body` a line of shoulders or hips, `brim` the head and the brim of a cap, `hold` the lead hand from above.
 */
export const PART_KINDS = [
  'stick',
  'peg',
  'ball',
  'rod',
  'cover',
  'line',
  'corridor',
  'head',
  'shoe',
  'body',
  'brim',
  'hold',
] as const;
export type PartKind = (typeof PART_KINDS)[number];

export interface StationPart {
  readonly kind: PartKind;
  readonly label: string;
  /** Middle of the part, m from the ball. */
  readonly alongM: number;
  readonly rightM: number;
  readonly lengthM: number;
  /** Across it, m: a corridor's width, a cover's depth. */
  readonly widthM: number;
  /** Direction of a stick or line, degrees, positive right of the target line. */
  readonly angleDeg: number;
  /** Knuckles that show of a `hold`. */
  readonly count: number;
}

/** A place on the ground, m from the ball. */
export interface Spot {
  readonly alongM: number;
  readonly rightM: number;
}

/** A distance to pace or tape out. */
export interface TapeMark {
  readonly label: string;
  readonly distanceM: number;
  readonly from: Spot;
  readonly to: Spot;
}

export interface Layout {
  readonly parts: readonly StationPart[];
  readonly tape: readonly TapeMark[];
}

/** What a layout is made for. */
export interface LayoutContext {
  readonly hand: Hand;
  /** Heel to toe of the clubhead, m. */
  readonly headLengthM: number;
  /** Wanted path, degrees, positive in-to-out whatever the hand. */
  readonly pathDeg: number;
  /** Wanted face, degrees, positive open whatever the hand. */
  readonly faceDeg: number;
  /** Start mark, degrees, positive to the push side. */
  readonly startDeg: number;
}

/** Heel to toe by kind of club, m (common practice, no source). */
export const HEAD_LENGTH_M = {
  driver: 0.12,
  fairway: 0.1,
  hybrid: 0.095,
  iron: 0.08,
  wedge: 0.08,
} as const;
/** An alignment stick, m. */
export const STICK_M = 1.2;

/** A part for a right-hander: `outM` away from the player, angle positive outwards ahead. */
export interface PlainPart {
  readonly kind: PartKind;
  readonly label: string;
  readonly alongM: number;
  readonly outM: number;
  readonly lengthM?: number;
  readonly widthM?: number;
  readonly angleDeg?: number;
  readonly count?: number;
}

/** A distance between two places of a right-hander's layout: [along, out], m. */
export interface PlainTape {
  readonly label: string;
  readonly from: readonly [alongM: number, outM: number];
  readonly to: readonly [alongM: number, outM: number];
}

/** How a player stands to the ball, m: middles of the feet along the line, toes to the line (common practice, no source). */
const STANCES = {
  iron: { leadM: 0.13, trailM: -0.27, toesM: 0.55 },
  wood: { leadM: 0.07, trailM: -0.45, toesM: 0.75 },
} as const;
/** Heads from this long on are a wood's, m. */
const WOOD_FROM_M = 0.095;
/** A shoe, m. */
export const SHOE = { lengthM: 0.28, widthM: 0.1 } as const;

export const stanceOf = ({ headLengthM }: Pick<LayoutContext, 'headLengthM'>) =>
  headLengthM >= WOOD_FROM_M ? STANCES.wood : STANCES.iron;

function stanceParts(c: LayoutContext): PlainPart[] {
  const { leadM, trailM, toesM } = stanceOf(c);
  const shoe = (label: string, alongM: number): PlainPart => ({
    kind: 'shoe',
    label,
    alongM,
    outM: -toesM - SHOE.lengthM / 2,
    ...SHOE,
    angleDeg: 90,
  });
  return [
    shoe('lead foot', leadM),
    shoe('trail foot', trailM),
    {
      kind: 'head',
      label: 'clubhead',
      alongM: -0.05,
      outM: 0,
      lengthM: c.headLengthM,
      widthM: 0.05,
    },
  ];
}

/** Returns what may be taped where a drill lays nothing out: the stance itself. */
function stanceTape(c: LayoutContext): PlainTape[] {
  const { leadM, toesM } = stanceOf(c);
  return [
    { label: 'ball behind the middle of the lead foot', from: [0, -toesM], to: [leadM, -toesM] },
    { label: 'toes from the line', from: [0, -toesM], to: [0, 0] },
  ];
}

/** Nearer than this there is nothing to tape: it lies on the spot, m. */
const LEAST_TAPE_M = 0.002;

/** Returns a right-hander's parts laid out for a player, with the feet and the clubhead; lists what to tape. */
export function layOut(
  c: LayoutContext,
  parts: readonly PlainPart[],
  tape: readonly PlainTape[],
): Layout {
  const sign = handSign(c.hand);
  const has = (kind: PartKind): boolean => parts.some((part) => part.kind === kind);
  const stance = stanceParts(c).filter(({ kind }) => !has(kind));
  const spot = ([alongM, outM]: PlainTape['from']): Spot => ({ alongM, rightM: outM * sign + 0 });
  return {
    parts: [...stance, ...parts].map(
      ({ kind, label, alongM, outM, lengthM = 0, widthM = 0, angleDeg = 0, count = 0 }) => ({
        kind,
        label,
        alongM,
        rightM: outM * sign + 0,
        lengthM,
        widthM,
        angleDeg: angleDeg * sign + 0,
        count,
      }),
    ),
    tape: (tape.length === 0 ? stanceTape(c) : tape)
      .map(({ label, from, to }) => ({
        label,
        distanceM: Math.hypot(to[0] - from[0], to[1] - from[1]),
        from: spot(from),
        to: spot(to),
      }))
      .filter(({ distanceM }) => distanceM > LEAST_TAPE_M),
  };
}

export const BALL: PlainPart = { kind: 'ball', label: 'ball', alongM: 0, outM: 0 };

/** Returns how far out a peg stands at a distance ahead for a path, m: plain trigonometry. */
export const pegOutM = (alongM: number, pathDeg: number): number =>
  alongM * Math.tan(degToRad(pathDeg));

/** Returns the path a peg asks for, degrees, positive to the side it stands out on. */
export const pathOfPegDeg = (alongM: number, outM: number): number =>
  radToDeg(Math.atan2(outM, alongM));
