import { keptOfYouWords } from '@loxos/core';
import { CalendarDays, FileDown } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { PlayerPage } from '../api/client.ts';
import { Button } from '../ui/Button.tsx';
import { Notice } from '../ui/Notice.tsx';
import { StationLog } from '../ui/StationLog.tsx';
import { dayText, formatDay } from '../ui/day-text.ts';
import { PageBody } from './PageBody.tsx';
import { WordBack } from './WordBack.tsx';
import { useLog, waiting } from '../sync/log.ts';
import { doAtPage, lookAgain, shownPage, usePageState } from './page-store.ts';

const waitingWords = (count: number): string =>
  count === 1 ? 'One thing you did is' : `${count} things you did are`;

/** Whether everything done here has reached the coach. */
function Sent() {
  const { isReached } = usePageState();
  const { entries: all, isKept } = useLog();
  const entries = waiting(all);
  const refusal = all.find((entry) => entry.refusal !== null)?.refusal ?? null;
  const text =
    entries.length === 0
      ? isReached
        ? 'Your coach has everything.'
        : 'No network just now: what you do is kept on this phone.'
      : `${waitingWords(entries.length)} kept on this phone, and sent when there is network.`;
  const isTrouble = !isReached || entries.length > 0;
  return (
    <div
      className={`mb-4 space-y-2 ${isTrouble ? 'sticky top-0 z-10 border-b border-line bg-paper py-1' : ''}`}
    >
      <p role="status" className={isTrouble ? 'font-semibold text-look' : 'text-soft'}>
        {isTrouble && '▲ '}
        {text}
        {!isKept && ' Leave this page open: this browser keeps nothing.'}
        {isTrouble && (
          <button
            type="button"
            className="min-h-11 px-2 underline"
            onClick={() => void lookAgain()}
          >
            Try now
          </button>
        )}
      </p>
      {refusal !== null && <Notice>Not taken: {refusal.reason}</Notice>}
    </div>
  );
}

/** The page as a file, and its homework for the player’s own calendar. */
function Files({ token, page }: { token: string; page: PlayerPage }) {
  const [isFailed, setFailed] = useState(false);
  const { playerName, academy, date, hand, lengthUnit: unit } = page;
  const pdf = (): void => {
    void import('./page-pdf.ts')
      .then(({ savePagePdf }) => savePagePdf(page, { playerName, academy, date, hand, unit }))
      .then(
        () => setFailed(false),
        () => setFailed(true),
      );
  };
  return (
    <div className="mt-5 flex flex-wrap gap-2">
      <Button onClick={pdf}>
        <FileDown aria-hidden size={16} /> PDF
      </Button>
      <a
        href={`/api/p/${token}/homework.ics`}
        download
        className="inline-flex min-h-11 items-center gap-2 rounded-lg border border-line bg-sheet px-4 font-semibold"
      >
        <CalendarDays aria-hidden size={16} /> {page.homework.length > 0 ? 'Homework' : 'Next look'}{' '}
        to your calendar
      </a>
      {isFailed && <Notice>The PDF needs the network the first time: try again then.</Notice>}
    </div>
  );
}

/** What is kept of whoever reads the page, and what they may ask. */
function KeptOfYou({ page: { academy, expiresAt } }: { page: PlayerPage }) {
  return (
    <details className="mt-5">
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
        What is kept of you
      </summary>
      <ul className="list-disc pl-5">
        {keptOfYouWords(academy, dayText(expiresAt)).map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </details>
  );
}

/** What a player sees behind their link: plain words, the station, homework to tick, repetitions to log, a word back. */
export function GivenPage() {
  const state = usePageState();
  const entries = useLog((log) => log.entries);
  const page = useMemo(() => shownPage(state, entries), [state, entries]);
  if (state.trouble !== null)
    return (
      <main className="mx-auto max-w-xl p-5">
        <h1 className="mb-3 text-2xl">No page here</h1>
        <Notice>{state.trouble}</Notice>
        <Button className="mt-4" onClick={() => void lookAgain()}>
          Try again
        </Button>
      </main>
    );
  if (page === null) return <p className="p-6 text-soft">Opening …</p>;
  const { playerName, academy, date, hand, lengthUnit, ticked, repetitions, said } = page;
  const today = formatDay(new Date().toISOString(), 'yyyy-MM-dd');
  return (
    <main className="mx-auto max-w-2xl px-4 py-5">
      <h1 className="text-2xl">{playerName}</h1>
      <p className="text-soft">
        {academy}, {dayText(date)}
      </p>
      <Sent />
      <PageBody
        content={page}
        hand={hand}
        unit={lengthUnit}
        withStation={({ drillId: id, name, misses }) => (
          <StationLog
            drill={{ id, name, misses }}
            repetitions={repetitions}
            withFeel={false}
            onAdd={(id, body) => void doAtPage({ op: 'repeat', body: { ...body, id } })}
          />
        )}
        withHomework={(day) => (
          <input
            type="checkbox"
            aria-label={`Done on ${dayText(day)}`}
            className="mt-1 size-7 shrink-0"
            checked={ticked.includes(day)}
            disabled={day.slice(0, 10) > today && !ticked.includes(day)}
            onChange={(event) =>
              void doAtPage({ op: 'tick', date: day, done: event.target.checked })
            }
          />
        )}
      />
      <WordBack said={said} onSay={(text) => void doAtPage({ op: 'say', text })} />
      <Files token={state.token} page={page} />
      <KeptOfYou page={page} />
    </main>
  );
}
