import { convert, infoOf, parseCell } from '@loxos/core';
import type { BallQuantity, Hand, LengthUnit, SpeedUnit, Unit } from '@loxos/core';
import type { Ball, UpdateBall } from '../../api/client.ts';

/** Figures a coach types in, in the order of the form. */
export const TYPED_FIGURES = [
  'startDirectionDeg',
  'curveM',
  'carryM',
  'offlineM',
  'faceAngleDeg',
  'clubPathDeg',
  'clubSpeedMps',
  'attackAngleDeg',
  'dynamicLoftDeg',
  'ballSpeedMps',
  'launchAngleDeg',
  'spinRateRpm',
  'spinAxisTiltDeg',
  'strikeToeMm',
  'strikeHighMm',
] as const satisfies readonly BallQuantity[];
export type TypedFigure = (typeof TYPED_FIGURES)[number];
export type FigureTexts = Record<TypedFigure, string>;

export interface TypingUnits {
  readonly hand: Hand;
  readonly length: LengthUnit;
  readonly speed: SpeedUnit;
}

/** The unit a figure is typed in. */
export function typedUnit(figure: TypedFigure, units: TypingUnits): Unit {
  const { unit } = infoOf(figure);
  return unit === 'm' ? units.length : unit === 'm/s' ? units.speed : unit;
}

/** Returns the figures of a ball as the form shows them: sides as letters. */
export function textsOf(ball: Ball | null, units: TypingUnits): FigureTexts {
  const text = (figure: TypedFigure): string => {
    const value = ball?.[figure] ?? null;
    if (value === null) return '';
    const shown = Number(convert(value, infoOf(figure).unit, typedUnit(figure, units)).toFixed(2));
    const { side } = infoOf(figure);
    if ((side !== 'ball' && side !== 'club') || shown === 0) return String(shown);
    return `${Math.abs(shown)} ${shown > 0 ? 'R' : 'L'}`;
  };
  return Object.fromEntries(TYPED_FIGURES.map((figure) => [figure, text(figure)])) as FigureTexts;
}

export interface ReadTexts {
  readonly figures: UpdateBall;
  readonly errors: Readonly<Partial<Record<TypedFigure, string>>>;
}

/** Returns the figures typed, in SI, and what could not be read. Plus is right of the target. */
export function readTexts(texts: FigureTexts, before: FigureTexts, units: TypingUnits): ReadTexts {
  const figures: Partial<Record<TypedFigure, number | null>> = {};
  const errors: Partial<Record<TypedFigure, string>> = {};
  for (const figure of TYPED_FIGURES) {
    // A figure left alone keeps all its digits.
    if (texts[figure].trim() === before[figure].trim()) continue;
    const decimal = /\d,\d/.test(texts[figure]) ? 'comma' : 'dot';
    const rules = {
      info: infoOf(figure),
      unit: typedUnit(figure, units),
      decimal,
      hand: units.hand,
      signs: 'target',
    } as const;
    const { value, reason } = parseCell(texts[figure], rules);
    if (reason === undefined) figures[figure] = value;
    else errors[figure] = reason;
  }
  return { figures, errors };
}

/** Returns a sideways distance typed like `12 L`, in the coach's unit: m, positive right; null where it cannot be read. */
export function readSide(text: string, unit: LengthUnit): number | null {
  const decimal = /\d,\d/.test(text) ? 'comma' : 'dot';
  const rules = {
    info: infoOf('offlineM'),
    unit,
    decimal,
    hand: 'right',
    signs: 'target',
  } as const;
  const { value, reason } = parseCell(text, rules);
  return reason === undefined ? value : null;
}
