import type { IntakeRow } from '../../../api/client.ts';

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

/** Every row of a file and what became of it; the refused ones first. */
export function RowFates({ rows, open = false }: { rows: readonly IntakeRow[]; open?: boolean }) {
  const refused = rows.filter(({ fate }) => fate === 'rejected');
  const rest = rows.filter(({ fate }) => fate !== 'rejected');
  const line = (row: IntakeRow) => (
    <li key={row.line} className="grid grid-cols-[5rem_1fr] gap-2 border-b border-line/60 py-1">
      <span className="font-mono text-soft">line {row.line}</span>
      <span>
        <span className={row.fate === 'rejected' ? 'font-semibold text-look' : ''}>
          {row.fate === 'rejected' && '▲ '}
          {FATE_WORDS[row.fate]}
        </span>
        {row.reason !== '' && <span> · {row.reason}</span>}
      </span>
    </li>
  );
  return (
    <details open={open} className="mt-1">
      <summary className="min-h-9 cursor-pointer py-1 text-soft">
        Every row of the file{refused.length > 0 && `, ${refused.length} refused`}
      </summary>
      <ul className="max-h-72 overflow-y-auto text-sm" tabIndex={0} aria-label="Rows of the file">
        {refused.map(line)}
        {rest.map(line)}
      </ul>
    </details>
  );
}
