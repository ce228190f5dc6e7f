import { followedLabel, standText } from '@loxos/core';
import type { PlayerRecord, RecordWording } from '@loxos/core';
import { Download } from 'lucide-react';
import Papa from 'papaparse';
import { Link } from 'react-router';
import { Button } from '../../ui/Button.tsx';
import { shortDay } from '../../ui/day-text.ts';
import { saveFile } from '../../ui/save-file.ts';

/** The record as rows: figures in degrees, m and mm, positive right or to the toe. */
export const recordCsv = ({ visits, followed }: PlayerRecord): string =>
  Papa.unparse(
    visits.map(({ lessonId, at, balls }) => ({
      visit: at,
      balls,
      ...Object.fromEntries(
        followed.flatMap(({ figure, points }) => {
          const point = points.find((one) => one.lessonId === lessonId);
          return [
            [figure, point?.middle.toFixed(2) ?? ''],
            [`${figure} spread`, point?.spread.toFixed(2) ?? ''],
            [`${figure} error`, point?.error.toFixed(2) ?? ''],
            [`${figure} within`, point?.inside ?? ''],
          ];
        }),
      ),
    })),
    { newline: '\n' },
  );

/** What stands behind the chart, visit by visit; each opens its lesson. */
export function VisitTable({
  record,
  wording,
  file,
}: {
  readonly record: PlayerRecord;
  readonly wording: RecordWording;
  readonly file: string;
}) {
  const { visits, followed } = record;
  return (
    <details className="rounded-xl border border-line bg-sheet p-3">
      <summary className="min-h-11 cursor-pointer py-2 text-lg font-semibold">
        All {visits.length} visits as a table
      </summary>
      <div className="overflow-x-auto">
        <table className="w-full text-left">
          <thead className="text-sm text-soft">
            <tr>
              <th scope="col">Visit</th>
              <th scope="col">Balls</th>
              {followed.map(({ figure }) => (
                <th key={figure} scope="col" className="px-2">
                  {followedLabel(figure)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {[...visits].reverse().map(({ lessonId, at, balls }) => (
              <tr key={lessonId} className="border-t border-line/60">
                <th scope="row" className="font-normal whitespace-nowrap">
                  <Link to={`/lessons/${lessonId}/read`} className="inline-block py-2 underline">
                    {shortDay(at)}
                  </Link>
                </th>
                <td className="font-mono">{balls}</td>
                {followed.map(({ figure, points }) => {
                  const point = points.find((one) => one.lessonId === lessonId);
                  return (
                    <td key={figure} className="px-2 whitespace-nowrap">
                      {point === undefined
                        ? '–'
                        : standText(figure, point.middle, point.half95, wording)}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Button look="quiet" onClick={() => saveFile(`${file}.csv`, 'text/csv', recordCsv(record))}>
        <Download aria-hidden size={16} /> Save as CSV
      </Button>
    </details>
  );
}
