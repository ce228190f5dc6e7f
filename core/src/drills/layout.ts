/**
 * Stations on the ground. Layouts are written for a right-hander in metres from the ball: `along`
 * towards the target, `out` away from the player; the last step mirrors them for a left-hander into
 * `right` of the target line, which is what is drawn and taped out.
 */
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { degToRad, radToDeg } from '../units/units.ts';

export type PartKind = 'stick' | 'peg' | 'ball' | 'rod' | 'cover' | 'line';

export interface StationPart {
  readonly kind: PartKind;
  readonly label: string;
  /** Middle of the part, m from the ball. */
  readonly alongM: number;
  readonly rightM: number;
  readonly lengthM: number;
  /** Direction of a stick or line, degrees, positive right of the target line. */
  readonly angleDeg: number;
}

/** A distance to pace or tape out. */
export interface TapeMark {
  readonly label: string;
  readonly distanceM: number;
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
  readonly angleDeg?: number;
}

export const layOut = (
  hand: Hand,
  parts: readonly PlainPart[],
  tape: readonly TapeMark[],
): Layout => ({
  parts: parts.map(({ kind, label, alongM, outM, lengthM = 0, angleDeg = 0 }) => ({
    kind,
    label,
    alongM,
    rightM: outM * handSign(hand) + 0,
    lengthM,
    angleDeg: angleDeg * handSign(hand) + 0,
  })),
  tape,
});

export const BALL: PlainPart = { kind: 'ball', label: 'ball', alongM: 0, outM: 0 };

/** How far out a peg stands at a distance ahead for a path, m: plain trigonometry. */
export const pegOutM = (alongM: number, pathDeg: number): number =>
  alongM * Math.tan(degToRad(pathDeg));

/** The path a peg asks for, degrees, positive to the side it stands out on. */
export const pathOfPegDeg = (alongM: number, outM: number): number =>
  radToDeg(Math.atan2(outM, alongM));
