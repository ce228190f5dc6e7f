/** Figures as files write them, and which mark is the decimal one. */

export type Decimal = 'dot' | 'comma';

/** Marks of a figure that say it is not a reading of the device but an estimate. */
const ESTIMATED = /[*†‡~≈]|\b(?:est|estimated|calc|geschätzt|ca)\b\.?|\(e\)/gi;

/** A number with its marks, wherever it stands in a text. */
export const NUMBER =
  /[+-]?(?:\d{1,3}(?:[ ']\d{3})+(?!\d)(?:[.,]\d+)?|\d+(?:[.,]\d+)*|[.,]\d+)(?:e[+-]?\d+)?/i;

export interface PlainFigure {
  /** The figure as text: one kind of minus, space and apostrophe, a minus in front. */
  readonly text: string;
  /** Whether the file marks it as an estimate. */
  readonly isEstimate: boolean;
}

/** Returns a cell without what does not belong to its figure: `5.2*`, `5.2-` and `(5.2)` become 5.2, −5.2 and −5.2. */
export function plainFigure(cell: string): PlainFigure {
  const text = cell
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/[’‘´`]/g, "'")
    .replace(/[\s\u00a0\u202f\u2009]+/g, ' ')
    .trim();
  const bare = text.replace(ESTIMATED, ' ').replace(/ +/g, ' ').trim();
  const isEstimate = bare !== text;
  const bracketed = /^\(\s*(\d[\d.,' ]*)\s*\)$/.exec(bare);
  if (bracketed !== null) return { text: `-${bracketed[1]!.trim()}`, isEstimate };
  const trailing = /^(\d[\d.,' ]*?)\s*([+-])$/.exec(bare);
  if (trailing !== null) {
    const sign = trailing[2] === '-' ? '-' : '';
    return { text: `${sign}${trailing[1]!}`, isEstimate };
  }
  return { text: bare, isEstimate };
}

/** Returns the number in `text` under a decimal rule, or null when its marks do not fit it. */
export function parseNumber(text: string, decimal: Decimal): number | null {
  const plain = text.replace(/[−–]/g, '-');
  const [thousands, point] = decimal === 'dot' ? [',', '.'] : ['.', ','];
  const [whole = '', fraction, ...more] = plain.split(point);
  if (more.length > 0 || fraction?.includes(thousands)) return null;
  const mark = [thousands, ' ', "'"].find((one) => whole.includes(one)) ?? thousands;
  const grouped = whole.split(mark);
  if (grouped.length > 1 && !/^[+-]?\d{1,3}$/.test(grouped[0] ?? '')) return null;
  if (grouped.slice(1).some((group) => !/^\d{3}$/.test(group))) return null;
  const value = Number(`${grouped.join('')}${fraction === undefined ? '' : `.${fraction}`}`);
  return Number.isFinite(value) ? value : null;
}

/** What a figure tells of the decimal mark; `either` where its one mark could part thousands as well. */
export type MarkEvidence = Decimal | 'either-dot' | 'either-comma' | null;

export function evidenceOf(figure: string): MarkEvidence {
  const number = NUMBER.exec(figure)?.[0] ?? '';
  const dots = number.split('.').length - 1;
  const commas = number.split(',').length - 1;
  if (dots + commas === 0) return null;
  if (dots > 0 && commas > 0)
    return number.lastIndexOf(',') > number.lastIndexOf('.') ? 'comma' : 'dot';
  // A mark that comes twice parts thousands.
  if (dots > 1) return 'comma';
  if (commas > 1) return 'dot';
  const mark = dots === 1 ? 'dot' : 'comma';
  return /^[+-]?[1-9]\d{0,2}[.,]\d{3}(?!\d)/.test(number) ? `either-${mark}` : mark;
}
