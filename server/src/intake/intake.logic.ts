import type { KnownBall } from '../balls/balls.repository.ts';
import { MOST_ROWS } from './intake.dto.ts';
import type { FateCount, Row, RowPage } from './intake.dto.ts';

export interface Marked {
  readonly rows: readonly Row[];
  /** Balls of the lesson that rows of the file are. */
  readonly held: readonly string[];
  /** Whether the row on a line is a ball the lesson does not have. */
  readonly isNew: (line: number) => boolean;
}

/** Balls by what is on their lines: of equal ones the earlier first. */
export function byPrint(balls: readonly KnownBall[]): Map<string, KnownBall[]> {
  const left = new Map<string, KnownBall[]>();
  for (const ball of balls) {
    const alike = left.get(ball.print);
    if (alike === undefined) left.set(ball.print, [ball]);
    else alike.push(ball);
  }
  return left;
}

const HERE = 'This ball is already in the lesson.';
/** Said of a row whose ball was deleted by hand. */
export const DELETED = 'This ball was deleted from the lesson; it is not brought back.';

/** Marks rows whose ball the lesson already has as `known`, each known ball once. */
export function markKnown(
  rows: readonly Row[],
  prints: ReadonlyMap<number, string>,
  known: readonly KnownBall[],
): Marked {
  // What is there is matched before what was deleted.
  const left = byPrint([...known].sort((a, b) => Number(a.isDeleted) - Number(b.isDeleted)));
  const held: string[] = [];
  const marked = rows.map((row): Row => {
    const print = prints.get(row.line);
    const found = print === undefined ? undefined : left.get(print)?.shift();
    if (row.fate !== 'ball' || found === undefined) return row;
    held.push(found.id);
    return { ...row, fate: 'known', reason: found.isDeleted ? DELETED : HERE };
  });
  const fresh = new Set(marked.filter(({ fate }) => fate === 'ball').map(({ line }) => line));
  return { rows: marked, held, isNew: (line) => fresh.has(line) };
}

const countText = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;

/** Returns what was added and what was not, in a sentence. */
export function resultMessage(rows: readonly Row[], rereadCount = 0): string {
  const count = (fate: Row['fate']): number => rows.filter((row) => row.fate === fate).length;
  const added = count('ball') - rereadCount;
  const parts =
    rereadCount > 0
      ? [
          `${countText(rereadCount, 'ball', 'balls')} read anew`,
          ...(added > 0 ? [`${countText(added, 'ball', 'balls')} added`] : []),
        ]
      : [`${countText(added, 'ball', 'balls')} added`];
  if (count('known') > 0) parts.push(`${count('known')} already here`);
  const deleted = rows.filter(({ reason }) => reason === DELETED).length;
  if (deleted > 0) parts.push(`${deleted} of them deleted before and left out`);
  if (count('other') > 0) parts.push(`${countText(count('other'), 'row', 'rows')} of others left`);
  if (count('rejected') > 0)
    parts.push(`${countText(count('rejected'), 'row', 'rows')} refused: see why below`);
  return `${parts.join(', ')}.`;
}

/** Returns how many rows met each fate, the refused first. */
function fateCounts(rows: readonly Row[]): FateCount[] {
  const counts = new Map<Row['fate'], number>();
  for (const { fate } of rows) counts.set(fate, (counts.get(fate) ?? 0) + 1);
  return [...counts]
    .map(([fate, count]) => ({ fate, count }))
    .sort((a, b) => Number(b.fate === 'rejected') - Number(a.fate === 'rejected'));
}

/** So many rows of a file, or those of one fate, the refused before the others, after some that are left out. */
export function rowPage(rows: readonly Row[], skip = 0, fate?: Row['fate']): RowPage {
  const asked = fate === undefined ? rows : rows.filter((row) => row.fate === fate);
  const refused = asked.filter((row) => row.fate === 'rejected');
  const others = asked.filter((row) => row.fate !== 'rejected');
  const some = [...refused, ...others].slice(skip, skip + MOST_ROWS);
  const refusedCount = rows.filter((row) => row.fate === 'rejected').length;
  return { rows: some, count: asked.length, refused: refusedCount, fates: fateCounts(rows) };
}
