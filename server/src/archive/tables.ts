import { getTableColumns } from 'drizzle-orm';
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core';
import {
  ball,
  ballFile,
  block,
  history,
  homeworkTick,
  launchFile,
  lesson,
  lessonPart,
  ownDrill,
  pageWord,
  player,
  playerConsent,
  repetition,
  setting,
  sharedPage,
  sourceMapping,
} from '../db/schema/index.ts';

/** Everything an academy has, in the order its rows refer to each other. People and passwords do not travel. */
export const TABLES = {
  setting,
  sourceMapping,
  ownDrill,
  player,
  playerConsent,
  lesson,
  launchFile,
  block,
  ball,
  ballFile,
  lessonPart,
  sharedPage,
  homeworkTick,
  pageWord,
  repetition,
  history,
} as const satisfies Readonly<Record<string, SQLiteTable>>;
export type TableName = keyof typeof TABLES;
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];

/** Columns that are of one place alone: whose academy it is, and what lets somebody in. */
const OF_THE_PLACE: ReadonlySet<string> = new Set([
  'academyId',
  // Counted anew where they come in.
  'ballCount of lesson',
  'ballsVersion of lesson',
  'refusedCount of launchFile',
  'tokenHash',
  'coachId',
  'userId',
  'changeId',
]);

/** Returns the columns of a table that travel. */
export function travellingColumns(name: TableName): Readonly<Record<string, SQLiteColumn>> {
  const columns = Object.entries(getTableColumns(TABLES[name])) as [string, SQLiteColumn][];
  return Object.fromEntries(
    columns.filter(
      ([column]) => !OF_THE_PLACE.has(column) && !OF_THE_PLACE.has(`${column} of ${name}`),
    ),
  );
}

/** Returns whether a table has a column. */
export const hasColumn = (name: TableName, column: string): boolean =>
  column in getTableColumns(TABLES[name]);

/** Why a value cannot stand in a column, or null. */
export function columnTrouble(column: SQLiteColumn, value: unknown): string | null {
  if (value === null || value === undefined)
    return column.notNull && !column.hasDefault ? 'is missing' : null;
  const kind = column.dataType;
  if (kind !== typeof value) return `is no ${kind}`;
  if (kind === 'number' && !Number.isFinite(value)) return 'is no number';
  const choices = column.enumValues as readonly string[] | undefined;
  if (choices !== undefined && choices.length > 0 && !choices.includes(value as string))
    return `is none of ${choices.join(', ')}`;
  return null;
}
