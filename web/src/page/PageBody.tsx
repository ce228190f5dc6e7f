import type { Hand, StationCard } from '@loxos/core';
import type { ReactNode } from 'react';
import type { PageContent } from '@loxos/core';
import { IMPACT_VIEW, impactPlan } from '../drawing/impact-plan.ts';
import { Figure } from '../ui/Figure.tsx';
import { StationView } from '../ui/StationView.tsx';
import { dayText } from '../ui/day-text.ts';
import { RecordSection } from './RecordSection.tsx';
import { RichText } from './RichText.tsx';
import { headingsOf } from './headings.ts';

interface PageBodyProps {
  readonly content: PageContent;
  readonly hand: Hand;
  readonly unit: 'm' | 'yd';
  /** What stands with a station, such as its log. */
  readonly withStation?: (card: StationCard) => ReactNode;
  /** What stands before a line of homework, such as its tick. */
  readonly withHomework?: (date: string) => ReactNode;
}

function Points({ content }: Pick<PageBodyProps, 'content'>) {
  const { points, expect = '', words, period } = content;
  return (
    <>
      {points.length > 0 && (
        <ol className="list-decimal space-y-2 pl-6 text-xl">
          {points.map((point) => (
            <li key={point}>{point}</li>
          ))}
        </ol>
      )}
      {period == null && expect !== '' && <p className="text-lg">{expect}</p>}
      {words != null && <RichText document={words} />}
    </>
  );
}

function Numbers({ content }: Pick<PageBodyProps, 'content'>) {
  const { numbers } = content;
  const { numbers: heading, before, after, verdict } = headingsOf(content);
  if (numbers.length === 0) return null;
  return (
    <section>
      <h2 className="mb-1 text-xl">{heading}</h2>
      <table className="w-full text-left">
        <thead className="text-sm text-soft">
          <tr>
            <th scope="col">What</th>
            <th scope="col">{before}</th>
            <th scope="col">{after}</th>
            <th scope="col">{verdict}</th>
          </tr>
        </thead>
        <tbody>
          {numbers.map((number) => (
            <tr key={number.label} className="border-t border-line/60">
              <th scope="row" className="py-1 pr-2 font-semibold">
                {number.label}
              </th>
              <td className="pr-2 font-mono sm:whitespace-nowrap">{number.before}</td>
              <td className="pr-2 font-mono sm:whitespace-nowrap">{number.after}</td>
              <td>{number.verdict}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Slants({ content, hand }: Pick<PageBodyProps, 'content' | 'hand'>) {
  if (content.slants.length === 0) return null;
  return (
    <div className="grid grid-cols-2 gap-3">
      {content.slants.map((slant) => (
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
  );
}

function Record({ content, hand, unit }: PageBodyProps) {
  const { record } = content;
  if (record == null) return null;
  return (
    <section>
      <h2 className="mb-1 text-xl">{headingsOf(content).record}</h2>
      <RecordSection record={record} hand={hand} unit={unit} />
    </section>
  );
}

function Homework({ content, withHomework }: PageBodyProps) {
  const { homework } = content;
  if (homework.length === 0) return null;
  return (
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
  );
}

/** What a player takes home, the same for the coach's preview and behind the link: what to do, or how a period went. */
export function PageBody(props: PageBodyProps) {
  const { content, hand, unit, withStation } = props;
  const isReport = content.period != null;
  const { next } = headingsOf(content);
  return (
    <div className="space-y-5">
      {isReport ? <Record {...props} /> : <Points content={content} />}
      <Numbers content={content} />
      <Slants content={content} hand={hand} />
      {isReport && content.expect !== undefined && content.expect !== '' && (
        <p className="text-lg">{content.expect}</p>
      )}
      {isReport && (
        <section className="space-y-2">
          {content.points.length > 0 && <h2 className="text-xl">{next}</h2>}
          <Points content={content} />
        </section>
      )}
      {content.stations.map((card) => (
        <section key={card.drillId} className="space-y-3">
          <h2 className="text-xl">{card.name}</h2>
          {withStation?.(card)}
          <StationView card={card} unit={unit} files={false} />
        </section>
      ))}
      <Homework {...props} />
      {!isReport && <Record {...props} />}
      <p className="text-lg">
        Next look: <b>{dayText(content.nextLook)}</b>
      </p>
    </div>
  );
}
