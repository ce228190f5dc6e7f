import { followedLabel } from '@loxos/core';
import type { Hand } from '@loxos/core';
import type { PageContent } from '@loxos/core';
import { RECORD_CHART_BOX, recordChart } from '../drawing/record-chart.ts';
import { Figure } from '../ui/Figure.tsx';

interface RecordSectionProps {
  readonly record: NonNullable<PageContent['record']>;
  readonly hand: Hand;
  readonly unit: 'm' | 'yd';
}

/** Returns what the page's picture of the record shows, in words. */
export const recordTitle = ({ figure }: Pick<RecordSectionProps['record'], 'figure'>): string =>
  `${followedLabel(figure)} from visit to visit`;
export const RECORD_CAPTION =
  'Each dot a visit, with how sure it is; the bars are where it held; the band is what you want.';

/** The player's own record: plain words, and one picture. */
export function RecordSection({ record, hand, unit }: RecordSectionProps) {
  const { words, goals, points } = record;
  return (
    <div className="space-y-3">
      {words.map((text) => (
        <p key={text} className="text-lg">
          {text}
        </p>
      ))}
      {points.length > 1 && (
        <Figure
          shapes={recordChart({ ...record, hand, unit })}
          box={RECORD_CHART_BOX}
          title={recordTitle(record)}
          caption={RECORD_CAPTION}
          file={null}
          drawingClass="w-full max-h-72"
        />
      )}
      {goals.length > 0 && (
        <>
          <h3 className="text-lg font-semibold">What you are working towards</h3>
          <ul className="list-disc space-y-1 pl-6">
            {goals.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}
