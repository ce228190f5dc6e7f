/** Units that figures contradict, each as one question with what would mend it. */
import type { RowFate } from '../rows/fate.ts';
import { columnFor } from '../columns/layout.ts';
import type { FileColumn } from '../columns/layout.ts';
import { isQuantity } from '../columns/meaning.ts';
import type { PhysicsRow } from '../checks/measured-rows.ts';
import { ANGLES, SCALED, otherUnits } from '../checks/scale.ts';
import type { OtherUnit, Scaled, ScaledColumn } from '../checks/scale.ts';
import { infoOf } from '../quantities.ts';
import { named, sayOf, unitWord } from './questions.ts';
import type { IntakeQuestion } from './questions.ts';

/** Columns whose sizes can be tried. */
export const scaledColumns = (columns: readonly FileColumn[]): ScaledColumn[] =>
  SCALED.flatMap((quantity) => {
    const column = columnFor(columns, quantity);
    const info = infoOf(quantity);
    if (column === undefined) return [];
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
  const open = columns.filter(({ unitFrom }) => unitFrom !== 'coach');
  return otherUnits(tried, scaledColumns(open));
}

/** Angles that are too small for degrees, as one question: where most are, all are in radians. */
function askAngles(found: readonly OtherUnit[], columns: readonly FileColumn[]): IntakeQuestion[] {
  if (found.length === 0) return [];
  const all = ANGLES.flatMap((quantity) => columnFor(columns, quantity) ?? []).filter(
    ({ unit, unitFrom }) => unit === 'deg' && unitFrom !== 'coach',
  );
  const own = found.flatMap(({ quantity }) => columnFor(columns, quantity) ?? []);
  const meant = own.length * 2 > all.length ? all : own;
  const say = (unit: 'deg' | 'rad') => ({ columns: meant.map((one) => sayOf(one, { unit })) });
  const text = `The figures of ${named(own)} are far too small for degrees; in radians they would be usual. Which are they in?`;
  const choices = [
    { label: 'Radians', says: say('rad'), isLikely: true },
    { label: 'Degrees, as the file has them', says: say('deg'), isLikely: false },
  ];
  return [{ kind: 'physics', headers: meant.map(({ header }) => header), text, choices }];
}

export function askOtherUnits(
  found: readonly OtherUnit[],
  columns: readonly FileColumn[],
): IntakeQuestion[] {
  const others = found.filter((one) => !isAngle(one));
  return [
    ...askAngles(found.filter(isAngle), columns),
    ...others.flatMap((one) => askOtherUnit(one, columns)),
  ];
}

export const isAngle = ({ quantity }: OtherUnit): boolean =>
  (ANGLES as readonly Scaled[]).includes(quantity);

/** Returns a column that would agree in another unit. */
function askOtherUnit(
  { quantity, unit }: OtherUnit,
  columns: readonly FileColumn[],
): IntakeQuestion[] {
  const column = columnFor(columns, quantity);
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
  return [{ kind: 'physics', headers: alike.map(({ header }) => header), text, choices } as const];
}
