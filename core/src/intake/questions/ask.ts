/** Everything a file leaves open, in the order it is asked. */
import { askClubs } from './club-question.ts';
import { askContradicting, askTurned, turnableOf } from './contradictions.ts';
import type { RowFate } from '../rows/fate.ts';
import type { FileColumn } from '../columns/layout.ts';
import { isQuantity } from '../columns/meaning.ts';
import type { IntakeOptions } from './options.ts';
import type { FoundParts } from '../rows/parts.ts';
import type { PhysicsRow } from '../checks/measured-rows.ts';
import { turnedColumns } from '../checks/signs.ts';
import {
  askColumns,
  askDays,
  askNames,
  askParts,
  askPlus,
  askSigns,
  askTwins,
  askUnits,
} from './questions.ts';
import type { IntakeQuestion } from './questions.ts';
import type { RawRow } from '../table/raw.ts';
import type { Draft, RowRules } from '../rows/row.ts';
import { askOtherUnits, askOutside, isAngle, unitsThatFit } from './unit-questions.ts';
import { askStrikePoint } from './strike-point.ts';
import type { SignRule } from '../columns/value.ts';

/** Returns the rule for signs a left-hander's file most likely follows: told only where the club's side is turned alone. */
function likelyRule(
  tried: readonly PhysicsRow[],
  columns: readonly FileColumn[],
  rows: readonly RawRow[],
): SignRule | null {
  const ways = turnedColumns(tried, turnableOf(columns, rows));
  const club = new Set(['clubPathDeg', 'faceAngleDeg', 'faceToPathDeg']);
  return ways.some((way) => way.every((figure) => club.has(figure))) ? 'hand-club' : null;
}

/** Returns whether a question leaves open what the figures are: nothing is told by them before. */
const isOfFigures = ({ kind }: IntakeQuestion): boolean =>
  kind === 'physics' || kind === 'unit' || kind === 'signs';

export interface Found {
  readonly columns: readonly FileColumn[];
  readonly rows: readonly RawRow[];
  readonly drafts: readonly Draft[];
  /** Some of them, with what the model needs. */
  readonly tried: readonly PhysicsRow[];
  readonly rules: RowRules;
  readonly parted: FoundParts;
  /** Keys of the parts that are meant; undefined where it is not known. */
  readonly meant: readonly string[] | undefined;
  readonly fates: readonly RowFate[];
}

/** Everything the file leaves open. */
export function askAll(
  { parted, meant, ...found }: Found,
  options: IntakeOptions,
  twinOf: (header: string) => FileColumn | undefined,
): IntakeQuestion[] {
  const { hand = null, player = null } = options;
  const questions = askFigures(found, options, twinOf);
  if (!found.columns.some((column) => isQuantity(column.meaning))) questions.push(askColumns());
  const whose = askParts(parted.parts, player, hand);
  // A part may go to a new lesson: it has to be known of which day.
  if (whose.length > 0) questions.push(...askDays(parted.unclear));
  if (meant === undefined) questions.push(...whose);
  return questions;
}

/** Returns what the columns leave open of the figures, and what the figures say of the columns. */
function askFigures(
  { columns, rows, drafts, tried, rules, fates }: Omit<Found, 'parted' | 'meant'>,
  options: IntakeOptions,
  twinOf: (header: string) => FileColumn | undefined,
): IntakeQuestion[] {
  const { hand = null } = options;
  const units = unitsThatFit(tried, columns);
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
  const likely = isOpen ? likelyRule(tried, columns, rows) : null;
  const signs = isOpen ? askSigns(hand, columns, rows, likely) : [];
  // Which sign is turned can be told once it is known what they mean for a left-hander, and that they are degrees.
  const areDegrees = !units.some(isAngle);
  const turned = signs.length > 0 || !areDegrees ? [] : askTurned(tried, columns, rows);
  questions.push(...signs, ...turned);
  if (turned.length === 0 && areDegrees) questions.push(...askContradicting(drafts, columns));
  if (hand !== null && !questions.some(isOfFigures))
    questions.push(...askStrikePoint(tried, columns));
  // What balls say of their club can be told once their figures are known.
  if (!questions.some(isOfFigures)) questions.push(...askClubs(drafts, options.clubs ?? []));
  return questions;
}
