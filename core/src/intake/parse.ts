import { askAll } from './questions/ask.ts';
import { complete } from './rows/complete.ts';
import { dayWords, isFarFrom } from './day.ts';
import { findDecimal } from './columns/decimal.ts';
import { fateOf } from './rows/fate.ts';
import type { RowFate } from './rows/fate.ts';
import { columnsOf, findHead, languageIn, namedIn } from './columns/layout.ts';
import type { FileColumn } from './columns/layout.ts';
import type { Decimal } from './number.ts';
import { partWords, partsOf } from './rows/parts.ts';
import type { FilePart, FoundParts } from './rows/parts.ts';
import { physicsRows } from './checks/measured-rows.ts';
import type { MeasuredBall } from './quantities.ts';
import { askColumns, askDecimal } from './questions/questions.ts';
import type { IntakeQuestion } from './questions/questions.ts';
import type { IntakeOptions } from './questions/options.ts';
import type { Delimiter, RawRow, RawTable } from './table/raw.ts';
import { readText } from './table/text.ts';
import type { RowRules } from './rows/row.ts';
import { Drafts, sift } from './rows/sift.ts';
import { turnToMiddle } from './questions/strike-point.ts';
import { verdictsOn } from './questions/verdicts.ts';
import type { ColumnVerdict } from './questions/verdicts.ts';
import { isMissing } from './columns/vocabulary.ts';
import { sectionsOf, walk } from './rows/walk.ts';
import type { Section } from './rows/walk.ts';

export interface ParsedLaunchFile {
  readonly balls: readonly MeasuredBall[];
  readonly rows: readonly RowFate[];
  readonly columns: readonly FileColumn[];
  /** What the other columns say of each, by its name, where it is to be shown. */
  readonly verdicts: Readonly<Record<string, ColumnVerdict>>;
  /** What must be answered before the balls can be trusted; empty when nothing is open. */
  readonly questions: readonly IntakeQuestion[];
  /** What was done that the file does not say itself, in sentences. */
  readonly notes: readonly string[];
  /** Whose balls the file holds, of which hand and day. */
  readonly parts: readonly FilePart[];
  readonly delimiter: Delimiter | null;
  readonly decimal: Decimal;
}

const NO_HEAD = 'No row of column names was found above this row.';

function unreadable({ rows, delimiter }: RawTable): ParsedLaunchFile {
  return {
    balls: [],
    rows: rows.map((row) =>
      row.cells.every(isMissing)
        ? fateOf(row.line, 'blank')
        : fateOf(row.line, 'rejected', NO_HEAD),
    ),
    columns: [],
    verdicts: {},
    questions: [askColumns()],
    notes: [],
    parts: [],
    delimiter,
    decimal: 'dot',
  };
}

/** Returns how much some rows look like the beginning of a file under a mark between cells. */
function headScore(rows: readonly RawRow[]): number {
  const head = findHead(rows);
  return head === null ? 0 : namedIn(head.names) * 1000 + head.names.length;
}

export const tableOf = (text: string): RawTable => readText(text, headScore);

/** Columns of all heads, each name once. */
function columnsIn(sections: readonly Section[]): FileColumn[] {
  const seen = new Set<string>();
  return sections.flatMap(({ columns }) =>
    columns.filter(({ header }) => {
      if (seen.has(header)) return false;
      seen.add(header);
      return true;
    }),
  );
}

/** The column a left-out twin would have been, read without the one that was taken. */
function twinFinder(rows: readonly RawRow[], section: Section, options: IntakeOptions) {
  return (header: string): FileColumn | undefined => {
    const taken = section.columns.find((column) => column.header === header)?.twin;
    if (taken == null) return undefined;
    const mapping = { ...options.mapping, [taken]: { meaning: null } };
    return columnsOf(rows, section.head, mapping).find((column) => column.header === header);
  };
}

/** Returns the parts that are meant; undefined where any is not in the file: then it is not known what was. */
const meantIn = (
  { parts }: FoundParts,
  keys: readonly string[] | undefined,
): readonly string[] | undefined =>
  keys?.every((key) => parts.some((part) => part.key === key)) === true ? keys : undefined;

/** Leaves the parts of a file that are meant. */
function takeParts(drafts: Drafts, { parts, keys }: FoundParts, meant: readonly string[]): void {
  const wordsOf = new Map(parts.map((part) => [part.key, partWords(part)]));
  drafts.out('other', (_, at) =>
    meant.includes(keys[at]!)
      ? null
      : `Of another part of the file: ${wordsOf.get(keys[at]!) ?? ''}.`,
  );
}

/** Says it where the balls are of another day than their lesson. */
function dayNotes(
  { parts }: FoundParts,
  meant: readonly string[] | undefined,
  lessonAt: string | undefined,
): string[] {
  const own = parts.filter(({ key }) => meant === undefined || meant.includes(key));
  if (lessonAt === undefined || own.length !== 1) return [];
  const { startsAt } = own[0]!;
  if (startsAt === null || !isFarFrom(startsAt, lessonAt)) return [];
  const day = dayWords(startsAt.slice(0, 10));
  return [
    `The file says ${day}, which is not the day of this lesson: check that they belong together.`,
  ];
}

/**
 * Launch data from a table, or from text in any usual delimiter. Never throws for any text; every row has a fate, and
 * every figure is read as the file says, asked about, or refused with its reason. A row with a bad figure is refused
 * whole, with the column and why, and the rest is kept.
 */
export function parseLaunchFile(
  input: string | RawTable,
  options: IntakeOptions = {},
): ParsedLaunchFile {
  const table = typeof input === 'string' ? tableOf(input) : input;
  const sections = sectionsOf(table.rows, options.mapping ?? {});
  const [first] = sections;
  if (first === undefined) return unreadable(table);
  const columns = columnsIn(sections);
  const rows = table.rows.slice(first.head.to + 1, first.end);
  const marks =
    table.decimal === null
      ? findDecimal(first.columns, rows)
      : { decimal: table.decimal, example: '' };
  const decimal = options.decimal ?? marks.decimal ?? 'dot';
  const rules: RowRules = {
    decimal,
    hand: options.hand ?? null,
    signs: options.signs ?? 'target',
    language: languageIn(first.head.names),
    clubs: new Map((options.clubs ?? []).map(({ text, club }) => [text, club])),
  };
  const drafts = new Drafts(walk(table.rows, sections, rules));
  const notes = sift(drafts, columns);
  notes.push(...turnToMiddle(drafts.left, columns, rules.hand ?? 'right'));
  const parted = partsOf(drafts.left, rules.language, options.dayOrder);
  const meant = meantIn(parted, options.parts);
  // What the balls of others say of the columns is asked where those are brought in.
  if (meant !== undefined) takeParts(drafts, parted, meant);
  const { left, fates } = drafts;
  const tried = physicsRows(left, rules.hand ?? 'right');
  const found = { columns, rows, drafts: left, tried, rules, parted, meant, fates };
  const questions = askAll(found, options, twinFinder(table.rows, first, options));
  // Before the rows are completed: what is reckoned from others agrees with them.
  const verdicts = options.isShown === true ? verdictsOn(columns, rows, tried, questions) : {};
  if (options.decimal === undefined && marks.decimal === null)
    questions.push(askDecimal(marks.example));
  drafts.out('rejected', (draft) => {
    const mismatch = complete(draft);
    return mismatch === null ? null : `The row contradicts itself: ${mismatch}.`;
  });
  return {
    ...drafts.settle(),
    columns,
    verdicts,
    questions,
    notes: [...notes, ...dayNotes(parted, meant, options.lessonAt)],
    parts: parted.parts,
    delimiter: table.delimiter,
    decimal,
  };
}
