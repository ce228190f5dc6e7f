import { createHash } from 'node:crypto';
import { optionsOf, readFileBytes, withoutParts } from '@loxos/core';
import type { FileFor } from '@loxos/core';
import type { IntakeAnswers, Row } from './intake.dto.ts';

/** A launch file of a lesson, with its bytes. */
export interface HeldFile {
  readonly name: string;
  /** JSON: what it was read by; null of an older version. */
  readonly answers: string | null;
  /** JSON: what became of its rows. */
  readonly rows: string;
  readonly content: Uint8Array;
}

/** The same with fewer rows. */
export interface SmallerFile extends HeldFile {
  readonly answers: string;
  readonly content: Buffer;
  readonly sha256: string;
  readonly sizeBytes: number;
}

/** Returns which parts of a file a lesson has; null where it has all of it. */
export const partsIn = (answers: string | null): readonly string[] | null =>
  (JSON.parse(answers ?? '{}') as IntakeAnswers).parts ?? null;

/**
 * Returns a lesson's file without the rows of some of its parts, as text; null where it has none of them. Nothing of its balls
 * changes: what is left stands on the lines it stood on.
 */
export async function fileWithoutParts(
  { name, answers, rows, content }: HeldFile,
  readFor: FileFor,
  isDropped: (key: string) => boolean,
): Promise<SmallerFile | null> {
  const reading = await readFileBytes(content);
  if (reading.outcome === 'refused') return null;
  const { table } = reading;
  const said = JSON.parse(answers ?? '{}') as IntakeAnswers;
  const less = withoutParts(table, optionsOf(said, readFor), isDropped);
  if (less === null) return null;
  const bytes = Buffer.from(less.text);
  // A sheet or JSON has numbers, and becomes text with points.
  const isText = table.delimiter !== null;
  const left = (JSON.parse(rows) as Row[]).filter(({ line }) => !less.taken.has(line));
  return {
    name: isText ? name : `${name.replace(/\.\w+$/, '')}.csv`,
    answers: JSON.stringify(isText ? said : { ...said, decimal: 'dot' }),
    rows: JSON.stringify(left),
    content: bytes,
    sha256: createHash('sha256').update(bytes).digest('hex'),
    sizeBytes: bytes.length,
  };
}
