import { useState } from 'react';
import type { IntakeRow, LaunchFile } from '../../../api/client.ts';
import { useRows } from '../../../api/queries.ts';
import { Button } from '../../../ui/Button.tsx';
import { Segments } from '../../../ui/Segments.tsx';

type Fate = IntakeRow['fate'];

const FATE_WORDS: Readonly<Record<Fate, string>> = {
  ball: 'added',
  known: 'already here',
  rejected: 'refused',
  other: 'of another part',
  header: 'column names',
  units: 'units',
  preamble: 'above the column names',
  title: 'says something of the rows below',
  note: 'words, no ball',
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
        {row.text !== undefined && row.text !== '' && (
          <span className="block font-mono text-sm break-words text-soft">{row.text}</span>
        )}
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

/** Every row of a file that is in the lesson as it came, all or those of one fate; asked for once somebody looks. */
export function FileRows({ file }: { file: LaunchFile }) {
  const [isOpen, setOpen] = useState(false);
  const [fate, setFate] = useState<Fate | 'all'>('all');
  const asked = fate === 'all' ? undefined : fate;
  const { data, error, hasNextPage, fetchNextPage, isFetching } = useRows(file, asked, isOpen);
  const rows = data?.pages.flatMap((page) => page.rows) ?? [];
  const fates = data?.pages[0]?.fates ?? [];
  return (
    <details className="mt-1" onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary className="min-h-9 cursor-pointer py-1 text-soft">
        Every row of the file{file.refusedCount > 0 && `, ${file.refusedCount} refused`}
      </summary>
      {error !== null && <p>▲ {error.message}</p>}
      {fates.length > 1 && (
        <Segments
          legend="Rows shown"
          isLegendHidden
          value={fate}
          options={[
            ['all', 'all'],
            ...fates.map((one) => [one.fate, `${FATE_WORDS[one.fate]} ${one.count}`] as const),
          ]}
          onChange={setFate}
        />
      )}
      {rows.length > 0 && <RowFates rows={rows} />}
      {hasNextPage && (
        <Button look="quiet" disabled={isFetching} onClick={() => void fetchNextPage()}>
          Show more rows
        </Button>
      )}
    </details>
  );
}
