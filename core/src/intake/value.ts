import { handSign, plusZero } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { convert } from '../units/units.ts';
import type { Unit } from '../units/units.ts';
import { recogniseUnit } from './headers.ts';
import type { QuantityInfo } from './quantities.ts';

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
  readonly decimal: 'dot' | 'comma';
  readonly hand: Hand | null;
  readonly signs: SignRule;
}

export type CellResult =
  | { readonly value: number | null; readonly reason?: undefined }
  | { readonly value?: undefined; readonly reason: string };

const MISSING = /^(?:|[-–—.]+|n\/?a|null|none|nan)$/i;
const NUMBER = /[+\-−–]?(?:\d+(?:[.,]\d+)*|[.,]\d+)(?:e[+-]?\d+)?/i;
/** Side letters and what they stand for; `hand` turns with the player. */
const SIDES: Readonly<
  Record<string, readonly [sign: 1 | -1, of: 'right' | 'hand' | 'toe' | 'high']>
> = {
  r: [1, 'right'],
  right: [1, 'right'],
  l: [-1, 'right'],
  left: [-1, 'right'],
  io: [1, 'hand'],
  inout: [1, 'hand'],
  intoout: [1, 'hand'],
  insideout: [1, 'hand'],
  oi: [-1, 'hand'],
  outin: [-1, 'hand'],
  outtoin: [-1, 'hand'],
  outsidein: [-1, 'hand'],
  open: [1, 'hand'],
  closed: [-1, 'hand'],
  t: [1, 'toe'],
  toe: [1, 'toe'],
  h: [-1, 'toe'],
  heel: [-1, 'toe'],
  high: [1, 'high'],
  low: [-1, 'high'],
};

/** Whether a cell says "no figure" rather than something unreadable. */
export function isMissing(cell: string): boolean {
  const first = cell.charCodeAt(0);
  const isDigit = first >= 48 && first <= 57;
  return !isDigit && MISSING.test(cell.trim());
}

/** The number in `text` under a decimal rule, or null when the marks do not fit it. */
export function parseNumber(text: string, decimal: 'dot' | 'comma'): number | null {
  const plain = text.replace(/[−–]/g, '-');
  const [thousands, point] = decimal === 'dot' ? [',', '.'] : ['.', ','];
  const [whole = '', fraction, ...more] = plain.split(point);
  if (more.length > 0 || fraction?.includes(thousands)) return null;
  const grouped = whole.split(thousands);
  if (grouped.length > 1 && !/^[+-]?\d{1,3}$/.test(grouped[0] ?? '')) return null;
  if (grouped.slice(1).some((group) => !/^\d{3}$/.test(group))) return null;
  const value = Number(`${grouped.join('')}${fraction === undefined ? '' : `.${fraction}`}`);
  return Number.isFinite(value) ? value : null;
}

function sideSign(text: string, rules: CellRules): { sign: number } | { reason: string } {
  const key = text.toLowerCase().replace(/[^a-z]/g, '');
  const side = SIDES[key];
  const { side: kind, label } = rules.info;
  const fits =
    side !== undefined &&
    (side[1] === 'toe' || side[1] === 'high'
      ? kind === side[1]
      : kind === 'ball' || kind === 'club');
  if (side === undefined || !fits) {
    return {
      reason: `"${text.trim()}" is not a side or unit that ${label.toLowerCase()} can have`,
    };
  }
  if (side[1] !== 'hand') return { sign: side[0] };
  if (rules.hand === null) return { reason: `"${text.trim()}" needs the player's hand` };
  return { sign: side[0] * handSign(rules.hand) };
}

/** The factor a plain signed number takes for this player. */
export function signFactor({ info, hand, signs }: Omit<CellRules, 'unit' | 'decimal'>): number {
  if (hand !== 'left' || signs === 'target') return 1;
  if (info.side === 'club') return -1;
  return info.side === 'ball' && signs === 'hand-all' ? -1 : 1;
}

/** A figure with its side, unit or both: `5.2 L`, `L5.2`, `3.1 I-O`, `92 mph`, `−4,1°`. */
export function parseCell(cell: string, rules: CellRules): CellResult {
  const text = cell.trim();
  if (MISSING.test(text)) return { value: null };
  const match = NUMBER.exec(text);
  if (match === null) return { reason: `"${text}" is not a number` };
  const number = parseNumber(match[0], rules.decimal);
  if (number === null) {
    return { reason: `"${text}" is not a number with a decimal ${rules.decimal}` };
  }
  const before = text.slice(0, match.index);
  let after = text.slice(match.index + match[0].length).trim();
  let unit = rules.unit;
  const unitMatch = /^(°|º|[a-z/]+)/i.exec(after);
  const cellUnit = unitMatch === null ? null : recogniseUnit(unitMatch[0]);
  if (cellUnit !== null && rules.info.units.includes(cellUnit)) {
    unit = cellUnit;
    after = after.slice(unitMatch![0].length);
  }
  const sideText = `${before}${after}`.trim();
  if (sideText === '') return inRange(number * signFactor(rules), unit, rules.info, text);
  const side = sideSign(sideText, rules);
  if ('reason' in side) return side;
  if (/^[+\-−–]/.test(match[0])) return { reason: `"${text}" has both a sign and a side` };
  return inRange(number * side.sign, unit, rules.info, text);
}

/** Share of a range by which rounding may carry a figure out of it. */
const RANGE_SLACK = 1e-12;

function inRange(number: number, unit: Unit, info: QuantityInfo, text: string): CellResult {
  const value = convert(number, unit, info.unit);
  // A figure at the end of its range may leave it by the rounding of its unit.
  const slack = RANGE_SLACK * (info.max - info.min);
  if (value >= info.min - slack && value <= info.max + slack) {
    return { value: plusZero(Math.min(info.max, Math.max(info.min, value))) };
  }
  return {
    reason: `"${text}" ${unit} is outside what ${info.label.toLowerCase()} can be (${info.min} to ${info.max} ${info.unit})`,
  };
}
