import { recogniseClub } from '../delivery/recognise.ts';
import type { Hand } from '../line/hand.ts';
import { convert } from '../units/units.ts';
import { withoutGuard } from './formula.ts';
import type { FileColumn } from './layout.ts';
import { isQuantity } from './meaning.ts';
import type { TextMeaning } from './meaning.ts';
import type { Decimal } from './number.ts';
import { EMPTY_BALL, infoOf } from './quantities.ts';
import type { MeasuredBall, Quantity } from './quantities.ts';
import { parseCell, signFactor } from './value.ts';
import { isMissing } from './vocabulary.ts';
import type { CellRules, SignRule } from './value.ts';

/** A cell that could not be read: which column, what it said, and why not. */
export interface CellProblem {
  readonly header: string;
  readonly value: string;
  readonly reason: string;
  /** Whether it is a figure, and one its quantity cannot have. */
  readonly isOutside?: boolean;
}

export interface RowRules {
  readonly decimal: Decimal;
  readonly hand: Hand | null;
  readonly signs: SignRule;
  readonly language: string;
}

/** What holds for rows until something else is said: in the rows above the names, or in a title. */
export type Standing = { readonly [K in TextMeaning]: string };
export const NOTHING_STANDS: Standing = { club: '', hitAt: '', player: '', hand: '' };

/** A ball as its row has it, before the rows are looked at together. */
export interface Draft {
  readonly ball: { -readonly [K in keyof MeasuredBall]: MeasuredBall[K] };
  /** The two parts of the spin that some sources give instead of its rate and axis, rev/min. */
  backSpinRpm: number | null;
  sideSpinRpm: number | null;
  /** Whose ball it is and which hand they play, as the file writes them; empty where it does not. */
  readonly player: string;
  readonly hand: string;
  /** How many of its figures the file marks as estimates. */
  readonly estimates: number;
}

export type ReadRow = { readonly draft: Draft } | { readonly problems: readonly CellProblem[] };

interface CellReader {
  readonly column: FileColumn;
  readonly quantity: Quantity;
  readonly rules: CellRules;
  /** For the quick way through: factor from a plain figure to the stored one, and its range. */
  readonly factor: number;
  readonly min: number;
  readonly max: number;
}

const MAX_TEXT = 60;

function cellReader(column: FileColumn, rules: RowRules): CellReader[] {
  if (!isQuantity(column.meaning)) return [];
  const info = infoOf(column.meaning);
  const unit = column.unit ?? info.unit;
  const all = { info, unit, ...rules, plus: column.plus, turned: column.turned };
  const factor = convert(1, unit, info.unit) * signFactor(all);
  const { min, max } = info;
  return [{ column, quantity: column.meaning, rules: all, factor, min, max }];
}

/** Longest figure read digit by digit: its digits are exact in a double, and so is their power of ten. */
const QUICK_LENGTH = 15;
const POWERS_OF_TEN = Array.from({ length: QUICK_LENGTH + 1 }, (_, power) => 10 ** power);

/**
 * A plain decimal-dot number such as `-12.5`, digit by digit; NaN for anything else, which goes the long
 * way. Whole digits over a power of ten, both exact, give the same double as `Number`, at half its cost.
 */
export function quickNumber(cell: string): number {
  const { length } = cell;
  const isNegative = cell.charCodeAt(0) === 45;
  const first = isNegative ? 1 : 0;
  if (length > QUICK_LENGTH || length === first) return NaN;
  let digits = 0;
  let point = -1;
  for (let i = first; i < length; i++) {
    const code = cell.charCodeAt(i);
    if (code === 46 && point < 0 && i > first && i < length - 1) point = i;
    else if (code >= 48 && code <= 57) digits = digits * 10 + (code - 48);
    else return NaN;
  }
  const value = point < 0 ? digits : digits / POWERS_OF_TEN[length - 1 - point]!;
  return isNegative ? -value : value;
}

/** What stands beyond the last named column: a stray delimiter, usually. */
function strayCells(cells: readonly string[], named: number): CellProblem[] | null {
  if (cells.length <= named || cells.slice(named).every(isMissing)) return null;
  const reason = `The row has ${cells.length} cells under ${named} column names; check for a stray delimiter.`;
  return [{ header: '', value: '', reason }];
}

/** The texts of a row under the columns of one meaning, one after the other: a date and a time, usually. */
function textReader(columns: readonly FileColumn[], meaning: TextMeaning) {
  const at = columns.filter((column) => column.meaning === meaning).map(({ index }) => index);
  const [only] = at;
  if (only === undefined) return () => '';
  const one = (cells: readonly string[], index: number): string => (cells[index] ?? '').trim();
  if (at.length === 1) return (cells: readonly string[]) => one(cells, only);
  return (cells: readonly string[]) =>
    at
      .map((index) => one(cells, index))
      .filter((text) => text !== '')
      .join(' ');
}

const clubs = new Map<string, string | null>();
const MOST_CLUBS = 2000;

/** The club a text means, remembered: a file names few, many times. */
function clubOf(text: string): string | null {
  const known = clubs.get(text);
  if (known !== undefined) return known;
  if (clubs.size >= MOST_CLUBS) clubs.clear();
  const id = recogniseClub(text)?.id ?? null;
  clubs.set(text, id);
  return id;
}

/** A function that reads one row of cells under these columns, with what stands for it. */
export function createRowReader(
  columns: readonly FileColumn[],
  rules: RowRules,
): (cells: readonly string[], standing: Standing) => ReadRow {
  const readers = columns.flatMap((column) => cellReader(column, rules));
  const clubText = textReader(columns, 'club');
  const hitAt = textReader(columns, 'hitAt');
  const player = textReader(columns, 'player');
  const hand = textReader(columns, 'hand');
  const quick = rules.decimal === 'dot';

  return (cells, standing) => {
    const ball: Draft['ball'] = { ...EMPTY_BALL };
    const parts = { backSpinRpm: null as number | null, sideSpinRpm: null as number | null };
    let problems = strayCells(cells, columns.length);
    let figures = 0;
    let estimates = 0;
    const keep = (quantity: Quantity, value: number): void => {
      figures++;
      if (quantity === 'backSpinRpm' || quantity === 'sideSpinRpm') parts[quantity] = value;
      else ball[quantity] = value;
    };
    for (const { column, quantity, rules: cellRules, factor, min, max } of readers) {
      const cell = cells[column.index] ?? '';
      if (cell === '') continue;
      const plain = quick ? quickNumber(cell) * factor : NaN;
      if (plain >= min && plain <= max) {
        keep(quantity, plain + 0);
        continue;
      }
      const result = parseCell(cell, cellRules);
      if (result.reason !== undefined) {
        (problems ??= []).push({
          header: column.header,
          value: cell.trim(),
          reason: result.reason,
          ...(result.isOutside === true && { isOutside: true }),
        });
      } else if (result.value !== null) {
        keep(quantity, result.value);
        if (result.isEstimate) estimates++;
      }
    }
    if (problems !== null) return { problems };
    if (figures === 0) return { problems: [] };
    const text = withoutGuard(clubText(cells)).slice(0, MAX_TEXT) || standing.club;
    if (text !== '') [ball.clubText, ball.club] = [text, clubOf(text)];
    const time = hitAt(cells).slice(0, MAX_TEXT) || standing.hitAt;
    if (time !== '') ball.hitAt = time;
    return {
      draft: {
        ball,
        ...parts,
        player: player(cells).slice(0, MAX_TEXT) || standing.player,
        hand: hand(cells).slice(0, MAX_TEXT) || standing.hand,
        estimates,
      },
    };
  };
}
