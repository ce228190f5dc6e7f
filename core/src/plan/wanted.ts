/**
 * What is wanted: a flight, not zero. From a shape, a start mark and a finish the forward model gives the
 * face, path and face to path that club needs; the windows round them are the academy's bands or the player's own.
 */
import type { ClubHead, ClubKind } from '../delivery/head.ts';
import type { Delivery } from '../delivery/delivery.ts';
import { turnFace } from '../delivery/turn.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';
import { laneFor } from '../inverse/lane.ts';
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import type { Bands } from '../reading/bands.ts';

export const SHAPES = ['straight', 'draw', 'fade'] as const;
export type Shape = (typeof SHAPES)[number];
export const RULED_OUT = ['either', 'never left', 'never right'] as const;
export type RuledOut = (typeof RULED_OUT)[number];

/** A flight a player wants. Degrees and m, positive right of the target line for both hands. */
export interface Wanted {
  readonly shape: Shape;
  /** Whether somebody chose it; a plain straight flight that nobody chose may bend as it likes. */
  readonly isSaid?: boolean | undefined;
  /** Start mark; left out, the usual one of the shape. */
  readonly startDeg?: number | null;
  /** Where it should finish from the target line; left out, on the target. */
  readonly finishM?: number | null;
  /** Which miss is ruled out: it counts double. */
  readonly ruledOut?: RuledOut;
  /** How far to each side of the finish is acceptable, as a share of carry. */
  readonly widthShare?: number | null;
  /** The player's own windows round face, path, face to path and start, degrees to each side. */
  readonly windowDeg?: Partial<Windows>;
}

/** Half-widths, degrees. */
export interface Windows {
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly faceToPathDeg: number;
  readonly startDeg: number;
}

export const WANTED_DEFAULTS = {
  shape: 'straight',
  ruledOut: 'either',
  /** Start mark of a draw or fade, degrees to the side it bends back from (common practice, no source). */
  shapeStartDeg: 2,
  /** Half the width of a fairway or green at the club's carry, near 16 m of 230 (common practice, no source). */
  widthShare: 0.07,
} as const;

/** What may be asked for; [min, max]. */
export const WANTED_RANGES = {
  startDeg: [-15, 15],
  finishM: [-60, 60],
  widthShare: [0.01, 0.2],
  windowDeg: [0.2, 10],
} as const;

/** A player's wishes: one for all clubs, and others for kinds of club. */
export interface WantedByClub {
  readonly all: Wanted;
  readonly kinds?: Partial<Record<ClubKind, Wanted>>;
}
export const PLAIN_WANTED: Wanted = { shape: 'straight' };

/** Returns whether a flight was chosen: said so, or anything but the plain straight one. */
export const isSaid = ({ isSaid: said, ...wanted }: Wanted): boolean =>
  said ??
  (wanted.shape !== 'straight' ||
    wanted.startDeg != null ||
    wanted.finishM != null ||
    (wanted.ruledOut ?? WANTED_DEFAULTS.ruledOut) !== WANTED_DEFAULTS.ruledOut);

/** Returns the flight wanted with a club: the lesson's own, else the kind's, else the one for all clubs. */
export const wantedFor = (
  player: WantedByClub | null | undefined,
  kind: ClubKind | null,
  lesson?: Wanted | null,
): Wanted =>
  lesson ?? (kind === null ? undefined : player?.kinds?.[kind]) ?? player?.all ?? PLAIN_WANTED;

/** What is wanted of a club, in numbers. */
export interface WantedNumbers {
  readonly shape: Shape;
  readonly ruledOut: RuledOut;
  readonly pathDeg: number;
  readonly faceDeg: number;
  /** Face to path. */
  readonly faceToPathDeg: number;
  readonly startDeg: number;
  readonly curveM: number;
  readonly finishM: number;
  readonly windows: Windows;
  /** Acceptable to each side of the finish, m. */
  readonly halfWidthM: number;
}

/** Start mark of a shape: a draw starts on the push side, a fade on the pull side. */
function usualStartDeg(shape: Shape, hand: Hand): number {
  if (shape === 'straight') return 0;
  return WANTED_DEFAULTS.shapeStartDeg * handSign(hand) * (shape === 'draw' ? 1 : -1);
}

export const windowsOf = (bands: Bands, own: Partial<Windows> = {}): Windows => ({
  pathDeg: own.pathDeg ?? bands.pathAcceptableDeg,
  faceDeg: own.faceDeg ?? bands.faceSquareDeg,
  faceToPathDeg: own.faceToPathDeg ?? bands.faceToPathSquareDeg,
  startDeg: own.startDeg ?? bands.startStraightDeg,
});

/** What a usual delivery needs to be known by: the player's own, along the line. */
export interface WantedBase {
  readonly hand: Hand;
  readonly head: ClubHead;
  /** The player's delivery with the face and path taken out. */
  readonly plain: Delivery;
  readonly bands: Bands;
  readonly flight?: FlightOptions;
}

/** Returns the player's typical delivery as it would be with a square face along the line. */
export const plainOf = (typical: Delivery, head: ClubHead): Delivery => ({
  ...turnFace(typical, head, -typical.faceAngleDeg),
  clubPathDeg: 0,
  strikeToeMm: 0,
});

/** Returns the wanted flight in numbers; null where no face and path of this club give such a flight. */
export function wantedNumbers(wanted: Wanted, base: WantedBase): WantedNumbers | null {
  const { hand, head, plain, bands, flight = {} } = base;
  const startDeg = wanted.startDeg ?? usualStartDeg(wanted.shape, hand);
  const share = wanted.widthShare ?? WANTED_DEFAULTS.widthShare;
  const common = {
    shape: wanted.shape,
    ruledOut: wanted.ruledOut ?? WANTED_DEFAULTS.ruledOut,
    startDeg,
    windows: windowsOf(bands, wanted.windowDeg),
  };
  if (wanted.shape === 'straight') {
    const { offlineM, carryM } = simulateShot(
      { ...plain, faceAngleDeg: startDeg, clubPathDeg: startDeg },
      head,
      flight,
    ).flight;
    const finishM = wanted.finishM ?? (startDeg === 0 ? 0 : offlineM);
    const halfWidthM = share * carryM;
    return {
      ...common,
      pathDeg: startDeg,
      faceDeg: startDeg,
      faceToPathDeg: 0,
      curveM: 0,
      finishM,
      halfWidthM,
    };
  }
  const finishM = wanted.finishM ?? 0;
  const lane = laneFor({ startDeg, finishOfflineM: finishM }, plain, head, flight);
  if (lane === null) return null;
  const { clubPathDeg: pathDeg, faceAngleDeg: faceDeg, curveM, carryM } = lane;
  const halfWidthM = share * carryM;
  return {
    ...common,
    pathDeg,
    faceDeg,
    faceToPathDeg: faceDeg - pathDeg,
    curveM,
    finishM,
    halfWidthM,
  };
}

/** Bend under this share of carry is a straight flight, whatever it was called. */
export function shapeOf(curveM: number, carryM: number, hand: Hand, bands: Bands): Shape {
  if (Math.abs(curveM) < bands.bendNoneShare * carryM) return 'straight';
  return curveM * handSign(hand) < 0 ? 'draw' : 'fade';
}

/** Returns what a player does now as the wanted: the shape, start and finish of the typical ball, rounded to what can be asked. */
export function wantedAsNow(
  now: {
    readonly startDeg: number;
    readonly curveM: number;
    readonly offlineM: number;
    readonly carryM: number;
  },
  hand: Hand,
  bands: Bands,
): Wanted {
  const bounded = (value: number, [min, max]: readonly [number, number]): number =>
    Math.min(max, Math.max(min, Math.round(2 * value) / 2)) + 0;
  return {
    isSaid: true,
    shape: shapeOf(now.curveM, now.carryM, hand, bands),
    startDeg: bounded(now.startDeg, WANTED_RANGES.startDeg),
    finishM: bounded(now.offlineM, WANTED_RANGES.finishM),
  };
}
