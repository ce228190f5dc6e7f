/** What stands behind a record's chart, as a file. */
import Papa from 'papaparse';
import type { PlayerRecord } from '../record/player-record.ts';
import { figureHead } from './labels.ts';

/** Returns the record as CSV, a row a visit: figures in degrees, m and mm, positive right or to the toe. */
export const recordCsv = ({ visits, followed }: PlayerRecord): string =>
  Papa.unparse(
    visits.map(({ lessonId, at, balls }) => ({
      visit: at,
      balls,
      ...Object.fromEntries(
        followed.flatMap(({ figure, points }) => {
          const point = points.find((one) => one.lessonId === lessonId);
          const head = figureHead(figure);
          return [
            [head, point?.middle.toFixed(2) ?? ''],
            [`${head} spread`, point?.spread.toFixed(2) ?? ''],
            [`${head} error`, point?.error.toFixed(2) ?? ''],
            [`${head} balls in the window`, point?.inside ?? ''],
          ];
        }),
      ),
    })),
    { newline: '\n' },
  );
