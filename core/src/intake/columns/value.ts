import { handSign, plusZero } from '../../line/hand.ts';
import type { Hand } from '../../line/hand.ts';
import { convert } from '../../units/units.ts';
import type { Unit } from '../../units/units.ts';
import { NUMBER, parseNumber, plainFigure } from '../number.ts';
import type { Decimal } from '../number.ts';
import type { QuantityInfo } from '../quantities.ts';
import { sideSign, sidesOf } from '../side.ts';
import type { Side } from '../side.ts';
import { isMissing, recogniseSide, recogniseUnit } from './vocabulary.ts';

/** What plain signed numbers mean for a left-hander. */
export type SignRule =
  /** Plus is right of the target for everything. */
  | 'target'
  /** Plus follows the hand for face and path: in-to-out and open are plus. */
  | 'hand-club'
  /** Plus follows the hand for everything sideways. */
  | 'hand-all';

export interface CellRules {
  readonly info: QuantityInfo;
  readonly unit: Unit;
  readonly decimal: Decimal;
  readonly hand: Hand | null;
  readonly signs: SignRule;
  /** What plus stands for where the file or the coach says it; `signs` holds where nobody does. */
  readonly plus?: Side | null;
  /** Whether the signs are the other way round than all this says. */
  readonly turned?: boolean | null;
  /** Language of the file: whose single letters for sides hold. */
  readonly language?: string;
}

export type CellResult =
  | { readonly value: number | null; readonly isEstimate: boolean; readonly reason?: undefined }
  | {
      readonly value?: undefined;
      readonly reason: string;
      /** Whether it is a figure, and one its quantity cannot have. */
      readonly isOutside?: boolean;
    };

/** Returns the sign of a figure with a side in words. */
function wordSign(text: string, rules: CellRules): { sign: 1 | -1 } | { reason: string } {
  const side = recogniseSide(text, rules.language ?? 'English');
  const { side: kind, label } = rules.info;
  if (side === null || !sidesOf(kind).includes(side)) {
    return {
      reason: `"${text.trim()}" is not a side or unit that ${label.toLowerCase()} can have`,
    };
  }
  const sign = sideSign(side, rules.hand);
  return sign === null ? { reason: `"${text.trim()}" needs the player's hand` } : { sign };
}

type SignRules = Pick<CellRules, 'info' | 'hand' | 'signs' | 'plus' | 'turned'>;

/** The factor a plain signed number takes for this player. */
export function signFactor(rules: SignRules): number {
  return rules.turned === true ? -plainFactor(rules) : plainFactor(rules);
}

function plainFactor({ info, hand, signs, plus = null }: SignRules): number {
  if (plus !== null) return sideSign(plus, hand) ?? 1;
  if (hand !== 'left' || signs === 'target') return 1;
  if (info.side === 'club') return handSign(hand);
  return info.side === 'ball' && signs === 'hand-all' ? handSign(hand) : 1;
}

/** Returns a unit among the words after a figure, and what is left of them: a side, usually. */
function unitAmong(after: string, units: readonly Unit[]): { unit: Unit | null; rest: string } {
  const fits = (text: string): Unit | null => {
    const unit = recogniseUnit(text);
    return unit !== null && units.includes(unit) ? unit : null;
  };
  const whole = fits(after);
  if (whole !== null) return { unit: whole, rest: '' };
  const words = after.replace(/^([°º])(?=\S)/, '$1 ').split(' ');
  const at = words.findIndex((word) => fits(word) !== null);
  if (at < 0) return { unit: null, rest: after };
  const rest = words.filter((_, index) => index !== at).join(' ');
  return { unit: fits(words[at]!)!, rest };
}

/** Returns the unit a cell states itself (`92 mph`), or null. */
export function unitInCell(cell: string, units: readonly Unit[]): Unit | null {
  const { text } = plainFigure(cell);
  const match = NUMBER.exec(text);
  return match === null
    ? null
    : unitAmong(text.slice(match.index + match[0].length).trim(), units).unit;
}

/** Returns a figure with its side, unit or both: `5.2 L`, `L5.2`, `3.1 I-O`, `92 mph`, `−4,1°`, `5.2-`, `1 250`, `5.2*`. */
export function parseCell(cell: string, rules: CellRules): CellResult {
  if (isMissing(cell)) return { value: null, isEstimate: false };
  const { text, isEstimate } = plainFigure(cell);
  const match = NUMBER.exec(text);
  if (match === null) return { reason: `"${cell.trim()}" is not a number` };
  const number = parseNumber(match[0], rules.decimal);
  if (number === null) {
    return { reason: `"${cell.trim()}" is not a number with a decimal ${rules.decimal}` };
  }
  const before = text.slice(0, match.index).trim();
  const after = text.slice(match.index + match[0].length).trim();
  const { unit: own, rest } = unitAmong(after, rules.info.units);
  const unit = own ?? rules.unit;
  const sideText = `${before} ${rest}`.trim();
  const told = (value: number): CellResult => inRange(value, unit, rules.info, cell, isEstimate);
  if (sideText === '') return told(number * signFactor(rules));
  const side = wordSign(sideText, rules);
  if ('reason' in side) return side;
  if (/^[+-]/.test(match[0])) return { reason: `"${cell.trim()}" has both a sign and a side` };
  return told(number * side.sign * (rules.turned === true ? -1 : 1));
}

/** Share of a range by which rounding may carry a figure out of it. */
const RANGE_SLACK = 1e-12;

function inRange(
  number: number,
  unit: Unit,
  info: QuantityInfo,
  cell: string,
  isEstimate: boolean,
): CellResult {
  const value = convert(number, unit, info.unit);
  // A figure at the end of its range may leave it by the rounding of its unit.
  const slack = RANGE_SLACK * (info.max - info.min);
  if (value >= info.min - slack && value <= info.max + slack) {
    return { value: plusZero(Math.min(info.max, Math.max(info.min, value))), isEstimate };
  }
  return {
    isOutside: true,
    reason: `"${cell.trim()}" ${unit} is outside what ${info.label.toLowerCase()} can be (${info.min} to ${info.max} ${info.unit})`,
  };
}
