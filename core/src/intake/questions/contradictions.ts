/** What the columns of a file say of each other that cannot be, each as one question with what would mend it. */
import { isContradiction } from '../rows/complete.ts';
import { columnFor } from '../columns/layout.ts';
import type { FileColumn } from '../columns/layout.ts';
import type { PhysicsRow } from '../checks/measured-rows.ts';
import { TURNABLE, turnedColumns } from '../checks/signs.ts';
import type { Turnable } from '../checks/signs.ts';
import { hasPlainSigns, named, sayOf } from './questions.ts';
import type { IntakeChoice, IntakeQuestion } from './questions.ts';
import type { RawRow } from '../table/raw.ts';
import type { Draft } from '../rows/row.ts';

/** The column a turnable figure stands in: a spin axis may be given as side spin. */
const turnableColumn = (columns: readonly FileColumn[], figure: Turnable): FileColumn | undefined =>
  columnFor(columns, figure) ??
  (figure === 'spinAxisTiltDeg' ? columnFor(columns, 'sideSpinRpm') : undefined);

/** Figures of the file that carry signs, each with its column. */
export function signColumns(
  columns: readonly FileColumn[],
  rows: readonly RawRow[],
): ReadonlyMap<Turnable, FileColumn> {
  const found = TURNABLE.flatMap((figure): [Turnable, FileColumn][] => {
    const column = turnableColumn(columns, figure);
    return column !== undefined && hasPlainSigns(column, rows) ? [[figure, column]] : [];
  });
  return new Map(found);
}

/** Figures of the file whose signs nobody has confirmed. */
export const turnableOf = (columns: readonly FileColumn[], rows: readonly RawRow[]): Turnable[] =>
  [...signColumns(columns, rows)]
    .filter(([, { plusFrom, turned }]) => plusFrom !== 'coach' && turned === null)
    .map(([figure]) => figure);

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
    (quantity) => columnFor(columns, quantity) ?? [],
  );
  const text = `In ${astray} rows face to path is not face less path. One of ${named(parts)} is something else.`;
  const choices = parts.map((column) => ({
    label: `Leave out “${column.header}”`,
    says: { columns: [sayOf(column, { meaning: null })] },
    isLikely: false,
  }));
  return [{ kind: 'physics', headers: parts.map(({ header }) => header), text, choices }];
}
