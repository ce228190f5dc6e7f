import type { Hand, StationCard } from '@loxos/core';
import type { ReactNode } from 'react';
import type { PageContent } from '../api/client.ts';
import { IMPACT_VIEW, impactPlan } from '../drawing/impact-plan.ts';
import { Figure } from '../ui/Figure.tsx';
import { dayText } from '../ui/day-text.ts';
import { StationView } from '../ui/StationView.tsx';
import { RichText } from './RichText.tsx';

interface PageBodyProps {
  readonly content: PageContent;
  readonly hand: Hand;
  readonly unit: 'm' | 'yd';
  /** What stands with a station, such as its log. */
  readonly withStation?: (card: StationCard) => ReactNode;
  /** What stands before a line of homework, such as its tick. */
  readonly withHomework?: (date: string) => ReactNode;
}

/** What a player takes home, the same for the coach's preview and behind the link. */
export function PageBody({ content, hand, unit, withStation, withHomework }: PageBodyProps) {
  const { points, expect = '', numbers, slants, stations, homework, nextLook, words } = content;
  return (
    <div className="space-y-5">
      <ol className="list-decimal space-y-2 pl-6 text-xl">
        {points.map((point) => (
          <li key={point}>{point}</li>
        ))}
      </ol>
      {expect !== '' && <p className="text-lg">{expect}</p>}
      {words != null && <RichText document={words} />}
      {numbers.length > 0 && (
        <section>
          <h2 className="mb-1 text-xl">Before and after</h2>
          <table className="w-full text-left">
            <thead className="text-sm text-soft">
              <tr>
                <th scope="col">What</th>
                <th scope="col">Before</th>
                <th scope="col">After</th>
                <th scope="col">So far</th>
              </tr>
            </thead>
            <tbody>
              {numbers.map(({ label, before, after, verdict }) => (
                <tr key={label} className="border-t border-line/60">
                  <th scope="row" className="py-1 pr-2 font-semibold">
                    {label}
                  </th>
                  <td className="pr-2 font-mono whitespace-nowrap">{before}</td>
                  <td className="pr-2 font-mono whitespace-nowrap">{after}</td>
                  <td>{verdict}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {slants.length > 0 && (
        <div className="grid grid-cols-2 gap-3">
          {slants.map((slant) => (
            <Figure
              key={slant.label}
              shapes={impactPlan({ hand, ...slant, startDirectionDeg: null }, 'letters')}
              box={IMPACT_VIEW}
              title={`${slant.label}: face and path from above`}
              caption={slant.label}
              file={null}
            />
          ))}
        </div>
      )}
      {stations.map((card) => (
        <section key={card.drillId} className="space-y-3">
          <h2 className="text-xl">{card.name}</h2>
          {withStation?.(card)}
          <StationView card={card} unit={unit} files={false} />
        </section>
      ))}
      {homework.length > 0 && (
        <section>
          <h2 className="mb-1 text-xl">Homework</h2>
          <ul className="space-y-1">
            {homework.map(({ date, what }) => (
              <li key={`${date} ${what}`} className="flex items-start gap-3">
                {withHomework?.(date)}
                <span>
                  <b>{dayText(date)}</b>
                  <span className="block">{what}</span>
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <p className="text-lg">
        Next look: <b>{dayText(nextLook)}</b>
      </p>
    </div>
  );
}
