import { convert } from '../../units/units.ts';
import { isQuantity } from './meaning.ts';
import type { FileColumn } from './layout.ts';
import { evidenceOf, parseNumber, plainFigure } from '../number.ts';
import type { Decimal } from '../number.ts';
import { infoOf } from '../quantities.ts';
import type { RawRow } from '../table/raw.ts';

/** Rows looked at for the decimal mark, and then every so many. */
const LOOKED_AT = 500;
const EVERY = 20;
/** So many figures of one mark and none of the other need no more. */
const ENOUGH = 60;

export interface FoundDecimal {
  /** Null where a mark could be either. */
  readonly decimal: Decimal | null;
  /** The figure that could be either. */
  readonly example: string;
}

/** Returns whether a figure could be one of its column under a decimal rule. */
function couldBe(text: string, column: FileColumn, decimal: Decimal): boolean {
  if (!isQuantity(column.meaning)) return true;
  const info = infoOf(column.meaning);
  const match = parseNumber(/[\d.,]+/.exec(text)?.[0] ?? '', decimal);
  if (match === null) return false;
  const value = convert(match, column.unit ?? info.unit, info.unit);
  return value <= Math.max(Math.abs(info.min), info.max);
}

/** Returns the decimal mark the figures use: most decide; a mark that could be either asks. */
export function findDecimal(columns: readonly FileColumn[], rows: readonly RawRow[]): FoundDecimal {
  const figures = columns.filter((column) => isQuantity(column.meaning));
  const counts = { dot: 0, comma: 0 };
  const doubtful: { mark: Decimal; text: string; column: FileColumn }[] = [];
  for (let at = 0; at < rows.length; at += at < LOOKED_AT ? 1 : EVERY) {
    const { cells } = rows[at]!;
    if (Math.max(counts.dot, counts.comma) > ENOUGH && Math.min(counts.dot, counts.comma) === 0)
      break;
    for (const column of figures) {
      const cell = cells[column.index] ?? '';
      if (!/[.,]/.test(cell)) continue;
      const { text } = plainFigure(cell);
      const evidence = evidenceOf(text);
      if (evidence === 'dot' || evidence === 'comma') counts[evidence] += 1;
      else if (evidence !== null && doubtful.length < 200)
        doubtful.push({ mark: evidence === 'either-dot' ? 'dot' : 'comma', text, column });
    }
  }
  if (counts.dot + counts.comma > 0)
    return { decimal: counts.comma > counts.dot ? 'comma' : 'dot', example: '' };
  const [first] = doubtful;
  if (first === undefined) return { decimal: 'dot', example: '' };
  const can = (decimal: Decimal): boolean =>
    doubtful.every(({ text, column }) => couldBe(text, column, decimal));
  const possible = (['dot', 'comma'] as const).filter(can);
  return { decimal: possible.length === 1 ? possible[0]! : null, example: first.text };
}
