/** What a file of ours tells of each ball beside its figures: whether it counts, who saw it, what was not said, how it was struck, a note. */
import { withoutGuard } from '../intake/formula.ts';
import { TOLD_COLUMNS } from '../intake/ball-file.ts';
import type { RowFate } from '../intake/rows/fate.ts';
import type { RawTable } from '../intake/table/raw.ts';
import { OPEN_AMOUNTS } from '../inverse/eye.ts';
import { CONTACTS, KEEPS, SEEN_BY } from './ball.ts';
import type { LessonBall } from './ball.ts';

export type ToldBall = Required<Pick<LessonBall, 'keep' | 'seen' | 'openAmount' | 'contact'>> & {
  readonly note: string;
};

/** A ball of any other file: a monitor measured it, and nothing was said of it. */
export const MEASURED_TOLD: ToldBall = {
  keep: 'auto',
  seen: 'monitor',
  openAmount: null,
  contact: null,
  note: '',
};

const oneOf = <T extends string, F>(all: readonly T[], text: string, otherwise: F): T | F =>
  all.find((one) => one === text) ?? otherwise;

/** Columns without which a file is not ours: nobody else's has both. */
const OURS = [TOLD_COLUMNS.keep, TOLD_COLUMNS.seen] as const;

/** Returns what is told of each ball that was read, by its place; of a file that is not ours nothing is. */
export function toldInFile(table: RawTable, rows: readonly RowFate[], balls: number): ToldBall[] {
  const told = Array.from({ length: balls }, () => MEASURED_TOLD);
  const head = table.rows.find(({ cells }) => OURS.every((name) => cells.includes(name)))?.cells;
  if (head === undefined) return told;
  const cellsAt = new Map(table.rows.map(({ line, cells }) => [line, cells]));
  for (const { line, ball } of rows) {
    if (ball === null) continue;
    const cells = cellsAt.get(line) ?? [];
    const text = (name: keyof typeof TOLD_COLUMNS): string =>
      cells[head.indexOf(TOLD_COLUMNS[name])] ?? '';
    told[ball] = {
      keep: oneOf(KEEPS, text('keep'), MEASURED_TOLD.keep),
      seen: oneOf(SEEN_BY, text('seen'), MEASURED_TOLD.seen),
      openAmount: oneOf(OPEN_AMOUNTS, text('openAmount'), null),
      contact: oneOf(CONTACTS, text('contact'), null),
      note: withoutGuard(text('note')),
    };
  }
  return told;
}
