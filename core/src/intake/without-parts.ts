/** A launch file without the rows of some of its parts: what is left of it when one of its players goes. */
import Papa from 'papaparse';
import { parseLaunchFile } from './parse.ts';
import type { IntakeOptions } from './questions/options.ts';
import type { ParsedLaunchFile } from './parse.ts';
import type { RawTable } from './table/raw.ts';
import { nameKey } from './columns/vocabulary.ts';

/** What is left of a file. */
export interface Lessened {
  /** As delimited text, each row on the line it was on. */
  readonly text: string;
  /** The lines that are empty now. */
  readonly taken: ReadonlySet<number>;
}

const fates = ({ rows }: ParsedLaunchFile) =>
  new Map(rows.map(({ line, fate }) => [line, fate] as const));

const wordsOf = (text: string): string[] =>
  text
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '')
    .map(nameKey);

/** Returns whether a text has every word of a name: `Jo` is not in `Jon Smith`. */
function holdsName(text: string, name: string): boolean {
  const words = new Set(wordsOf(text));
  return wordsOf(name).every((word) => words.has(word));
}

/** Lines that only the dropped parts have, or that name their players. */
function linesOf(
  table: RawTable,
  options: IntakeOptions,
  isDropped: (key: string) => boolean,
): Set<number> {
  const all = parseLaunchFile(table, { ...options, parts: [] });
  const keys = all.parts.map(({ key }) => key);
  const drop = keys.filter(isDropped);
  const keep = keys.filter((key) => !isDropped(key));
  const gone = fates(parseLaunchFile(table, { ...options, parts: drop }));
  const left = fates(parseLaunchFile(table, { ...options, parts: keep }));
  const playersOf = (some: readonly string[]): string[] =>
    all.parts.filter(({ key }) => some.includes(key)).map(({ player }) => player);
  const kept = new Set(playersOf(keep).map(nameKey));
  const names = playersOf(drop).filter((name) => name !== '' && !kept.has(nameKey(name)));
  const isNamed = (cells: readonly string[]): boolean =>
    cells.some((cell) => !kept.has(nameKey(cell)) && names.some((name) => holdsName(cell, name)));
  return new Set(
    table.rows
      .filter(
        ({ line, cells }) =>
          (left.get(line) === 'other' && gone.get(line) !== 'other') ||
          (left.get(line) !== 'ball' && isNamed(cells)),
      )
      .map(({ line }) => line),
  );
}

/** Returns the file without some of its parts; null where it has nothing of them. */
export function withoutParts(
  table: RawTable,
  options: IntakeOptions,
  isDropped: (key: string) => boolean,
): Lessened | null {
  const taken = linesOf(table, options, isDropped);
  if (taken.size === 0) return null;
  const last = table.rows.at(-1)?.line ?? 0;
  const lines: string[] = Array.from({ length: last }, () => '');
  for (const { line, cells } of table.rows) {
    if (taken.has(line)) continue;
    const plain = cells.map((cell) => cell.replace(/\s*[\r\n]+\s*/g, ' '));
    lines[line - 1] = Papa.unparse([plain], { delimiter: table.delimiter ?? ',' });
  }
  return { text: `${lines.join('\r\n')}\r\n`, taken };
}
