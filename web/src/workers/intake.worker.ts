import { optionsOf, parseLaunchFile, readFileBytes } from '@loxos/core';
import type { Hand, IntakeSays, ParsedLaunchFile, RawTable } from '@loxos/core';
import { expose } from 'comlink';

/** Balls shown of a file before it is brought in. */
const SHOWN = 8;

/** What a file would be read as, with what was said of it. */
export interface Preview extends Pick<
  ParsedLaunchFile,
  'columns' | 'verdicts' | 'questions' | 'notes' | 'parts'
> {
  readonly balls: ParsedLaunchFile['balls'];
  /** Cells of the rows these balls stand in, as they came. */
  readonly cells: readonly (readonly string[])[];
  readonly ballCount: number;
  readonly refusedCount: number;
}

/** The table of the file that was opened last. */
let table: RawTable | null = null;

/** Returns the preview of a table under what was said. */
export function previewOf(opened: RawTable, says: IntakeSays, hand: Hand, player: string): Preview {
  const read = parseLaunchFile(opened, { ...optionsOf(says, { hand, player }), isShown: true });
  const byLine = new Map(opened.rows.map(({ line, cells }) => [line, cells]));
  const shown = read.rows.filter(({ ball }) => ball !== null).slice(0, SHOWN);
  return {
    columns: read.columns,
    verdicts: read.verdicts,
    questions: read.questions,
    notes: read.notes,
    parts: read.parts,
    balls: shown.map(({ ball }) => read.balls[ball!]!),
    cells: shown.map(({ line }) => byLine.get(line) ?? []),
    ballCount: read.balls.length,
    refusedCount: read.rows.filter(({ fate }) => fate === 'rejected').length,
  };
}

const worker = {
  /** Opens a file; says why it cannot be read, or null. */
  open: async (bytes: ArrayBuffer): Promise<string | null> => {
    const reading = await readFileBytes(new Uint8Array(bytes));
    table = reading.outcome === 'table' ? reading.table : null;
    return reading.outcome === 'refused' ? reading.reason : null;
  },
  preview: (says: IntakeSays, hand: Hand, player: string): Preview | null =>
    table === null ? null : previewOf(table, says, hand, player),
};

export type IntakeWorker = typeof worker;
expose(worker);
