/** What the columns of a file say of each other that cannot be, each as one question with what would mend it. */
import { isContradiction } from './complete.ts';
import type { RowFate } from './fate.ts';
import type { FileColumn } from './layout.ts';
import { isQuantity } from './meaning.ts';
import type { PhysicsRow } from './physics/rows.ts';
import { otherUnits } from './physics/scale.ts';
import type { OtherUnit, Scaled, ScaledColumn } from './physics/scale.ts';
import { TURNABLE, turnedColumns } from './physics/signs.ts';
import type { Turnable } from './physics/signs.ts';
import { infoOf } from './quantities.ts';
import { hasPlainSigns, sayOf, unitWord } from './questions.ts';
import type { IntakeChoice, IntakeQuestion } from './questions.ts';
import type { RawRow } from './readers/raw.ts';
import type { Draft } from './row.ts';

const SCALED: readonly Scaled[] = [
  'clubSpeedMps',
  'ballSpeedMps',
  'carryM',
  'totalM',
  'offlineM',
  'apexM',
  'spinRateRpm',
];

const columnOf = (columns: readonly FileColumn[], quantity: string): FileColumn | undefined =>
  columns.find(({ meaning }) => meaning === quantity);

/** The column a turnable figure stands in: a spin axis may be given as side spin. */
const turnableColumn = (columns: readonly FileColumn[], figure: Turnable): FileColumn | undefined =>
  columnOf(columns, figure) ??
  (figure === 'spinAxisTiltDeg' ? columnOf(columns, 'sideSpinRpm') : undefined);

/** Figures of the file whose signs nobody has confirmed. */
export function turnableOf(columns: readonly FileColumn[], rows: readonly RawRow[]): Turnable[] {
  return TURNABLE.filter((figure) => {
    const column = turnableColumn(columns, figure);
    if (column === undefined || column.plusFrom === 'coach' || column.turned !== null) return false;
    return hasPlainSigns(column, rows);
  });
}

const named = (columns: readonly FileColumn[]): string =>
  columns.map(({ header }) => `“${header}”`).join(' and ');

/** Signs that contradict each other, with the columns that would mend them. */
export function askTurned(
  tried: readonly PhysicsRow[],
  columns: readonly FileColumn[],
  rows: readonly RawRow[],
): IntakeQuestion[] {
  const turnable = turnableOf(columns, rows);
  const ways = turnedColumns(tried, turnable);
  if (ways.length === 0) return [];
  const of = (figures: readonly Turnable[]): FileColumn[] =>
    figures.flatMap((figure) => turnableColumn(columns, figure) ?? []);
  const all = turnable.map((figure) => turnableColumn(columns, figure)!);
  const choices: IntakeChoice[] = ways.map((figures) => {
    const turned = of(figures);
    return {
      label: `Turn the sign of ${named(turned)}`,
      says: { columns: all.map((column) => sayOf(column, { turned: turned.includes(column) })) },
      isLikely: ways.length === 1,
    };
  });
  choices.push({
    label: 'They are right as the file has them',
    says: { columns: all.map((column) => sayOf(column, { turned: false })) },
    isLikely: false,
  });
  const first = of(ways[0]!);
  const text =
    ways.length === 1
      ? `The signs of ${named(first)} contradict the other columns: turned, they agree. Which way round are they?`
      : `The signs of the columns contradict each other, and it could be ${ways.map((way) => named(of(way))).join(', or ')} that is turned. Which is it?`;
  return [{ kind: 'physics', headers: first.map(({ header }) => header), text, choices }];
}

/** Rows whose face to path fits nothing, where no sign would mend them: a column is something else. */
export function askContradicting(
  drafts: readonly Draft[],
  columns: readonly FileColumn[],
): IntakeQuestion[] {
  const astray = drafts.filter(isContradiction).length;
  if (astray < 3 || astray * 2 < drafts.length) return [];
  const parts = (['faceToPathDeg', 'faceAngleDeg', 'clubPathDeg'] as const).flatMap(
    (quantity) => columnOf(columns, quantity) ?? [],
  );
  const text = `In ${astray} rows face to path is not face less path. One of ${named(parts)} is something else.`;
  const choices = parts.map((column) => ({
    label: `Leave out “${column.header}”`,
    says: { columns: [sayOf(column, { meaning: null })] },
    isLikely: false,
  }));
  return [{ kind: 'physics', headers: parts.map(({ header }) => header), text, choices }];
}

const scaledColumns = (columns: readonly FileColumn[]): ScaledColumn[] =>
  SCALED.flatMap((quantity) => {
    const column = columnOf(columns, quantity);
    const info = infoOf(quantity);
    if (column === undefined || column.unitFrom === 'coach') return [];
    return [{ quantity, unit: column.unit ?? info.unit, units: info.units }];
  });

/** Columns most of whose figures are outside what they can be: in another unit, usually. */
export function askOutside(
  fates: readonly RowFate[],
  columns: readonly FileColumn[],
): IntakeQuestion[] {
  const outside = new Map<string, { count: number; value: string }>();
  let rows = 0;
  for (const { fate, problems } of fates) {
    if (fate === 'ball' || problems.length > 0) rows += 1;
    for (const { header, value, isOutside } of problems) {
      if (isOutside !== true) continue;
      const known = outside.get(header);
      if (known === undefined) outside.set(header, { count: 1, value });
      else known.count += 1;
    }
  }
  return columns.flatMap((column) => {
    const { meaning, unit, header } = column;
    const found = outside.get(header);
    if (found === undefined || !isQuantity(meaning) || unit === null || column.unitFrom === 'coach')
      return [];
    if (found.count < OUTSIDE_ROWS || found.count * 3 < rows) return [];
    const { label, units } = infoOf(meaning);
    const text = `“${found.value}” ${unitWord(unit)} and others of “${header}” are outside what ${label.toLowerCase()} can be. Which unit is it in?`;
    const choices = units.map((one) => ({
      label: unitWord(one),
      says: { columns: [sayOf(column, { unit: one })] },
      isLikely: false,
    }));
    return [{ kind: 'physics', headers: [header], text, choices } as const];
  });
}
/** So many rows at least, and a third of all. */
const OUTSIDE_ROWS = 2;

/** Lengths along the ground: a file has them in one unit. */
const GROUND = new Set<string>(['carryM', 'totalM', 'offlineM', 'curveM']);

/** Columns that fit in another unit: those that are in the unit the file states, and contradict it. */
export function unitsThatFit(
  tried: readonly PhysicsRow[],
  columns: readonly FileColumn[],
): readonly OtherUnit[] {
  return otherUnits(tried, scaledColumns(columns));
}

export function askOtherUnits(
  found: readonly OtherUnit[],
  columns: readonly FileColumn[],
): IntakeQuestion[] {
  return found.flatMap(({ quantity, unit }) => {
    const column = columnOf(columns, quantity);
    // Where the file states none it is asked anyway, with this as the likely answer.
    if (column === undefined || column.unit === null) return [];
    const alike = GROUND.has(quantity)
      ? columns.filter(
          (other) =>
            isQuantity(other.meaning) && GROUND.has(other.meaning) && other.unit === column.unit,
        )
      : [column];
    const text = `“${column.header}” is read in ${unitWord(column.unit)}, and contradicts the other columns; in ${unitWord(unit)} it would agree.`;
    const say = (to: typeof unit) => ({ columns: alike.map((one) => sayOf(one, { unit: to })) });
    const choices = [
      { label: `It is in ${unitWord(unit)}`, says: say(unit), isLikely: true },
      {
        label:
          quantity === 'carryM'
            ? `It is in ${unitWord(column.unit)}: thin air, wind or the monitor’s own flight`
            : `It is in ${unitWord(column.unit)}, as the file has it`,
        says: say(column.unit),
        isLikely: false,
      },
    ];
    return [
      { kind: 'physics', headers: alike.map(({ header }) => header), text, choices } as const,
    ];
  });
}
