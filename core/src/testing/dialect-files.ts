/** Writes balls the way some invented source would: names, units, signs, layout, language and faults by chance. */
import { FULL_ROW } from './full-row.ts';
import type { Hand } from '../line/hand.ts';
import { handSign } from '../line/hand.ts';
import type { Random } from '../maths/random.ts';
import { UNIT_FACTORS, convert } from '../units/units.ts';
import type { Unit } from '../units/units.ts';
import { DIALECTS } from '../intake/columns/dialects/index.ts';
import type { Dialect } from '../intake/columns/dialects/dialect.ts';
import { infoOf } from '../intake/quantities.ts';
import type { BallQuantity, MeasuredBall } from '../intake/quantities.ts';

export interface DialectFile {
  readonly text: string;
  readonly hand: Hand;
  /** Figures as the file shows them, in Loxos' units and signs: what reading it right gives. */
  readonly balls: readonly Readonly<Partial<Record<BallQuantity, number | null>>>[];
  /** Half of the last digit shown, in Loxos' unit. */
  readonly rounding: Readonly<Partial<Record<BallQuantity, number>>>;
}

type Pick = <T>(from: readonly T[]) => T;
interface Chance {
  readonly pick: Pick;
  readonly isSo: (share: number) => boolean;
  readonly below: (count: number) => number;
}
const chanceOf = (random: Random): Chance => ({
  pick: (from) => from[Math.floor(random() * from.length)]!,
  isSo: (share) => random() < share,
  below: (count) => Math.floor(random() * count),
});

const listed = (words: string): string[] => words.split(',').map((word) => word.trim());

const WRITTEN = [...FULL_ROW, 'strikeToeMm'] as const;
type Written = (typeof WRITTEN)[number];

/** How figures of one column are written. */
interface Column {
  readonly quantity: Written;
  readonly name: string;
  readonly unit: Unit;
  readonly digits: number;
  /** Sides as a sign, with what plus stands for, or in words. */
  readonly sides: 'sign' | 'turned' | 'words' | 'hand-words';
  readonly unitIn: 'head' | 'cell' | 'none';
}

interface Layout {
  readonly dialect: Dialect;
  readonly delimiter: string;
  readonly decimal: 'dot' | 'comma';
  readonly thousands: string;
  readonly minus: 'front' | 'behind' | 'long' | 'brackets';
  readonly unitsRow: boolean;
  readonly newline: string;
}

const first = (words: string | undefined): string => listed(words ?? '')[0] ?? '';

function columnOf(quantity: Written, dialect: Dialect, c: Chance, unitsRow: boolean): Column {
  const { units, side, assumed } = infoOf(quantity);
  const names = listed(dialect.names[quantity] ?? DIALECTS[0]!.names[quantity]!);
  const name = c.pick(names).replace(/^~/, '');
  const sideways = side === 'ball' || side === 'club';
  const unit = c.pick(
    units.filter((u) => u !== 'rad' && u !== 'ms' && u !== 'rad/s' && u !== 'rev/s'),
  );
  return {
    quantity,
    name,
    unit: side === 'toe' ? c.pick(['mm', 'cm'] as const) : unit,
    digits: 1 + c.below(2),
    sides: sideways
      ? c.pick(['sign', 'sign', 'turned', 'words', side === 'club' ? 'hand-words' : 'words'])
      : side === 'toe'
        ? c.pick(['sign', 'turned', 'words'])
        : 'sign',
    unitIn: unitsRow
      ? 'none'
      : assumed && c.isSo(0.3) && side !== 'toe'
        ? 'none'
        : c.pick(['head', 'head', 'cell']),
  };
}

/** The word for a side in a dialect; English where it has none. */
function wordFor(side: keyof Dialect['sides'], dialect: Dialect, c: Chance): string {
  const own = dialect.sides[side];
  return c.pick(listed(own ?? DIALECTS[0]!.sides[side]!));
}

function conventionOf({ quantity, sides }: Column, dialect: Dialect, c: Chance): string {
  if (sides !== 'turned') return '';
  const kind = infoOf(quantity).side;
  const [plus, minus] = kind === 'toe' ? (['heel', 'toe'] as const) : (['left', 'right'] as const);
  const p = wordFor(plus, dialect, c);
  const m = wordFor(minus, dialect, c);
  return c.pick([
    `${p} +`,
    `${p}+ ${m}-`,
    `+ = ${p}`,
    `+ ${p} / - ${m}`,
    `+${p}/-${m}`,
    `${p}+, ${m}-`,
  ]);
}

function headOf(column: Column, dialect: Dialect, c: Chance): string {
  const parts = [
    column.unitIn === 'head'
      ? c.isSo(0.3)
        ? c.pick(listed(dialect.units[column.unit] ?? column.unit))
        : column.unit
      : '',
    conventionOf(column, dialect, c),
  ].filter((part) => part !== '');
  if (parts.length === 0) return column.name;
  const [open, close] = c.pick(['()', '[]'] as const);
  return c.isSo(0.5)
    ? `${column.name} ${open}${parts.join(', ')}${close}`
    : parts.reduce((name, part) => `${name} ${open}${part}${close}`, column.name);
}

function withThousands(text: string, thousands: string): string {
  const [whole = '', fraction] = text.split('.');
  const grouped = thousands === '' ? whole : whole.replace(/\B(?=(\d{3})+$)/g, thousands);
  return fraction === undefined ? grouped : `${grouped}.${fraction}`;
}

function cellOf(value: number, column: Column, layout: Layout, hand: Hand, c: Chance): string {
  const { quantity, digits, sides, unitIn, unit } = column;
  const inUnit = convert(value, infoOf(quantity).unit, unit);
  const digitsShown = quantity === 'spinRateRpm' ? 0 : digits;
  const size = withThousands(Math.abs(inUnit).toFixed(digitsShown), '');
  const grouped = withThousands(size, layout.thousands);
  const mark = (text: string): string =>
    layout.decimal === 'comma' ? text.replace(/\.(?=\d+$)/, ',') : text;
  const plain =
    layout.thousands === '.' || layout.thousands === ','
      ? mark(size).replace(/^(\d+)/, (whole) => whole.replace(/\B(?=(\d{3})+$)/g, layout.thousands))
      : mark(grouped);
  const isZero = Number(size) === 0;
  const unitText = unitIn === 'cell' ? c.pick([unit, ` ${unit}`]).replace('deg', '°') : '';
  const kind = infoOf(quantity).side;
  if ((sides === 'words' || sides === 'hand-words') && !isZero) {
    const side =
      kind === 'toe'
        ? inUnit > 0
          ? 'toe'
          : 'heel'
        : sides === 'hand-words'
          ? inUnit * handSign(hand) > 0
            ? 'out'
            : 'in'
          : inUnit > 0
            ? 'right'
            : 'left';
    const word = wordFor(side, layout.dialect, c);
    return c.isSo(0.7) || /[\d.,-]/.test(word)
      ? `${plain}${unitText} ${word}`
      : `${word} ${plain}${unitText}`;
  }
  const isMinus = (sides === 'turned' ? -inUnit : inUnit) < 0 && !isZero;
  if (!isMinus) return `${plain}${unitText}`;
  if (unitText === '' && layout.minus === 'behind') return `${plain}-`;
  if (unitText === '' && layout.minus === 'brackets') return `(${plain})`;
  return `${layout.minus === 'long' ? '−' : '-'}${plain}${unitText}`;
}

const quoted = (cell: string, delimiter: string): string =>
  cell.includes(delimiter) || cell.includes('"') || cell.includes('\n')
    ? `"${cell.replaceAll('"', '""')}"`
    : cell;

/** A file of some balls in a dialect made by chance. */
export function dialectFile(
  balls: readonly MeasuredBall[],
  hand: Hand,
  random: Random,
): DialectFile {
  const c = chanceOf(random);
  const dialect = c.pick(DIALECTS);
  const decimal = c.pick(['dot', 'dot', 'comma'] as const);
  const layout: Layout = {
    dialect,
    delimiter: c.pick([',', ';', '\t', '|']),
    decimal,
    thousands: c.pick(['', '', '', decimal === 'dot' ? ',' : '.', ' ', "'"]),
    minus: c.pick(['front', 'front', 'front', 'long', 'behind', 'brackets']),
    unitsRow: c.isSo(0.2),
    newline: c.pick(['\n', '\r\n']),
  };
  const chosen = WRITTEN.filter((q) =>
    c.isSo(q === 'faceAngleDeg' || q === 'clubPathDeg' ? 0.9 : 0.7),
  );
  const columns = chosen.map((quantity) => columnOf(quantity, dialect, c, layout.unitsRow));
  const order = columns.map((column) => ({ column, at: random() })).sort((a, b) => a.at - b.at);
  const ordered = order.map(({ column }) => column);
  const heads = ordered.map((column) => headOf(column, dialect, c));
  const clubName = first(dialect.names.club);
  const hasClub = c.isSo(0.8);
  const before = hasClub ? [clubName] : [];
  const rows: string[][] = [];
  if (c.isSo(0.3)) rows.push(['Session 12']);
  if (c.isSo(0.2)) rows.push(['']);
  const header = [...before, ...heads];
  rows.push(header);
  if (layout.unitsRow) rows.push([...before.map(() => ''), ...ordered.map(({ unit }) => unit)]);
  const rounding: Partial<Record<BallQuantity, number>> = {};
  const told = balls.map((ball, index) => {
    if (c.isSo(0.03)) rows.push(c.isSo(0.5) ? [''] : header);
    if (!hasClub && index === 0 && c.isSo(0.5)) rows.push([ball.clubText ?? '']);
    const truth: Partial<Record<BallQuantity, number | null>> = {};
    const cells = ordered.map((column) => {
      const { quantity, unit } = column;
      const value = ball[quantity];
      const digits = quantity === 'spinRateRpm' ? 0 : column.digits;
      rounding[quantity] =
        (0.5 * 10 ** -digits * UNIT_FACTORS[unit]) / UNIT_FACTORS[infoOf(quantity).unit];
      truth[quantity] = value;
      if (value === null || c.isSo(0.02)) {
        truth[quantity] = null;
        return c.pick(['', '-', '--', 'n/a']);
      }
      return cellOf(value, column, layout, hand, c);
    });
    rows.push([...before.map(() => ball.clubText ?? ''), ...cells]);
    return truth;
  });
  if (hasClub && c.isSo(0.4)) {
    const label = c.pick(listed(dialect.averages));
    const sum = ordered.map((column) => {
      const values = balls.flatMap((ball) => ball[column.quantity] ?? []);
      if (values.length === 0) return '';
      return cellOf(values.reduce((a, b) => a + b, 0) / values.length, column, layout, hand, c);
    });
    rows.push([label, ...sum]);
  }
  const text = rows
    .map((row) => row.map((cell) => quoted(cell, layout.delimiter)).join(layout.delimiter))
    .join(layout.newline);
  return { text, hand, balls: told, rounding };
}
