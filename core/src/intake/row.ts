import { recogniseClub } from '../delivery/recognise.ts';
import type { Hand } from '../line/hand.ts';
import { convert } from '../units/units.ts';
import { isQuantity } from './layout.ts';
import type { FileColumn } from './layout.ts';
import { EMPTY_BALL, infoOf } from './quantities.ts';
import type { MeasuredBall, Quantity } from './quantities.ts';
import { isMissing, parseCell, signFactor } from './value.ts';
import { withoutGuard } from './formula.ts';
import type { CellRules, SignRule } from './value.ts';

/** A cell that could not be read: which column, what it said, and why not. */
export interface CellProblem {
  readonly header: string;
  readonly value: string;
  readonly reason: string;
}

export interface RowRules {
  readonly decimal: 'dot' | 'comma';
  readonly hand: Hand | null;
  readonly signs: SignRule;
}

export type ReadRow =
  { readonly ball: MeasuredBall } | { readonly problems: readonly CellProblem[] };

type Draft = { -readonly [K in keyof MeasuredBall]: MeasuredBall[K] };

/** The two parts of the spin that some sources give instead of its rate and axis, rev/min. */
interface SpinParts {
  backSpinRpm: number | null;
  sideSpinRpm: number | null;
}

interface CellReader {
  readonly column: FileColumn;
  readonly quantity: Quantity;
  readonly rules: CellRules;
  /** For the quick way through: factor from a plain figure to the stored one, and its range. */
  readonly factor: number;
  readonly min: number;
  readonly max: number;
}

/** Figures that differ by more than this between a column and its parts are refused, degrees. */
const FACE_TO_PATH_SLACK_DEG = 0.35;
const MAX_CLUB_TEXT = 60;

function cellReader(column: FileColumn, rules: RowRules): CellReader[] {
  if (!isQuantity(column.meaning)) return [];
  const info = infoOf(column.meaning);
  const unit = column.unit ?? info.unit;
  const all = { info, unit, ...rules };
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

/** Completes what follows by plain arithmetic from what the row holds. */
function complete(
  draft: Draft,
  { backSpinRpm: back, sideSpinRpm: side }: SpinParts,
): string | null {
  const { faceAngleDeg: face, clubPathDeg: path, faceToPathDeg: gap } = draft;
  if (face !== null && path !== null) {
    if (gap !== null && Math.abs(face - path - gap) > FACE_TO_PATH_SLACK_DEG) {
      return `face to path ${gap.toFixed(1)}° does not fit face ${face.toFixed(1)}° less path ${path.toFixed(1)}°; check what the signs mean`;
    }
    if (gap === null) draft.faceToPathDeg = face - path;
  } else if (gap !== null && path !== null) draft.faceAngleDeg = path + gap;
  else if (gap !== null && face !== null) draft.clubPathDeg = face - gap;
  if (back !== null && side !== null) {
    draft.spinRateRpm ??= Math.hypot(back, side);
    draft.spinAxisTiltDeg ??= (Math.atan2(side, Math.abs(back)) * 180) / Math.PI;
  }
  return null;
}

/** Puts a figure where it belongs: the parts of the spin are not the ball's own. */
function keep(draft: Draft, parts: SpinParts, quantity: Quantity, value: number): void {
  if (quantity === 'backSpinRpm' || quantity === 'sideSpinRpm') parts[quantity] = value;
  else draft[quantity] = value;
}

/** What stands beyond the last named column: a stray delimiter, usually. */
function strayCells(cells: readonly string[], named: number): CellProblem[] | null {
  if (cells.length <= named || cells.slice(named).every(isMissing)) return null;
  const reason = `The row has ${cells.length} cells under ${named} column names; check for a stray delimiter.`;
  return [{ header: '', value: '', reason }];
}

/** A function that reads one row of cells under these columns. */
export function createRowReader(
  columns: readonly FileColumn[],
  rules: RowRules,
): (cells: readonly string[]) => ReadRow {
  const readers = columns.flatMap((column) => cellReader(column, rules));
  const textColumn = (meaning: 'club' | 'hitAt'): number =>
    columns.find((column) => column.meaning === meaning)?.index ?? -1;
  const clubColumn = textColumn('club');
  const hitAtColumn = textColumn('hitAt');
  const quick = rules.decimal === 'dot';
  const clubs = new Map<string, string | null>();

  return (cells) => {
    const draft: Draft = { ...EMPTY_BALL };
    const parts: SpinParts = { backSpinRpm: null, sideSpinRpm: null };
    let problems = strayCells(cells, columns.length);
    let figures = 0;
    for (const { column, quantity, rules: cellRules, factor, min, max } of readers) {
      const cell = cells[column.index] ?? '';
      if (cell === '') continue;
      const plain = quick ? quickNumber(cell) * factor : NaN;
      if (plain >= min && plain <= max) {
        keep(draft, parts, quantity, plain + 0);
        figures++;
        continue;
      }
      const { value, reason } = parseCell(cell, cellRules);
      if (reason !== undefined) {
        (problems ??= []).push({ header: column.header, value: cell.trim(), reason });
      } else if (value !== null) {
        keep(draft, parts, quantity, value);
        figures++;
      }
    }
    if (problems !== null) return { problems };
    if (figures === 0) return refuse('No figure in this row could be used.');
    const mismatch = complete(draft, parts);
    if (mismatch !== null) return refuse(`The row contradicts itself: ${mismatch}.`);
    const clubText = withoutGuard((cells[clubColumn] ?? '').trim()).slice(0, MAX_CLUB_TEXT);
    if (clubText !== '') {
      if (!clubs.has(clubText)) clubs.set(clubText, recogniseClub(clubText)?.id ?? null);
      draft.clubText = clubText;
      draft.club = clubs.get(clubText) ?? null;
    }
    const hitAt = (cells[hitAtColumn] ?? '').trim();
    if (hitAt !== '') draft.hitAt = hitAt.slice(0, MAX_CLUB_TEXT);
    return { ball: draft };
  };
}

const refuse = (reason: string): ReadRow => ({ problems: [{ header: '', value: '', reason }] });
