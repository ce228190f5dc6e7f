import type { Hand } from '../line/hand.ts';
import type { Unit } from '../units/units.ts';
import { isQuantity } from './layout.ts';
import type { FileColumn } from './layout.ts';
import { infoOf } from './quantities.ts';
import type { TableRow } from './table.ts';

/** What the file does not say and the coach must, before its balls count. */
export type IntakeQuestion =
  | {
      readonly kind: 'unit';
      readonly header: string;
      readonly label: string;
      readonly choices: readonly Unit[];
      readonly text: string;
    }
  | { readonly kind: 'signs'; readonly headers: readonly string[]; readonly text: string }
  | { readonly kind: 'decimal'; readonly example: string; readonly text: string }
  | { readonly kind: 'columns'; readonly text: string };

const COMMA_NUMBER = /^[+\-−–]?\d+,\d+/;
const GROUPED = /^[+\-−–]?[1-9]\d{0,2}(,\d{3})+\D*$/;
const DOTTED = /\d\.\d/;

/** The decimal mark the figures use; `null` when a comma could be either. */
export function findDecimal(
  columns: readonly FileColumn[],
  rows: readonly TableRow[],
): { decimal: 'dot' | 'comma' | null; example: string } {
  const figures = columns.filter((column) => isQuantity(column.meaning));
  let doubtful = '';
  for (const row of rows) {
    for (const { index } of figures) {
      const cell = (row.cells[index] ?? '').trim();
      if (DOTTED.test(cell))
        return { decimal: cell.includes(',') ? marksOrder(cell) : 'dot', example: cell };
      if (!COMMA_NUMBER.test(cell)) continue;
      if (!GROUPED.test(cell)) return { decimal: 'comma', example: cell };
      doubtful ||= cell;
    }
  }
  return { decimal: doubtful === '' ? 'dot' : null, example: doubtful };
}

/** With both marks in one number, the later one is the decimal mark. */
const marksOrder = (cell: string): 'dot' | 'comma' =>
  cell.lastIndexOf(',') > cell.lastIndexOf('.') ? 'comma' : 'dot';

const NEEDS_SIGN = /^[+\-−–]?[\d.,]+\s*(?:°|º|deg)?$/i;

/** Sideways columns with plain signed figures: for a left-hander the sign could mean either. */
export function signedColumns(
  columns: readonly FileColumn[],
  rows: readonly TableRow[],
): FileColumn[] {
  return columns.filter(({ meaning, index }) => {
    if (!isQuantity(meaning)) return false;
    const { side } = infoOf(meaning);
    if (side !== 'club' && side !== 'ball') return false;
    return rows.some((row) => {
      const cell = (row.cells[index] ?? '').trim();
      return NEEDS_SIGN.test(cell) && /[1-9]/.test(cell);
    });
  });
}

export function askUnits(columns: readonly FileColumn[]): IntakeQuestion[] {
  return columns.flatMap((column) => {
    if (!isQuantity(column.meaning) || column.unit !== null || column.examples.length === 0)
      return [];
    const { label, units } = infoOf(column.meaning);
    const text = `The file does not say which unit “${column.header}” is in (first figure ${column.examples[0] ?? ''}).`;
    return [{ kind: 'unit', header: column.header, label, choices: units, text } as const];
  });
}

export function askSigns(
  hand: Hand | null,
  columns: readonly FileColumn[],
  rows: readonly TableRow[],
): IntakeQuestion[] {
  if (hand !== 'left') return [];
  const headers = signedColumns(columns, rows).map((column) => column.header);
  if (headers.length === 0) return [];
  const text =
    'This file writes left and right as plus and minus. For a left-hander some sources keep plus ' +
    'for right of the target, others turn the sign with the hand. Which does this one do?';
  return [{ kind: 'signs', headers, text }];
}
