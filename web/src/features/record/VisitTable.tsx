import { followedLabel, recordCsv, standText } from '@loxos/core';
import type { PlayerRecord, RecordWording } from '@loxos/core';
import { Download } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { ColumnDef } from '@tanstack/react-table';
import { Button } from '../../ui/Button.tsx';
import { DataTable } from '../../ui/DataTable.tsx';
import type { TableFeatures } from '../../ui/DataTable.tsx';
import { shortDay } from '../../ui/day-text.ts';
import { saveFile } from '../../ui/save-file.ts';

type Row = PlayerRecord['visits'][number];

/** Returns a column for the day, the balls and each figure. */
function columnsOf({ followed }: PlayerRecord, wording: RecordWording) {
  const byFigure = followed.map(({ figure, points }) => ({
    figure,
    of: new Map(points.map((point) => [point.lessonId, point])),
  }));
  const columns: ColumnDef<TableFeatures, Row>[] = [
    {
      id: 'visit',
      header: 'Visit',
      cell: ({ row: { original } }) => (
        <Link to={`/lessons/${original.lessonId}/read`} className="inline-block py-2 underline">
          {shortDay(original.at)}
        </Link>
      ),
    },
    { id: 'balls', header: 'Balls', cell: ({ row: { original } }) => original.balls },
    ...byFigure.map(({ figure, of }): ColumnDef<TableFeatures, Row> => ({
      id: figure,
      header: followedLabel(figure),
      cell: ({ row: { original } }) => {
        const point = of.get(original.lessonId);
        return point === undefined ? '–' : standText(figure, point.middle, point.half95, wording);
      },
    })),
  ];
  return columns;
}

interface VisitTableProps {
  readonly record: PlayerRecord;
  readonly wording: RecordWording;
  readonly file: string;
}

function Rows({ record, wording }: Omit<VisitTableProps, 'file'>) {
  const navigate = useNavigate();
  const { hand, units } = wording;
  const columns = useMemo(
    () => columnsOf(record, { hand, units, dayText: shortDay }),
    [record, hand, units],
  );
  const rows = useMemo(() => [...record.visits].reverse(), [record]);
  return (
    <DataTable
      label="All visits"
      columns={columns}
      rows={rows}
      keyOf={({ lessonId }) => lessonId}
      toneOf={() => 'plain'}
      onChoose={({ lessonId }) => void navigate(`/lessons/${lessonId}/read`)}
      inView={null}
      className="max-h-[28rem]"
    />
  );
}

/** What stands behind the chart, visit by visit; each opens its lesson. */
export function VisitTable({ record, wording, file }: VisitTableProps) {
  // A table that nobody looks at is not made.
  const [isOpen, setOpen] = useState(false);
  return (
    <details className="panel p-3" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 text-lg font-semibold">
        All {record.visits.length} visits as a table
      </summary>
      {isOpen && <Rows record={record} wording={wording} />}
      <Button look="quiet" onClick={() => saveFile(`${file}.csv`, 'text/csv', recordCsv(record))}>
        <Download aria-hidden size={16} /> Save as CSV
      </Button>
    </details>
  );
}
