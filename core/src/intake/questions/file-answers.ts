import type { Hand } from '../../line/hand.ts';
import type { IntakeOptions } from './options.ts';
import type { ColumnSaid, IntakeSays } from './questions.ts';

/** Whom a file is read for, and for a lesson when, as ISO 8601. */
export interface FileFor {
  readonly hand: Hand;
  readonly player: string;
  readonly lessonAt?: string;
}

/** Returns what is said of a file, as its reader takes it. */
export function optionsOf(says: IntakeSays, { hand, player, lessonAt }: FileFor): IntakeOptions {
  const columns = (says.columns ?? []).map(({ header, ...said }) => [header, said] as const);
  const { signs, decimal, dayOrder, clubs, parts } = says;
  return {
    hand,
    player,
    ...(lessonAt !== undefined && { lessonAt }),
    mapping: Object.fromEntries(columns),
    ...(signs !== undefined && { signs }),
    ...(decimal !== undefined && { decimal }),
    ...(dayOrder !== undefined && { dayOrder }),
    ...(clubs !== undefined && { clubs }),
    ...(parts !== undefined && { parts }),
  };
}

/** Returns what was said of a file with more said: of a column, what is said now goes over what was. */
export function saidWith<S extends IntakeSays>(before: S, more: S): S {
  const columns = new Map<string, ColumnSaid>(
    (before.columns ?? []).map((column) => [column.header, column]),
  );
  for (const column of more.columns ?? []) {
    const old = columns.get(column.header);
    const isSame = old !== undefined && old.meaning === column.meaning;
    columns.set(column.header, isSame ? { ...old, ...column } : column);
  }
  const clubs = new Map(
    [...(before.clubs ?? []), ...(more.clubs ?? [])].map((one) => [one.text, one]),
  );
  const all = { ...before, ...more, ...(clubs.size > 0 && { clubs: [...clubs.values()] }) };
  return columns.size === 0 ? all : { ...all, columns: [...columns.values()] };
}
