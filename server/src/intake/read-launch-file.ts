import { optionsOf, parseLaunchFile, readFileBytes, saidWith, toldInFile } from '@loxos/core';
import type { FileFor, ParsedLaunchFile, RawTable } from '@loxos/core';
import { fingerprintOf } from './fingerprint.ts';
import { sourceKey } from './source-key.ts';
import type { IntakeAnswers } from './intake.dto.ts';
import { figuresOf, toldOf } from '../balls/measured.ts';
import type { ReadLine } from '../balls/measured.ts';
import type { Task } from '../threads/task.ts';

export interface FileAsked {
  readonly bytes: Uint8Array;
  /** What is said with it. */
  readonly given: IntakeAnswers;
  /** What was said of sources before, JSON by what each is known by. */
  readonly kept: Readonly<Record<string, string>>;
  /** Whether what was said before holds no more. */
  readonly isAskedAgain: boolean;
  /** What it was read by before; null where it was not. A file from before this was kept was read as its source is. */
  readonly was: IntakeAnswers | 'as its source' | null;
  readonly readFor: FileFor;
}

export type FileRead = Pick<
  ParsedLaunchFile,
  'rows' | 'columns' | 'questions' | 'notes' | 'parts'
> & {
  readonly outcome: 'read';
  /** What its source is known by. */
  readonly sourceKey: string;
  /** All that was said of it, now and before. */
  readonly answers: IntakeAnswers;
  readonly balls: readonly ReadLine[];
  /** What is told of each of them, in the order of `TOLD`. */
  readonly told: readonly (readonly (string | null)[])[];
  /** What its lines were read as before. */
  readonly before: readonly (readonly [line: number, was: ReadLine])[];
};
export type FileNotRead = { readonly outcome: 'refused'; readonly reason: string };

/** Returns the first lines of a table as its source writes them: the head is among them. */
const linesOf = ({ rows, delimiter }: RawTable): string[] =>
  rows.slice(0, 30).map(({ cells }) => cells.join(delimiter ?? ','));

const readLine = (ball: ParsedLaunchFile['balls'][number]): ReadLine => ({
  print: fingerprintOf(ball),
  figures: figuresOf(ball),
});

/** Reads a launch file of any kind by all that is known of its source. */
async function readLaunchFile(asked: FileAsked): Promise<FileRead | FileNotRead> {
  const { bytes, given, kept, isAskedAgain, was, readFor } = asked;
  const reading = await readFileBytes(bytes);
  if (reading.outcome === 'refused') return reading;
  const { table } = reading;
  const key = sourceKey(linesOf(table));
  const known = JSON.parse(kept[key] ?? '{}') as IntakeAnswers;
  const answers = isAskedAgain ? given : saidWith(known, given);
  const { balls, rows, columns, questions, notes, parts } = parseLaunchFile(
    table,
    optionsOf(answers, readFor),
  );
  const then = was === 'as its source' ? known : was;
  const before = then === null ? null : parseLaunchFile(table, optionsOf(then, readFor));
  return {
    outcome: 'read',
    sourceKey: key,
    answers,
    rows,
    columns,
    questions,
    notes,
    parts,
    balls: balls.map(readLine),
    told: toldInFile(table, rows, balls.length).map(toldOf),
    before: (before?.rows ?? []).flatMap(({ line, ball }) =>
      ball === null ? [] : [[line, readLine(before!.balls[ball]!)] as const],
    ),
  };
}

interface RowsAsked {
  readonly bytes: Uint8Array;
  readonly lines: readonly number[];
}

/** Returns the rows of a file as they came, by line. */
async function rowsAsTheyCame({
  bytes,
  lines,
}: RowsAsked): Promise<Readonly<Record<number, string>>> {
  const reading = await readFileBytes(bytes);
  if (reading.outcome === 'refused') return {};
  const asked = new Set(lines);
  const { rows, delimiter, sheets } = reading.table;
  /** Of several sheets a row says in which it stands, and where. */
  const placeOf = (line: number): string => {
    const sheet = sheets.filter(({ firstLine }) => firstLine <= line).at(-1);
    return sheets.length < 2 || sheet === undefined
      ? ''
      : `“${sheet.name}”, row ${line - sheet.firstLine + 1}: `;
  };
  return Object.fromEntries(
    rows
      .filter(({ line }) => asked.has(line))
      .map(({ line, cells }) => [line, placeOf(line) + cells.join(delimiter ?? ' | ')]),
  );
}

export const READ_LAUNCH_FILE: Task<FileAsked, FileRead | FileNotRead> = {
  name: 'readLaunchFile',
  work: readLaunchFile,
};
export const ROWS_AS_THEY_CAME: Task<RowsAsked, Readonly<Record<number, string>>> = {
  name: 'rowsAsTheyCame',
  work: rowsAsTheyCame,
};
