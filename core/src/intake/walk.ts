/** Goes down the rows of a table: heads and what stands under each, titles, notes, sums, balls. */
import { recogniseClub } from '../delivery/recognise.ts';
import { fateOf, refused } from './fate.ts';
import type { RowFate } from './fate.ts';
import { labelOf } from './label.ts';
import { columnsOf, findHead, headerOf, holdsFigures, isUnitsRow, namedIn } from './layout.ts';
import type { ColumnMapping, FileColumn, Head } from './layout.ts';
import { isQuantity, isText } from './meaning.ts';
import { NOTHING_STANDS, createRowReader } from './row.ts';
import type { CellProblem, Draft, ReadRow, RowRules, Standing } from './row.ts';
import type { RawRow } from './readers/raw.ts';
import { isMissing, plainText } from './vocabulary.ts';

/** A head and the columns under it: a file may have several, in other orders. */
export interface Section {
  readonly columns: readonly FileColumn[];
  readonly head: Head;
  /** Index of the row behind its last. */
  readonly end: number;
}

/** A repeated head names so many columns at least. */
const HEAD_AGAIN = 2;

/** Whether a row is names once more: several, and not a figure among them. */
const isHead = (row: RawRow): boolean => !holdsFigures(row) && namedIn(row.cells) >= HEAD_AGAIN;

/** The heads of a table with the rows under each; none where no row looks like one. */
export function sectionsOf(
  rows: readonly RawRow[],
  mapping: Readonly<Record<string, ColumnMapping>>,
): Section[] {
  const first = findHead(rows);
  if (first === null) return [];
  const heads = [first];
  for (let at = first.to + 1; at < rows.length; at++) {
    const { cells } = rows[at]!;
    // Most rows begin with a figure or have one soon: only others are looked at closer.
    if (cells.length < HEAD_AGAIN || !/\p{L}/u.test(cells.find((cell) => cell !== '') ?? ''))
      continue;
    if (!isHead(rows[at]!)) continue;
    const again = findHead(rows.slice(at, at + 3));
    if (again === null || again.from > 0) continue;
    const unitsIndex = again.unitsIndex === null ? null : at + again.unitsIndex;
    heads.push({ ...again, from: at, to: at + again.to, unitsIndex });
    at += again.to;
  }
  const known = new Map<string, FileColumn>();
  return heads.map((head, index) => {
    const columns = columnsOf(rows, head, mapping).map((column) => inherited(column, head, known));
    for (const column of columns) if (!known.has(column.header)) known.set(column.header, column);
    return { head, columns, end: heads[index + 1]?.from ?? rows.length };
  });
}

/** A column whose head comes again without its units is in those it had. */
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

/** What a row above the names says for all below: `Player: Ada`, `Hand;Left`. */
function stated(cells: readonly string[]): Partial<Standing> {
  const texts = filled(cells).map(plainText);
  const [first = '', second = ''] = texts;
  const [label = '', value = ''] =
    texts.length === 1 ? first.split(/:\s*/, 2) : [first.replace(/:$/, ''), second];
  const { meaning } = headerOf(label);
  if (value === '' || texts.length > 2 || meaning === null || !isText(meaning)) return {};
  return { [meaning]: value };
}

/** The club a row of one text names, as a title over its balls; null where it is none. */
function titleOf(cells: readonly string[]): string | null {
  const texts = filled(cells);
  const [text = ''] = texts;
  if (texts.length !== 1 || text.length > 60 || labelOf(text) !== null) return null;
  const name = plainText(text).replace(/^.*:\s*/, '');
  return /\p{L}/u.test(name) && recogniseClub(name) !== null ? name : null;
}

/** Cells of a row that may label it: texts of no quantity, and not the player's name. */
function labelReader(columns: readonly FileColumn[]) {
  const free = columns.filter(({ meaning }) => !isQuantity(meaning) && meaning !== 'player');
  const first = columns.find(({ meaning }) => meaning !== 'player');
  return (cells: readonly string[]): { text: string; isWeak: boolean } | null => {
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
}

const SUM = 'A summary of other rows, not a ball.';
const NO_FIGURE = 'No figure in this row could be used.';

/** What a row is that no figures could be read from. */
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

/** Reads the rows under each head. What is no ball has a fate of its own. */
export function walk(
  rows: readonly RawRow[],
  sections: readonly Section[],
  rules: RowRules,
): Walked {
  const fates: RowFate[] = [];
  const drafts: Draft[] = [];
  const rowOf: number[] = [];
  let standing: Standing = NOTHING_STANDS;
  const [first] = sections;
  for (let at = 0; at < (first?.head.from ?? 0); at++) {
    const { cells, line, trouble } = rows[at]!;
    if (trouble === null) standing = { ...standing, ...stated(cells) };
    const isBlank = cells.every(isMissing);
    fates.push(
      trouble === null
        ? fateOf(line, isBlank ? 'blank' : 'preamble')
        : fateOf(line, 'rejected', trouble),
    );
  }
  for (const { columns, head, end } of sections) {
    for (let at = head.from; at <= head.to; at++)
      fates.push(fateOf(rows[at]!.line, at === head.unitsIndex ? 'units' : 'header'));
    const read = createRowReader(columns, rules);
    const label = labelReader(columns);
    for (let at = head.to + 1; at < end; at++) {
      const row = rows[at]!;
      const { cells, line, trouble } = row;
      if (trouble !== null) {
        fates.push(fateOf(line, 'rejected', trouble));
        continue;
      }
      const result: ReadRow = read(cells, standing);
      const said = label(cells);
      if ('draft' in result && said === null) {
        fates.push({ ...fateOf(line, 'ball'), ball: drafts.length });
        drafts.push(result.draft);
        rowOf.push(at);
        continue;
      }
      if (said !== null && !said.isWeak) {
        fates.push(fateOf(line, 'summary', SUM));
        continue;
      }
      if (said !== null) {
        const reason = `“${said.text}” may say that this row is no ball: take the word out of the file if it is one.`;
        fates.push(fateOf(line, 'rejected', reason));
        continue;
      }
      if (cells.every(isMissing)) {
        fates.push(fateOf(line, 'blank'));
        continue;
      }
      const title = titleOf(cells);
      if (title !== null) {
        standing = { ...standing, club: title };
        fates.push(fateOf(line, 'title', `The club of the rows below: ${title}.`));
        continue;
      }
      const more = stated(cells);
      if (Object.keys(more).length > 0) {
        standing = { ...standing, ...more };
        fates.push(fateOf(line, 'title', 'Says something of the rows below.'));
        continue;
      }
      fates.push(notABall(row, columns, 'problems' in result ? result.problems : []));
    }
  }
  return { fates, drafts, rowOf };
}
