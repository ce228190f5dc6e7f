import type { Hand } from '../line/hand.ts';
import { complete } from './complete.ts';
import {
  askContradicting,
  askOtherUnits,
  askOutside,
  askTurned,
  turnableOf,
  unitsThatFit,
} from './contradictions.ts';
import { findDecimal } from './decimal.ts';
import { fateOf, refused } from './fate.ts';
import type { RowFate } from './fate.ts';
import { columnsOf, findHead, languageIn, namedIn } from './layout.ts';
import type { ColumnMapping, FileColumn } from './layout.ts';
import { isQuantity } from './meaning.ts';
import { MEAN_DEFAULTS, meansAmong } from './means.ts';
import type { Decimal } from './number.ts';
import { partsOf, partWords } from './parts.ts';
import type { FilePart } from './parts.ts';
import { physicsRows } from './physics/rows.ts';
import { turnedColumns } from './physics/signs.ts';
import { BALL_QUANTITIES } from './quantities.ts';
import type { MeasuredBall } from './quantities.ts';
import {
  askColumns,
  askDecimal,
  askNames,
  askParts,
  askPlus,
  askSigns,
  askTwins,
  askUnits,
} from './questions.ts';
import type { IntakeQuestion } from './questions.ts';
import type { Delimiter, RawRow, RawTable } from './readers/raw.ts';
import { readText } from './readers/text.ts';
import type { Draft, RowRules } from './row.ts';
import type { SignRule } from './value.ts';
import { sectionsOf, walk } from './walk.ts';
import type { Section } from './walk.ts';
import { isMissing } from './vocabulary.ts';
import { noBall, withoutZeros } from './zeros.ts';

export interface IntakeOptions {
  /** The player's hand; without it I-O and O-I cannot be read. */
  readonly hand?: Hand | null;
  /** The player's name: a file that names somebody else asks. */
  readonly player?: string | null;
  /** What plus and minus mean for a left-hander; without it the file's signs are asked about. */
  readonly signs?: SignRule;
  /** What columns are, by header text; unnamed columns are recognised. */
  readonly mapping?: Readonly<Record<string, ColumnMapping>>;
  readonly decimal?: Decimal;
  /** Keys of the parts of the file that are meant; without them a file of several asks. */
  readonly parts?: readonly string[];
}

export interface ParsedLaunchFile {
  readonly balls: readonly MeasuredBall[];
  readonly rows: readonly RowFate[];
  readonly columns: readonly FileColumn[];
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
    questions: [askColumns()],
    notes: [],
    parts: [],
    delimiter,
    decimal: 'dot',
  };
}

/** How much some rows look like the beginning of a file under a mark between cells. */
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

const hasFigure = ({ ball }: Draft): boolean => BALL_QUANTITIES.some((q) => ball[q] !== null);
const oneProblem = (reason: string) => [{ header: '', value: '', reason }];

/** Drafts that stand, with the fates of their rows: what turns out to be no ball gets another fate. */
class Standing {
  readonly fates: RowFate[];
  private readonly gone = new Set<Draft>();

  constructor(
    readonly drafts: readonly Draft[],
    private readonly rowOf: readonly number[],
    fates: readonly RowFate[],
  ) {
    this.fates = [...fates];
  }

  /** Gives the rows of some drafts another fate: a reason, or null to leave it. */
  out(
    fate: 'rejected' | 'summary' | 'other',
    why: (draft: Draft, at: number) => string | null,
  ): void {
    this.drafts.forEach((draft, at) => {
      const reason = this.gone.has(draft) ? null : why(draft, at);
      if (reason === null) return;
      const row = this.rowOf[at]!;
      const { line } = this.fates[row]!;
      this.fates[row] =
        fate === 'rejected' ? refused(line, oneProblem(reason)) : fateOf(line, fate, reason);
      this.gone.add(draft);
    });
  }

  get left(): Draft[] {
    return this.gone.size === 0 ? [...this.drafts] : this.drafts.filter((d) => !this.gone.has(d));
  }

  /** The balls that are left, and the fates with their places. */
  settle(): { balls: MeasuredBall[]; rows: RowFate[] } {
    const rows = [...this.fates];
    const balls: MeasuredBall[] = [];
    this.drafts.forEach((draft, at) => {
      if (this.gone.has(draft)) return;
      const row = this.rowOf[at]!;
      rows[row] = { ...rows[row]!, ball: balls.length };
      balls.push(draft.ball);
    });
    return { balls, rows };
  }
}

const SUM_OF = `Its figures are the mean of the rows above it (${MEAN_DEFAULTS.rows} at least): a summary, not a ball.`;

/** Takes out what is no ball, and zeros that are no figures; says what was done. */
function sift(standing: Standing): string[] {
  standing.out('rejected', noBall);
  const means = meansAmong(standing.left);
  const mean = new Set(standing.left.filter((_, at) => means.has(at)));
  standing.out('summary', (draft) => (mean.has(draft) ? SUM_OF : null));
  const notes = withoutZeros(standing.left);
  standing.out('rejected', (draft) =>
    hasFigure(draft) || draft.sideSpinRpm !== null ? null : 'No figure in this row could be used.',
  );
  const estimates = standing.left.reduce((sum, draft) => sum + draft.estimates, 0);
  if (estimates > 0)
    notes.push(
      `${estimates === 1 ? '1 figure is' : `${estimates} figures are`} marked in the file as estimated, and taken as written.`,
    );
  return notes;
}

/** The rule for signs a left-hander's file most likely follows: told only where the club's side is turned alone. */
function likelyRule(
  drafts: readonly Draft[],
  columns: readonly FileColumn[],
  rows: readonly RawRow[],
): SignRule | null {
  const ways = turnedColumns(physicsRows(drafts), turnableOf(columns, rows));
  const club = new Set(['clubPathDeg', 'faceAngleDeg', 'faceToPathDeg']);
  return ways.some((way) => way.every((figure) => club.has(figure))) ? 'hand-club' : null;
}

interface Found {
  readonly columns: readonly FileColumn[];
  readonly rows: readonly RawRow[];
  readonly drafts: readonly Draft[];
  readonly rules: RowRules;
  readonly parts: readonly FilePart[];
  readonly fates: readonly RowFate[];
}

/** Everything the file leaves open. */
function ask(
  { columns, rows, drafts, rules, parts, fates }: Found,
  options: IntakeOptions,
  twinOf: (header: string) => FileColumn | undefined,
): IntakeQuestion[] {
  const { hand = null, player = null } = options;
  const units = unitsThatFit(drafts, columns);
  const fits = (column: FileColumn) =>
    units.find(({ quantity }) => quantity === column.meaning)?.unit ?? null;
  const questions = [
    ...askNames(columns),
    ...askTwins(columns, rows, rules, twinOf),
    ...askPlus(columns),
    ...askUnits(columns, fits),
    ...askOtherUnits(units, columns),
    ...askOutside(fates, columns),
  ];
  const isOpen = hand === 'left' && options.signs === undefined;
  const likely = isOpen ? likelyRule(drafts, columns, rows) : null;
  const signs = isOpen ? askSigns(hand, columns, rows, likely) : [];
  // Which sign is turned can be told once it is known what they mean for a left-hander.
  const turned = signs.length > 0 ? [] : askTurned(drafts, columns, rows);
  questions.push(...signs, ...turned);
  if (turned.length === 0) questions.push(...askContradicting(drafts, columns));
  if (!columns.some((column) => isQuantity(column.meaning))) questions.push(askColumns());
  if (options.parts === undefined) questions.push(...askParts(parts, player, hand));
  return questions;
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
  };
  const walked = walk(table.rows, sections, rules);
  const standing = new Standing(walked.drafts, walked.rowOf, walked.fates);
  const notes = sift(standing);
  const found = {
    columns,
    rows,
    drafts: standing.left,
    rules,
    parts: partsOf(standing.left).parts,
    fates: standing.fates,
  };
  const questions = ask(found, options, twinFinder(table.rows, first, options));
  if (options.decimal === undefined && marks.decimal === null)
    questions.push(askDecimal(marks.example));
  standing.out('rejected', (draft) => {
    const mismatch = complete(draft);
    return mismatch === null ? null : `The row contradicts itself: ${mismatch}.`;
  });
  const { parts, keys } = partsOf(standing.left);
  const meant = options.parts === undefined ? null : new Set(options.parts);
  const left = standing.left;
  const keyOf = new Map(left.map((draft, at) => [draft, keys[at]!]));
  standing.out('other', (draft) => {
    const key = keyOf.get(draft)!;
    if (meant === null || meant.has(key)) return null;
    return `Of another part of the file: ${partWords(parts.find((part) => part.key === key)!)}.`;
  });
  return {
    ...standing.settle(),
    columns,
    questions,
    notes,
    parts,
    delimiter: table.delimiter,
    decimal,
  };
}
