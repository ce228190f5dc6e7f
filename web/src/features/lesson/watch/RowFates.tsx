import { useState } from 'react';
import type { IntakeRow, LaunchFile } from '../../../api/client.ts';
import { useRows } from '../../../api/queries.ts';
import { Button } from '../../../ui/Button.tsx';

const FATE_WORDS: Readonly<Record<IntakeRow['fate'], string>> = {
  ball: 'added',
  known: 'already here',
  rejected: 'refused',
  header: 'column names',
  units: 'units',
  preamble: 'above the column names',
  summary: 'a summary, not a ball',
  blank: 'blank',
};

const isRefused = ({ fate }: IntakeRow): boolean => fate === 'rejected';

function RowFate({ row }: { row: IntakeRow }) {
  return (
    <li className="grid grid-cols-[5rem_1fr] gap-2 border-b border-line/60 py-1">
      <span className="font-mono text-soft">line {row.line}</span>
      <span>
        <span className={isRefused(row) ? 'font-semibold text-look' : ''}>
          {isRefused(row) && '▲ '}
          {FATE_WORDS[row.fate]}
        </span>
        {row.reason !== '' && <span> · {row.reason}</span>}
      </span>
    </li>
  );
}

/** Rows of a file and what became of each; the refused ones come first. */
export function RowFates({ rows }: { rows: readonly IntakeRow[] }) {
  return (
    <ul className="max-h-72 overflow-y-auto text-sm" tabIndex={0} aria-label="Rows of the file">
      {rows.map((row) => (
        <RowFate key={row.line} row={row} />
      ))}
    </ul>
  );
}

/** Every row of a file that is in the lesson, asked for once somebody looks. */
export function FileRows({ file }: { file: LaunchFile }) {
  const [isOpen, setOpen] = useState(false);
  const { data, error, hasNextPage, fetchNextPage, isFetching } = useRows(file, isOpen);
  const rows = data?.pages.flatMap((page) => page.rows) ?? [];
  return (
    <details className="mt-1" onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary className="min-h-9 cursor-pointer py-1 text-soft">
        Every row of the file{file.refusedCount > 0 && `, ${file.refusedCount} refused`}
      </summary>
      {error !== null && <p>▲ {error.message}</p>}
      {rows.length > 0 && <RowFates rows={rows} />}
      {hasNextPage && (
        <Button look="quiet" disabled={isFetching} onClick={() => void fetchNextPage()}>
          Show more rows
        </Button>
      )}
    </details>
  );
}
