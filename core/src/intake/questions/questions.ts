import { convert } from '../../units/units.ts';
import type { Unit } from '../../units/units.ts';
import type { Hand } from '../../line/hand.ts';
import { DAY_ORDERS, dayWords, isoOf } from '../day.ts';
import type { DayOrder } from '../day.ts';
import { CONFIDENCE } from '../columns/header.ts';
import type { ColumnMapping, FileColumn } from '../columns/layout.ts';
import { isQuantity } from '../columns/meaning.ts';
import type { Decimal } from '../number.ts';
import { mayBe, partWords } from '../rows/parts.ts';
import type { FilePart } from '../rows/parts.ts';
import { infoOf } from '../quantities.ts';
import type { RawRow } from '../table/raw.ts';
import { sidesOf } from '../side.ts';
import type { Side } from '../side.ts';
import { parseCell } from '../columns/value.ts';
import type { SignRule } from '../columns/value.ts';

/** What an answer says of one column. */
export interface ColumnSaid extends ColumnMapping {
  readonly header: string;
}

/** What club a file means where it says another. */
export interface ClubSaid {
  /** As the file calls it. */
  readonly text: string;
  /** Id of a club of the standard bag. */
  readonly club: string;
}

/** What is said of a file: what its columns are, its signs, its decimal mark, which of its parts are meant. */
export interface IntakeSays {
  readonly columns?: ColumnSaid[];
  readonly signs?: SignRule;
  readonly decimal?: Decimal;
  readonly dayOrder?: DayOrder;
  /** Of this file alone, as `parts`: the next is of other balls. */
  readonly clubs?: ClubSaid[];
  readonly parts?: string[];
}

export interface IntakeChoice {
  readonly label: string;
  readonly says: IntakeSays;
  /** Whether it is what the file most likely means. */
  readonly isLikely: boolean;
}

export const QUESTION_KINDS = [
  'unit',
  'signs',
  'decimal',
  'columns',
  'column',
  'plus',
  'physics',
  'clubs',
  'days',
  'parts',
] as const;

/** What the file does not say and the coach must, before its balls count. */
export interface IntakeQuestion {
  readonly kind: (typeof QUESTION_KINDS)[number];
  readonly text: string;
  /** Columns it is about. */
  readonly headers: readonly string[];
  /** Answers to choose from; none where the columns themselves must be named. */
  readonly choices: readonly IntakeChoice[];
}

/** Returns what is known of a column, said again with something changed. */
export const sayOf = (column: FileColumn, changed: Partial<ColumnSaid> = {}): ColumnSaid => ({
  header: column.header,
  meaning: column.meaning,
  ...(column.unitFrom === 'coach' && { unit: column.unit }),
  ...(column.plusFrom === 'coach' && { plus: column.plus }),
  ...(column.turned !== null && { turned: column.turned }),
  ...(column.atStrike !== null && { atStrike: column.atStrike }),
  ...changed,
});

/** Columns as a question names them. */
export const named = (columns: readonly FileColumn[]): string =>
  columns.map(({ header }) => `“${header}”`).join(' and ');

export const oneColumn = (
  label: string,
  column: FileColumn,
  changed: Partial<ColumnSaid>,
  isLikely = false,
): IntakeChoice => ({ label, says: { columns: [sayOf(column, changed)] }, isLikely });

const hasFigures = ({ examples }: FileColumn): boolean => examples.some((text) => /\d/.test(text));

const UNIT_WORDS: Readonly<Partial<Record<Unit, string>>> = {
  m: 'metres',
  yd: 'yards',
  ft: 'feet',
  in: 'inches',
  mm: 'millimetres',
  cm: 'centimetres',
  deg: 'degrees',
  rad: 'radians',
  s: 'seconds',
  ms: 'milliseconds',
};
export const unitWord = (unit: Unit): string => UNIT_WORDS[unit] ?? unit;

export function askUnits(
  columns: readonly FileColumn[],
  likely: (column: FileColumn) => Unit | null,
): IntakeQuestion[] {
  return columns.flatMap((column) => {
    if (!isQuantity(column.meaning) || column.unit !== null || column.examples.length === 0)
      return [];
    const { units } = infoOf(column.meaning);
    const text = `The file does not say which unit “${column.header}” is in (first figure ${column.examples[0] ?? ''}).`;
    const guess = likely(column);
    const choices = units.map((unit) =>
      oneColumn(unitWord(unit), column, { unit }, unit === guess),
    );
    return [{ kind: 'unit', headers: [column.header], text, choices } as const];
  });
}

const NEEDS_SIGN = /^[+\-−–(]?[\d.,]+\)?\s*[-+]?\s*(?:°|º|deg)?$/i;

/** Returns whether a column has plain signed figures: no letters that say the side. */
export const hasPlainSigns = ({ index }: FileColumn, rows: readonly RawRow[]): boolean =>
  rows.some((row) => {
    const cell = (row.cells[index] ?? '').trim();
    return NEEDS_SIGN.test(cell) && /[1-9]/.test(cell);
  });

/** Sideways columns with plain signed figures nobody explains: for a left-hander the sign could mean either. */
function signedColumns(columns: readonly FileColumn[], rows: readonly RawRow[]): FileColumn[] {
  return columns.filter((column) => {
    if (!isQuantity(column.meaning) || column.plus !== null) return false;
    // What its name says and nobody makes out is asked of it alone.
    if (column.plusFrom === 'unclear') return false;
    const { side } = infoOf(column.meaning);
    return (side === 'club' || side === 'ball') && hasPlainSigns(column, rows);
  });
}

const SIGN_WORDS: readonly (readonly [SignRule, string])[] = [
  ['target', 'Plus is right of the target, for everything'],
  ['hand-club', 'Face and path turn with the hand: plus is in-to-out and open'],
  ['hand-all', 'Everything turns with the hand'],
];

export function askSigns(
  hand: Hand | null,
  columns: readonly FileColumn[],
  rows: readonly RawRow[],
  likely: SignRule | null,
): IntakeQuestion[] {
  if (hand !== 'left') return [];
  const headers = signedColumns(columns, rows).map((column) => column.header);
  if (headers.length === 0) return [];
  const text =
    'This file writes left and right as plus and minus. For a left-hander some sources keep plus ' +
    'for right of the target, others turn the sign with the hand. Which does this one do?';
  const choices = SIGN_WORDS.map(([signs, label]) => ({
    label,
    says: { signs },
    isLikely: signs === likely,
  }));
  return [{ kind: 'signs', headers, text, choices }];
}

export const askDecimal = (example: string): IntakeQuestion => {
  const mark = example.includes(',') ? 'comma' : 'point';
  return {
    kind: 'decimal',
    headers: [],
    text: `“${example}” could have a decimal ${mark} or one between thousands. Which is it?`,
    choices: [
      {
        label: `a decimal ${mark}`,
        says: { decimal: mark === 'comma' ? 'comma' : 'dot' },
        isLikely: false,
      },
      {
        label: `a ${mark} between thousands`,
        says: { decimal: mark === 'comma' ? 'dot' : 'comma' },
        isLikely: false,
      },
    ],
  };
};

export const NO_COLUMNS =
  'No column of this file was recognised. Name the columns that hold face, path, start or any ' +
  'other figure, or export the file again with its row of column names.';
export const askColumns = (): IntakeQuestion => ({
  kind: 'columns',
  headers: [],
  text: NO_COLUMNS,
  choices: [],
});

/** Columns whose names are only like known ones. */
export function askNames(columns: readonly FileColumn[]): IntakeQuestion[] {
  return columns.flatMap((column) => {
    const { meaning, confidence, header, reason, examples } = column;
    if (!isQuantity(meaning) || confidence >= CONFIDENCE.ask || !hasFigures(column)) return [];
    const { label } = infoOf(meaning);
    const text = `“${header}”: ${reason} Its first figure is ${examples[0] ?? ''}. Is it ${label.toLowerCase()}?`;
    const isLikely = confidence >= CONFIDENCE.unread;
    const choices = [
      oneColumn(`It is ${label.toLowerCase()}`, column, {}, isLikely),
      oneColumn('It is something else: leave it out', column, { meaning: null }),
    ];
    return [{ kind: 'column', headers: [header], text, choices } as const];
  });
}

const PLUS_WORDS: Readonly<Record<Side, string>> = {
  right: 'Plus is right of the target',
  left: 'Plus is left of the target',
  out: 'Plus is in-to-out, open, or what bends away from the player',
  in: 'Plus is out-to-in, closed, or what bends towards the player',
  toe: 'Plus is towards the toe',
  heel: 'Plus is towards the heel',
  up: 'Plus is up',
  down: 'Plus is down',
};

/** Columns whose names speak of signs that cannot be made out. */
export function askPlus(columns: readonly FileColumn[]): IntakeQuestion[] {
  return columns.flatMap((column) => {
    const { meaning, plusFrom, header } = column;
    if (!isQuantity(meaning) || plusFrom !== 'unclear') return [];
    const text = `“${header}” says something of its sign that could not be made out. What does plus mean in it?`;
    const choices = sidesOf(infoOf(meaning).side).map((plus) =>
      oneColumn(PLUS_WORDS[plus], column, { plus }),
    );
    return [{ kind: 'plus', headers: [header], text, choices } as const];
  });
}

/** Rows in which two columns of one meaning are compared, and by how much of their size they may differ. */
const COMPARED = 60;
const DIFFERS = 0.02;

/** Columns of which two say the same thing and do not have the same figures. */
export function askTwins(
  columns: readonly FileColumn[],
  rows: readonly RawRow[],
  rules: { decimal: Decimal; hand: Hand | null; signs: SignRule; language: string },
  twinOf: (header: string) => FileColumn | undefined,
): IntakeQuestion[] {
  return columns.flatMap((column) => {
    const taken = columns.find(({ header }) => header === column.twin);
    const other = twinOf(column.header);
    if (taken === undefined || other === undefined || !isQuantity(taken.meaning)) return [];
    const info = infoOf(taken.meaning);
    const read = (of: FileColumn, { cells }: RawRow): number | null => {
      const unit = of.unit ?? info.unit;
      const all = { ...rules, info, unit, plus: of.plus, turned: of.turned };
      const result = parseCell(cells[of.index] ?? '', all);
      return result.reason === undefined ? result.value : null;
    };
    const differs = rows.slice(0, COMPARED).some((row) => {
      const [a, b] = [read(taken, row), read(other, row)];
      const slack = convert(0.11, other.unit ?? info.unit, info.unit);
      return a !== null && b !== null && Math.abs(a - b) > Math.max(slack, DIFFERS * Math.abs(a));
    });
    if (!differs) return [];
    const label = info.label.toLowerCase();
    const text = `“${taken.header}” and “${other.header}” both say ${label}, with different figures. Which is it?`;
    const pick = (one: FileColumn, not: FileColumn): IntakeChoice => ({
      label: `“${one.header}”`,
      says: {
        columns: [sayOf(one, { meaning: taken.meaning }), sayOf(not, { meaning: null })],
      },
      isLikely: false,
    });
    const choices = [pick(taken, other), pick(other, taken)];
    return [{ kind: 'column', headers: [taken.header, other.header], text, choices } as const];
  });
}

const ORDER_WORDS = { 'day-first': 'The day', 'month-first': 'The month' } as const;

/** Returns what stands first in a day that could be either way round. */
export function askDays(unclear: string | null): IntakeQuestion[] {
  if (unclear === null) return [];
  const choices = DAY_ORDERS.flatMap((dayOrder) => {
    const day = isoOf(unclear, dayOrder);
    const label = `${ORDER_WORDS[dayOrder]}: ${day === null ? 'no day' : dayWords(day)}`;
    return { label, says: { dayOrder }, isLikely: false };
  });
  const text = `“${unclear}” could be one of two days. What does this file write first?`;
  return [{ kind: 'days', headers: [], text, choices }];
}

/** Whose balls are meant: where a file holds several parts, or those of somebody else. */
export function askParts(
  parts: readonly FilePart[],
  player: string | null,
  hand: Hand | null,
): IntakeQuestion[] {
  const [only] = parts;
  if (only === undefined) return [];
  const isOthers = (part: FilePart): boolean =>
    (player !== null && part.player !== '' && !mayBe(part.player, player)) ||
    (hand !== null && part.hand !== null && part.hand !== hand);
  if (parts.length === 1 && !isOthers(only)) return [];
  const who = player ?? 'this player';
  const own = parts.filter((part) => player !== null && part.player !== '' && !isOthers(part));
  const choices: IntakeChoice[] = parts.map((part) => ({
    label: `${partWords(part)}: ${part.ballCount} ${part.ballCount === 1 ? 'ball' : 'balls'}`,
    says: { parts: [part.key] },
    isLikely: own.length === 1 && own[0] === part,
  }));
  if (parts.length > 1)
    choices.push({
      label: 'All of them',
      says: { parts: parts.map(({ key }) => key) },
      isLikely: false,
    });
  const text =
    parts.length > 1
      ? `The file holds balls in ${parts.length} parts, by player, hand or day. Where does each belong?`
      : `The file says ${partWords(only)}, and this lesson is ${who}’s${hand === null ? '' : `, ${hand}-handed`}. Are these balls ${who}’s?`;
  return [{ kind: 'parts', headers: [], text, choices }];
}
