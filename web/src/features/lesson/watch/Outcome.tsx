import { findClub, infoOf } from '@loxos/core';
import type { ChangedFigure, IntakeColumn } from '../../../api/client.ts';

/** Columns with figures that were left out, and why. */
export function LeftOut({ columns }: { columns: readonly IntakeColumn[] }) {
  const left = columns.filter(
    ({ meaning, examples, header }) =>
      meaning === null && header !== '' && examples.some((text) => /\d/.test(text)),
  );
  if (left.length === 0) return null;
  return (
    <details className="mt-1">
      <summary className="min-h-9 cursor-pointer py-1 text-soft">
        {left.length === 1 ? '1 column was' : `${left.length} columns were`} left out:{' '}
        {left.map(({ header }) => header).join(', ')}
      </summary>
      <ul className="list-disc pl-5 text-sm">
        {left.map(({ index, header, reason }) => (
          <li key={index}>
            {header}: {reason}
          </li>
        ))}
      </ul>
    </details>
  );
}

type Changed = ChangedFigure['quantity'];
const labelOf = (quantity: Changed): string =>
  quantity === 'club' ? 'Club' : infoOf(quantity).label;
const unitOf = (quantity: Changed): string => (quantity === 'club' ? '' : infoOf(quantity).unit);

const shown = (value: ChangedFigure['from']): string => {
  if (value === null) return 'none';
  return typeof value === 'string'
    ? (findClub(value)?.label ?? value)
    : String(Number(value.toFixed(2))).replace('-', '−');
};

/** Figures of a file read again that read otherwise now. */
export function Changes({ changed }: { changed: readonly ChangedFigure[] }) {
  if (changed.length === 0) return null;
  const names = [...new Set(changed.map(({ quantity }) => labelOf(quantity).toLowerCase()))];
  return (
    <details className="mt-1">
      <summary className="min-h-9 cursor-pointer py-1">What changed: {names.join(', ')}</summary>
      <ul className="max-h-60 overflow-y-auto font-mono text-sm" tabIndex={0}>
        {changed.map(({ line, quantity, from, to }) => (
          <li key={`${line} ${quantity}`}>
            line {line} · {labelOf(quantity)} {shown(from)} → {shown(to)} {unitOf(quantity)}
          </li>
        ))}
      </ul>
    </details>
  );
}
