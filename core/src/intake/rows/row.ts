import { recogniseClub } from '../../delivery/recognise.ts';
import type { Hand } from '../../line/hand.ts';
import { convert } from '../../units/units.ts';
import { withoutGuard } from '../formula.ts';
import type { FileColumn } from '../columns/layout.ts';
import { isQuantity } from '../columns/meaning.ts';
import type { TextMeaning } from '../columns/meaning.ts';
import type { Decimal } from '../number.ts';
import { PLACE, ballOf, emptyFigures } from './figures.ts';
import type { DraftBall } from './figures.ts';
import { infoOf } from '../quantities.ts';
import { remembered } from '../remembered.ts';
import type { Quantity } from '../quantities.ts';
import { parseCell, signFactor } from '../columns/value.ts';
import { isMissing } from '../columns/vocabulary.ts';
import type { CellRules, SignRule } from '../columns/value.ts';

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
  /** Clubs that are said to be others than the file has them, by what it calls them. */
  readonly clubs: ReadonlyMap<string, string>;
}

/** What holds for rows until something else is said: in the rows above the names, or in a title. */
export type Standing = { readonly [K in TextMeaning]: string };
export const NOTHING_STANDS: Standing = { club: '', hitAt: '', player: '', hand: '' };

/** A ball as its row has it, before the rows are looked at together. */
export interface Draft {
  readonly ball: DraftBall;
  /** The two parts of the spin that some sources give instead of its rate and axis, rev/min. */
  backSpinRpm: number | null;
  sideSpinRpm: number | null;
  /** Whose ball it is and which hand they play, as the file writes them; empty where it does not. */
  readonly player: string;
  readonly hand: string;
  /** What stands above it of when it was hit; empty where nothing does. */
  readonly standingAt: string;
  /** How many of its figures the file marks as estimates. */
  readonly estimates: number;
}

export type ReadRow = { readonly draft: Draft } | { readonly problems: readonly CellProblem[] };

interface CellReader {
  readonly column: FileColumn;
  /** Index of its cell in a row, and place of its figure. */
  readonly index: number;
  readonly place: number;
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
  const quantity = column.meaning;
  return [
    {
      column,
      index: column.index,
      place: PLACE[quantity],
      quantity,
      rules: all,
      factor,
      min,
      max,
    },
  ];
}

/** Longest figure read digit by digit: its digits are a small integer, which is exact, and so is their power of ten. */
const QUICK_LENGTH = 9;
const POWERS_OF_TEN = Float64Array.from({ length: QUICK_LENGTH }, (_, power) => 10 ** power);
const PLAIN_NUMBER = /^-?\d+(?:\.\d+)?$/;
const POINT = 46;
const MINUS = 45;

const ZERO = 48;

/**
 * Returns a plain decimal-dot number such as `-12.5`, digit by digit; NaN for anything else, which goes the long
 * way. Whole digits over a power of ten, both exact, give the same double as `Number`, at half its cost.
 */
export function quickNumber(cell: string): number {
  const { length } = cell;
  if (length > QUICK_LENGTH) return PLAIN_NUMBER.test(cell) ? Number(cell) : NaN;
  const isNegative = cell.charCodeAt(0) === MINUS;
  const first = isNegative ? 1 : 0;
  if (length === first) return NaN;
  let digits = 0;
  let point = -1;
  for (let i = first; i < length; i++) {
    const code = cell.charCodeAt(i);
    const digit = code - ZERO;
    // Small integers throughout: kept so for the machine, they cost half of what doubles do.
    if (digit >= 0 && digit <= 9) digits = (digits * 10 + digit) | 0;
    else if (code === POINT && point < 0 && i > first && i < length - 1) point = i;
    else return NaN;
  }
  const value = point < 0 ? digits : digits / POWERS_OF_TEN[length - 1 - point]!;
  return isNegative ? -value : value;
}

/** Returns what stands beyond the last named column: a stray delimiter, usually. */
function strayCells(cells: readonly string[], named: number): CellProblem[] | null {
  if (cells.length <= named || cells.slice(named).every(isMissing)) return null;
  const reason = `The row has ${cells.length} cells under ${named} column names; check for a stray delimiter.`;
  return [{ header: '', value: '', reason }];
}

/** Returns the texts of a row under the columns of one meaning, one after the other: a date and a time, usually. */
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

/** The club a text means. */
const clubOf = remembered((text) => recogniseClub(text)?.id ?? null);

/** Reads a cell the long way into a row of figures; says why it cannot be, or null. */
function readCell(cell: string, { column, place, rules }: CellReader, to: Float64Array) {
  const result = parseCell(cell, rules);
  if (result.reason !== undefined) {
    const { reason, isOutside = false } = result;
    return { header: column.header, value: cell.trim(), reason, ...(isOutside && { isOutside }) };
  }
  if (result.value === null) return null;
  to[place] = result.value;
  return result.isEstimate ? ESTIMATE : null;
}
/** Said of a figure that is read, and that the file marks as an estimate. */
const ESTIMATE = 'estimate';

/**
 * Returns a function that reads one row of cells under these columns, with what stands for it. Quantities that are 0 are noted
 * in `zeros`.
 */
export function createRowReader(
  columns: readonly FileColumn[],
  rules: RowRules,
  zeros: Set<Quantity>,
): (cells: readonly string[], standing: Standing) => ReadRow {
  const readers = columns.flatMap((column) => cellReader(column, rules));
  const clubText = textReader(columns, 'club');
  const hitAt = textReader(columns, 'hitAt');
  const player = textReader(columns, 'player');
  const hand = textReader(columns, 'hand');
  const quick = rules.decimal === 'dot';
  const hasParts = readers.some(
    ({ quantity }) => quantity === 'sideSpinRpm' || quantity === 'backSpinRpm',
  );
  // One for all rows: what is made anew for each is what costs.
  const figures = emptyFigures();

  return (cells, standing) => {
    let problems = strayCells(cells, columns.length);
    let estimates = 0;
    let count = 0;
    for (const reader of readers) {
      const { index, place } = reader;
      figures[place] = NaN;
      const cell = cells[index] ?? '';
      if (cell === '') continue;
      const plain = quick ? quickNumber(cell) * reader.factor : NaN;
      if (plain >= reader.min && plain <= reader.max) figures[place] = plain + 0;
      else {
        const problem = readCell(cell, reader, figures);
        if (problem === ESTIMATE) estimates += 1;
        else if (problem !== null) (problems ??= []).push(problem);
      }
      const figure = figures[place];
      if (figure === 0) zeros.add(reader.quantity);
      if (figure === figure) count += 1;
    }
    if (problems !== null) return { problems };
    if (count === 0) return { problems: [] };
    const ball = ballOf(figures);
    const text = withoutGuard(clubText(cells)).slice(0, MAX_TEXT) || standing.club;
    if (text !== '') [ball.clubText, ball.club] = [text, rules.clubs.get(text) ?? clubOf(text)];
    const time = hitAt(cells).slice(0, MAX_TEXT) || standing.hitAt;
    if (time !== '') ball.hitAt = time;
    const whose = player(cells).slice(0, MAX_TEXT) || standing.player;
    const which = hand(cells).slice(0, MAX_TEXT) || standing.hand;
    return {
      draft: {
        ball,
        backSpinRpm: hasParts ? toldFigure(figures[PLACE.backSpinRpm]!) : null,
        sideSpinRpm: hasParts ? toldFigure(figures[PLACE.sideSpinRpm]!) : null,
        player: whose,
        hand: which,
        standingAt: standing.hitAt,
        estimates,
      },
    };
  };
}

const toldFigure = (figure: number): number | null => (Number.isNaN(figure) ? null : figure);
