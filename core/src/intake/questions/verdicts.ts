/** What the columns of a file say of each other by the model, whoever has said what they are. */
import { signColumns } from './contradictions.ts';
import type { FileColumn } from '../columns/layout.ts';
import type { PhysicsRow } from '../checks/measured-rows.ts';
import { otherUnits, sizesTold } from '../checks/scale.ts';
import { signsTold, turnedColumns } from '../checks/signs.ts';
import type { IntakeQuestion } from './questions.ts';
import type { RawRow } from '../table/raw.ts';
import { scaledColumns } from './unit-questions.ts';

/** Whether the others agree with a column or contradict it; of what they cannot tell nothing is said. */
export type ColumnVerdict = 'agrees' | 'contradicts';

/** Returns what the other columns say of each, by its name. Nothing agrees with one of which something is still asked. */
export function verdictsOn(
  columns: readonly FileColumn[],
  rows: readonly RawRow[],
  tried: readonly PhysicsRow[],
  questions: readonly IntakeQuestion[],
): Readonly<Record<string, ColumnVerdict>> {
  const signed = signColumns(columns, rows);
  const scaled = columns.filter(({ unit }) => unit !== null);
  const off = new Set<string>([
    ...turnedColumns(tried, [...signed.keys()]).flat(),
    ...otherUnits(tried, scaledColumns(scaled)).map(({ quantity }) => quantity),
  ]);
  const told = new Set<string>([...signsTold(tried), ...sizesTold(tried)]);
  const open = new Set(questions.flatMap(({ headers }) => headers));
  const verdicts = scaled.flatMap((column): [string, ColumnVerdict][] => {
    const figure = column.meaning === 'sideSpinRpm' ? 'spinAxisTiltDeg' : column.meaning!;
    if (off.has(figure)) return [[column.header, 'contradicts']];
    return told.has(figure) && !open.has(column.header) ? [[column.header, 'agrees']] : [];
  });
  return Object.fromEntries(verdicts);
}
