/** Goes down the rows of a table: heads and what stands under each, titles, notes, sums, balls. */
import { recogniseClub } from '../../delivery/recognise.ts';
import { fateOf, refused } from './fate.ts';
import type { RowFate } from './fate.ts';
import { labelOf } from '../columns/label.ts';
import {
  columnsOf,
  findHead,
  headerOf,
  holdsFigures,
  isUnitsRow,
  namedIn,
} from '../columns/layout.ts';
import type { ColumnMapping, FileColumn, Head } from '../columns/layout.ts';
import { isQuantity, isText } from '../columns/meaning.ts';
import type { Quantity } from '../quantities.ts';
import { NOTHING_STANDS, createRowReader } from './row.ts';
import type { CellProblem, Draft, ReadRow, RowRules, Standing } from './row.ts';
import type { RawRow } from '../table/raw.ts';
import { isMissing, plainText } from '../columns/vocabulary.ts';

/** A head and the columns under it: a file may have several, in other orders. */
export interface Section {
  readonly columns: readonly FileColumn[];
  readonly head: Head;
  /** Index of the row behind its last. */
  readonly end: number;
}

/** A repeated head names so many columns at least. */
const HEAD_AGAIN = 2;

/** Returns whether a cell begins as a figure does: with a digit, or a sign and a digit. */
function beginsFigure(cell: string): boolean {
  const code = cell.charCodeAt(0);
  const at = code === 45 || code === 43 || code === 40 || code === 46 ? cell.charCodeAt(1) : code;
  return at >= 48 && at <= 57;
}

/** Returns whether a row is names once more: several, and not a figure among them. */
const isHead = (row: RawRow): boolean => !holdsFigures(row) && namedIn(row.cells) >= HEAD_AGAIN;

/** Returns the heads of a table with the rows under each; none where no row looks like one. */
export function sectionsOf(
  rows: readonly RawRow[],
  mapping: Readonly<Record<string, ColumnMapping>>,
): Section[] {
  const first = findHead(rows);
  if (first === null) return [];
  const heads = [first];
  for (let at = first.to + 1; at < rows.length; at++) {
    const { cells } = rows[at]!;
    // Most rows have a figure soon: only others are looked at closer.
    if (cells.length < HEAD_AGAIN || cells.some(beginsFigure)) continue;
    if (!isHead(rows[at]!)) continue;
    const again = findHead(rows.slice(at, at + 3));
    if (again === null || again.from > 0) continue;
    const unitsIndex = again.unitsIndex === null ? null : at + again.unitsIndex;
    heads.push({ ...again, from: at, to: at + again.to, unitsIndex });
    at += again.to;
  }
  const known = new Map<string, FileColumn>();
  const made = new Map<string, FileColumn[]>();
  return heads.map((head, index) => {
    const end = heads[index + 1]?.from ?? rows.length;
    // A head that comes again is most often the same.
    const key = head.unitsIndex === null ? head.names.join('\u0000') : '';
    const before = key === '' ? undefined : made.get(key);
    if (before !== undefined) return { head, columns: before, end };
    const columns = columnsOf(rows, head, mapping).map((column) => inherited(column, head, known));
    for (const column of columns) if (!known.has(column.header)) known.set(column.header, column);
    if (index > 0) made.set(key, columns);
    return { head, columns, end };
  });
}

/** Returns a column whose head comes again without its units is in those it had. */
function inherited(
  column: FileColumn,
  { unitsIndex }: Head,
  known: ReadonlyMap<string, FileColumn>,
): FileColumn {
  const before = unitsIndex === null ? known.get(column.header) : undefined;
  if (before === undefined || before.meaning !== column.meaning) return column;
  return { ...column, unit: before.unit, unitFrom: before.unitFrom };
}

const filled = (cells: readonly string[]): string[] => cells.filter((cell) => !isMissing(cell));

/** Returns what a row above the names says for all below: `Player: Ada`, `Hand;Left`. */
function stated(cells: readonly string[]): Partial<Standing> {
  const texts = filled(cells).map(plainText);
  const [first = '', second = ''] = texts;
  const [label = '', value = ''] =
    texts.length === 1 ? first.split(/:\s*/, 2) : [first.replace(/:$/, ''), second];
  const { meaning } = headerOf(label);
  if (value === '' || texts.length > 2 || meaning === null || !isText(meaning)) return {};
  return { [meaning]: value };
}

/** Returns the club a row of one text names, as a title over its balls; null where it is none. */
function titleOf(cells: readonly string[]): string | null {
  const texts = filled(cells);
  const [text = ''] = texts;
  if (texts.length !== 1 || text.length > 60 || labelOf(text) !== null) return null;
  const name = plainText(text).replace(/^.*:\s*/, '');
  return /\p{L}/u.test(name) && recogniseClub(name) !== null ? name : null;
}

/** A word that says what a row is, and whether it may be a remark instead. */
interface Said {
  readonly text: string;
  readonly isWeak: boolean;
}

/** Rows looked at for it, how many must say such a word, and in what share of them it is what the column is about. */
const LABELS = { looked: 200, rows: 3, share: 0.6 } as const;

/** Returns whether a column says such words in most rows: `Target 1` under `Target` labels no row. */
function saysItOften({ index }: FileColumn, rows: readonly RawRow[]): boolean {
  const cells = rows.slice(0, LABELS.looked).map((row) => row.cells[index] ?? '');
  const said = cells.filter((cell) => cell !== '' && labelOf(cell) !== null).length;
  return said >= LABELS.rows && said > LABELS.share * cells.length;
}

/** Cells of a row that may label it: texts of no quantity, and not the player's name. */
function labelReader(columns: readonly FileColumn[], rows: readonly RawRow[]) {
  const first = columns.find(({ meaning }) => meaning !== 'player');
  const free = columns.filter(
    (column) =>
      !isQuantity(column.meaning) &&
      column.meaning !== 'player' &&
      (column === first || column.meaning === 'club' || !saysItOften(column, rows)),
  );
  return (cells: readonly string[]): Said | null => {
    for (const column of free) {
      const text = cells[column.index] ?? '';
      if (text === '') continue;
      const label = labelOf(text);
      if (label === null) continue;
      const leads =
        column === first || column.meaning === 'club' || cells.indexOf(text) === firstText(cells);
      return { text: plainText(text), isWeak: label === 'summary' && !leads };
    }
    return null;
  };
}
const firstText = (cells: readonly string[]): number => cells.findIndex((cell) => !isMissing(cell));

export interface Walked {
  readonly fates: readonly RowFate[];
  /** The balls, and the index of the row each came from. */
  readonly drafts: readonly Draft[];
  readonly rowOf: readonly number[];
  /** Quantities that are 0 in some row. */
  readonly zeros: ReadonlySet<Quantity>;
}

const SUM = 'A summary of other rows, not a ball.';
const NO_FIGURE = 'No figure in this row could be used.';

/** Returns what a row is that no figures could be read from. */
function notABall(
  row: RawRow,
  columns: readonly FileColumn[],
  problems: readonly CellProblem[],
): RowFate {
  const words = filled(row.cells);
  if (words.some((cell) => labelOf(cell) !== null && !/^\d/.test(cell)) && words.length > 1)
    return fateOf(row.line, 'summary', SUM);
  if (isUnitsRow(row)) return fateOf(row.line, 'units');
  const inFigures = columns.filter(
    ({ index, meaning }) => isQuantity(meaning) && /\d/.test(row.cells[index] ?? ''),
  );
  const isWord = words.length <= 2 || inFigures.length === 0;
  if (isWord && !holdsFigures(row) && inFigures.length <= 1 && words.every((w) => !isLoneFigure(w)))
    return fateOf(row.line, 'note', 'Words, and no figure of a ball.');
  if (problems.length > 0) return refused(row.line, problems);
  return refused(row.line, [{ header: '', value: '', reason: NO_FIGURE }]);
}
const isLoneFigure = (text: string): boolean => /^[+\-−(]?\d/.test(text) && text.length < 12;

/** Goes down the rows, and keeps what stands for those that follow. */
class Walk {
  readonly fates: RowFate[] = [];
  readonly drafts: Draft[] = [];
  readonly rowOf: number[] = [];
  readonly zeros = new Set<Quantity>();
  private standing: Standing = NOTHING_STANDS;

  constructor(private readonly rows: readonly RawRow[]) {}

  /** Rows above the first head. */
  above(end: number): void {
    for (let at = 0; at < end; at++) {
      const { cells, line, trouble } = this.rows[at]!;
      if (trouble !== null) {
        this.fates.push(fateOf(line, 'rejected', trouble));
        continue;
      }
      this.standing = { ...this.standing, ...stated(cells) };
      this.fates.push(fateOf(line, cells.every(isMissing) ? 'blank' : 'preamble'));
    }
  }

  /** A head and the rows under it. */
  under({ columns, head, end }: Section, rules: RowRules): void {
    for (let at = head.from; at <= head.to; at++)
      this.fates.push(fateOf(this.rows[at]!.line, at === head.unitsIndex ? 'units' : 'header'));
    const read = createRowReader(columns, rules, this.zeros);
    const label = labelReader(columns, this.rows.slice(head.to + 1, end));
    for (let at = head.to + 1; at < end; at++) {
      const row = this.rows[at]!;
      const result = row.trouble === null ? read(row.cells, this.standing) : NOTHING_READ;
      const said = row.trouble === null ? label(row.cells) : null;
      if ('draft' in result && said === null) {
        this.fates.push(fateOf(row.line, 'ball'));
        this.drafts.push(result.draft);
        this.rowOf.push(at);
      } else this.fates.push(this.other(row, said, columns, result));
    }
  }

  /** Returns what a row is that is no ball; a title or a statement stands for the rows below it. */
  private other(
    row: RawRow,
    said: Said | null,
    columns: readonly FileColumn[],
    result: ReadRow,
  ): RowFate {
    const { cells, line, trouble } = row;
    if (trouble !== null) return fateOf(line, 'rejected', trouble);
    if (said !== null)
      return said.isWeak
        ? fateOf(line, 'rejected', mayBeNoBall(said.text))
        : fateOf(line, 'summary', SUM);
    if (cells.every(isMissing)) return fateOf(line, 'blank');
    const club = titleOf(cells);
    const more = club === null ? stated(cells) : { club };
    if (Object.keys(more).length > 0) {
      this.standing = { ...this.standing, ...more };
      const reason = club === null ? SAYS_BELOW : `The club of the rows below: ${club}.`;
      return fateOf(line, 'title', reason);
    }
    return notABall(row, columns, 'problems' in result ? result.problems : []);
  }
}

const NOTHING_READ: ReadRow = { problems: [] };
const SAYS_BELOW = 'Says something of the rows below.';
const mayBeNoBall = (text: string): string =>
  `“${text}” may say that this row is no ball: take the word out of the file if it is one.`;

/** Reads the rows under each head. What is no ball has a fate of its own. */
export function walk(
  rows: readonly RawRow[],
  sections: readonly Section[],
  rules: RowRules,
): Walked {
  const walked = new Walk(rows);
  walked.above(sections[0]?.head.from ?? 0);
  for (const section of sections) walked.under(section, rules);
  return walked;
}
