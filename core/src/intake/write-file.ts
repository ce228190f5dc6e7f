import Papa from 'papaparse';
import { findClub } from '../delivery/club.ts';
import type { Hand } from '../line/hand.ts';
import { asRightHanded } from '../line/hand.ts';
import { convert } from '../units/units.ts';
import type { Unit } from '../units/units.ts';
import { guarded } from './formula.ts';
import { BALL_QUANTITIES, infoOf } from './quantities.ts';
import type { BallQuantity, MeasuredBall } from './quantities.ts';
import type { Delimiter } from './table/raw.ts';
import type { SideKind } from './side.ts';

/** How launch data is written out. */
export interface PrintOptions {
  readonly delimiter: Delimiter;
  readonly decimal: 'dot' | 'comma';
  /** Sides as plus and minus right of the target, as L and R, or path as I-O and O-I as well. */
  readonly sides: 'signed' | 'letters' | 'in-out';
  readonly hand: Hand;
  /** Whether the names of columns say what plus is: what reads them need not ask. */
  readonly statesSigns: boolean;
  /** Where units stand. */
  readonly unitsIn: 'header' | 'row';
  readonly unitFor: (quantity: BallQuantity) => Unit;
  /** Digits after the point, or null for all of them. */
  readonly digits: number | null;
  readonly columns: readonly BallQuantity[];
  /** What else is told of each ball, as text: a name for the column, and its words. */
  readonly told: readonly { readonly name: string; readonly of: (ball: MeasuredBall) => string }[];
}

export const PLAIN_PRINT: PrintOptions = {
  delimiter: ',',
  decimal: 'dot',
  sides: 'signed',
  statesSigns: false,
  hand: 'right',
  unitsIn: 'header',
  unitFor: (quantity) => infoOf(quantity).unit,
  digits: null,
  columns: BALL_QUANTITIES,
  told: [],
};

function withSide(text: string, value: number, quantity: BallQuantity, o: PrintOptions): string {
  const { side } = infoOf(quantity);
  if (o.sides === 'signed' || (side !== 'ball' && side !== 'club') || value === 0) return text;
  const bare = text.replace(/^-/, '');
  if (o.sides === 'in-out' && quantity === 'clubPathDeg') {
    return `${bare} ${asRightHanded(value, o.hand) > 0 ? 'I-O' : 'O-I'}`;
  }
  return `${bare} ${value > 0 ? 'R' : 'L'}`;
}

function printFigure(value: number | null, quantity: BallQuantity, o: PrintOptions): string {
  if (value === null) return '';
  const inUnit = convert(value, infoOf(quantity).unit, o.unitFor(quantity));
  const rounded = o.digits === null ? inUnit : Number(inUnit.toFixed(o.digits));
  const text = o.digits === null ? String(rounded) : rounded.toFixed(o.digits);
  const marked = o.decimal === 'comma' ? text.replace('.', ',') : text;
  return withSide(marked, rounded, quantity, o);
}

/** What plus is in Loxos, as a name of a column says it. */
const PLUS: Readonly<Record<SideKind, string>> = {
  none: '',
  ball: 'right +',
  club: 'right +',
  toe: 'toe +',
  high: 'up +',
};

/** Returns the name of a column in Loxos' own files: with its unit and what plus is in it. */
export function ownName(quantity: BallQuantity): string {
  const { label, unit, side } = infoOf(quantity);
  return `${label} (${[unit, PLUS[side]].filter((part) => part !== '').join('; ')})`;
}

/** Launch data as delimited text that `parseLaunchFile` reads back. */
export function printLaunchFile(
  balls: readonly MeasuredBall[],
  options: Partial<PrintOptions> = {},
): string {
  const o = { ...PLAIN_PRINT, ...options };
  const unitOf = (quantity: BallQuantity): string => o.unitFor(quantity);
  const headers = o.columns.map((q) => {
    const sign = o.statesSigns ? PLUS[infoOf(q).side] : '';
    const beside = [o.unitsIn === 'header' ? unitOf(q) : '', sign].filter((part) => part !== '');
    return beside.length === 0 ? infoOf(q).label : `${infoOf(q).label} (${beside.join('; ')})`;
  });
  const names = o.told.map(({ name }) => name);
  const rows: string[][] = [['Club', 'Time', ...names, ...headers]];
  if (o.unitsIn === 'row') rows.push(['', '', ...names.map(() => ''), ...o.columns.map(unitOf)]);
  for (const ball of balls) {
    const club = ball.clubText ?? findClub(ball.club)?.label ?? '';
    const told = o.told.map(({ of }) => guarded(of(ball)));
    const figures = o.columns.map((q) => printFigure(ball[q], q, o));
    rows.push([guarded(club), guarded(ball.hitAt ?? ''), ...told, ...figures]);
  }
  return `${Papa.unparse(rows, { delimiter: o.delimiter, newline: '\r\n' })}\r\n`;
}
