import { plusZero } from '../line/hand.ts';
import { fromSi } from '../units/units.ts';
import type { LengthUnit, SpeedUnit, Unit } from '../units/units.ts';

/** How an angle shows its side: `4.2° R`, or signed `+4.2°`. */
export const ANGLE_STYLES = ['letters', 'signed'] as const;
export type AngleStyle = (typeof ANGLE_STYLES)[number];

/** What a coach reads figures in; storage is SI whatever this says. */
export interface DisplayUnits {
  readonly length: LengthUnit;
  readonly speed: SpeedUnit;
  readonly angle: AngleStyle;
}

/** Returns the units a player's figures are shown in. */
export const unitsOf = (player: {
  readonly lengthUnit: LengthUnit;
  readonly speedUnit: SpeedUnit;
  readonly angleStyle: AngleStyle;
}): DisplayUnits => ({
  length: player.lengthUnit,
  speed: player.speedUnit,
  angle: player.angleStyle,
});

/** The speed a player reads who reads lengths in this. */
export const USUAL_SPEED_UNIT: Readonly<Record<LengthUnit, SpeedUnit>> = { m: 'km/h', yd: 'mph' };
export const DEFAULT_DISPLAY_UNITS: DisplayUnits = {
  length: 'm',
  speed: USUAL_SPEED_UNIT.m,
  angle: 'letters',
};

const MINUS = '−';

/** Rounded to `digits`, never as −0. */
export const roundTo = (value: number, digits: number): number =>
  plusZero(Number(value.toFixed(digits)));

/** `2.0`, `−0.4`, `+1.1` (only with `plus`). */
export function formatNumber(value: number, digits = 1, plus = false): string {
  const rounded = roundTo(value, digits);
  const sign = rounded < 0 ? MINUS : plus && rounded > 0 ? '+' : '';
  return `${sign}${Math.abs(rounded).toFixed(digits)}`;
}

/** Returns a horizontal angle in degrees, positive right: `4.2° R`, `0.0°`, or `+4.2°` when signed. */
export function formatSideAngle(
  angleDeg: number,
  style: AngleStyle = 'letters',
  digits = 1,
): string {
  if (style === 'signed') return `${formatNumber(angleDeg, digits, true)}°`;
  const rounded = roundTo(angleDeg, digits);
  const side = rounded > 0 ? ' R' : rounded < 0 ? ' L' : '';
  return `${Math.abs(rounded).toFixed(digits)}°${side}`;
}

/** Returns a length in metres, in the coach's unit: `146 m`, `12 yd`. */
export const formatLength = (lengthM: number, unit: LengthUnit, digits = 0): string =>
  `${formatNumber(fromSi(lengthM, unit), digits)} ${unit}`;

/** Returns a sideways distance in metres, positive right: `14 m right`, `0 m`. */
export function formatSideLength(offlineM: number, unit: LengthUnit, digits = 0): string {
  const rounded = roundTo(fromSi(offlineM, unit), digits);
  const side = rounded > 0 ? ' right' : rounded < 0 ? ' left' : '';
  return `${Math.abs(rounded).toFixed(digits)} ${unit}${side}`;
}

export const formatSpeed = (speedMps: number, unit: SpeedUnit, digits = 0): string =>
  `${formatNumber(fromSi(speedMps, unit), digits)} ${unit}`;

/** Lengths from here on are given in the larger unit, m. */
const LONG_TAPE_M = 1.8;
/** Lengths from here on are read to the whole centimetre, m. */
const COARSE_TAPE_M = 0.1;
const INCHES_A_FOOT = 12;

/** Returns a distance to tape out as a tape reads: cm and m beside metres; `11.8″` and `9′ 10″` beside yards. */
export function tapeText(distanceM: number, unit: LengthUnit): string {
  const isLong = distanceM >= LONG_TAPE_M;
  const read = (of: Unit, digits: number): number => roundTo(fromSi(distanceM, of), digits);
  if (unit === 'm')
    return isLong
      ? `${fromSi(distanceM, 'm').toFixed(2)} m`
      : `${roundTo(distanceM * 100, distanceM < COARSE_TAPE_M ? 1 : 0)} cm`;
  if (!isLong) return `${read('in', 1)}″`;
  const inches = read('in', 0);
  return `${Math.floor(inches / INCHES_A_FOOT)}′ ${inches % INCHES_A_FOOT}″`;
}
