import { tableFeatures, useTable } from '@tanstack/react-table';
import type { ColumnDef, RowData } from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef } from 'react';
import type { ReactNode, Ref } from 'react';

export const TABLE_FEATURES = tableFeatures({});
export type TableFeatures = typeof TABLE_FEATURES;

/** Height of a row, px; one line of words and one of small print. */
const ROW_PX = 48;
const OVERSCAN = 12;

interface DataTableProps<Row extends RowData> {
  readonly label: string;
  readonly columns: readonly ColumnDef<TableFeatures, Row>[];
  readonly rows: readonly Row[];
  readonly keyOf: (row: Row) => string;
  /** How a row stands: the chosen one, one pointed at, or one like the others. */
  readonly toneOf: (row: Row) => 'chosen' | 'pointed' | 'plain';
  readonly onChoose: (row: Row, event: { readonly shiftKey: boolean }) => void;
  /** The row to bring into view, by its key; null leaves the table where it is. */
  readonly inView: string | null;
  /** Rows that stay under the others: averages. */
  readonly foot?: ReactNode;
  readonly className?: string;
}

const TONES = {
  chosen: 'bg-wash',
  pointed: 'bg-line/40',
  plain: 'hover:bg-line/25',
} as const;

const HEAD = 'border-b border-line px-1 py-1 font-semibold whitespace-nowrap';
const CELL = 'px-1 font-mono text-[0.9rem] whitespace-nowrap';

interface ScrollerProps {
  readonly ref: Ref<HTMLDivElement>;
  readonly className: string;
  readonly label: string;
  readonly children: ReactNode;
}

/** What the rows scroll in; by the keys too. */
const Scroller = ({ ref, className, label, children }: ScrollerProps) => (
  <div
    ref={ref}
    className={`overflow-auto ${className}`}
    tabIndex={0}
    role="region"
    aria-label={label}
  >
    {children}
  </div>
);

/** The rows that are not drawn, as high as they are. */
const Gap = ({ height }: { height: number }) =>
  height <= 0 ? null : (
    <tr aria-hidden>
      <td style={{ height }} />
    </tr>
  );

type Columns<Row extends RowData> = DataTableProps<Row>['columns'];

/** Returns the rows in view, and how high what is above and below them is. */
function useRowsInView<Row extends RowData>(
  columns: Columns<Row>,
  rows: DataTableProps<Row>['rows'],
  keyOf: (row: Row) => string,
  inView: string | null,
) {
  const scroller = useRef<HTMLDivElement>(null);
  const table = useTable({
    features: TABLE_FEATURES,
    columns,
    data: rows,
  });
  const all = table.getRowModel().rows;
  const virtual = useVirtualizer({
    count: all.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: OVERSCAN,
  });
  const at = inView === null ? -1 : rows.findIndex((row) => keyOf(row) === inView);
  useEffect(() => {
    if (at >= 0) virtual.scrollToIndex(at, { align: 'auto' });
  }, [at, virtual]);
  const items = virtual.getVirtualItems();
  const above = items[0]?.start ?? 0;
  const below = virtual.getTotalSize() - (items.at(-1)?.end ?? 0);
  return { scroller, table, all, items, above, below };
}

/** A table of any length: only the rows in view are drawn. */
export function DataTable<Row extends RowData>({
  label,
  columns,
  rows,
  keyOf,
  toneOf,
  onChoose,
  inView,
  foot,
  className = '',
}: DataTableProps<Row>) {
  const { scroller, table, all, items, above, below } = useRowsInView(columns, rows, keyOf, inView);
  return (
    <Scroller ref={scroller} className={className} label={label}>
      <table className="w-full text-left" aria-rowcount={all.length + 1}>
        <thead className="sticky top-0 z-10 bg-sheet text-sm text-soft">
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id}>
              {group.headers.map((header) => (
                <th key={header.id} scope="col" className={HEAD}>
                  <table.FlexRender header={header} />
                </th>
              ))}
            </tr>
          ))}
        </thead>
        <tbody>
          <Gap height={above} />
          {items.map(({ index }) => {
            const row = all[index]!;
            const tone = toneOf(row.original);
            return (
              <tr
                key={keyOf(row.original)}
                aria-rowindex={index + 2}
                aria-selected={tone === 'chosen'}
                onClick={(event) => onChoose(row.original, event)}
                className={`h-12 cursor-pointer border-b border-line/60 ${TONES[tone]}`}
              >
                {row.getAllCells().map((cell) => (
                  <td key={cell.id} className={CELL}>
                    <table.FlexRender cell={cell} />
                  </td>
                ))}
              </tr>
            );
          })}
          <Gap height={below} />
        </tbody>
        {foot !== undefined && (
          <tfoot className="sticky bottom-0 z-10 bg-paper font-mono text-[0.9rem]">{foot}</tfoot>
        )}
      </table>
    </Scroller>
  );
}
