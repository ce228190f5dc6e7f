import { CalendarDays, FileDown } from 'lucide-react';
import { useParams } from 'react-router';
import { Toaster, toast } from 'sonner';
import { usePage, usePageRepetition, usePageTick } from '../api/queries.ts';
import { Button } from '../ui/Button.tsx';
import { Notice } from '../ui/Notice.tsx';
import { StationLog } from '../ui/StationLog.tsx';
import { dayText } from '../ui/day-text.ts';
import { PageBody } from './PageBody.tsx';
import { TickBox } from './TickBox.tsx';

/** What a player sees behind their link: plain words, the station, homework to tick, repetitions to log. */
export function PlayerPagePage() {
  const { token = '' } = useParams();
  const page = usePage(token);
  const tick = usePageTick(token);
  const log = usePageRepetition(token);
  if (page.error !== null) {
    return (
      <main className="mx-auto max-w-xl p-5">
        <h1 className="mb-3 text-2xl">No page here</h1>
        <Notice>{page.error.message}</Notice>
      </main>
    );
  }
  if (page.data === undefined) return <p className="p-6 text-soft">Opening …</p>;
  const { playerName, academy, date, hand, lengthUnit, ticked, repetitions } = page.data;
  const pdf = (): void => {
    void import('./page-pdf.ts')
      .then(({ savePagePdf }) =>
        savePagePdf(page.data, { playerName, academy, date, hand, unit: lengthUnit }),
      )
      .catch(() => toast.error('The PDF could not be made: try again.'));
  };
  return (
    <main className="mx-auto max-w-2xl px-4 py-5">
      <h1 className="text-2xl">{playerName}</h1>
      <p className="mb-4 text-soft">
        {academy}, {dayText(date)}
      </p>
      {tick.error !== null && <Notice>{tick.error.message}</Notice>}
      {log.error !== null && <Notice>{log.error.message}</Notice>}
      <PageBody
        content={page.data}
        hand={hand}
        unit={lengthUnit}
        withStation={({ drillId: id, name, misses }) => (
          <StationLog
            drill={{ id, name, misses }}
            repetitions={repetitions}
            withFeel={false}
            onAdd={(body) => log.mutate(body)}
          />
        )}
        withHomework={(day) => (
          <TickBox
            label={`Done on ${dayText(day)}`}
            isTicked={ticked.includes(day)}
            onTick={(done) => tick.mutateAsync({ date: day, done })}
          />
        )}
      />
      <div className="mt-5 flex flex-wrap gap-2">
        <Button onClick={pdf}>
          <FileDown aria-hidden size={16} /> PDF
        </Button>
        <a
          href={`/api/p/${token}/homework.ics`}
          download
          className="inline-flex min-h-11 items-center gap-2 rounded-lg border border-line bg-sheet px-4 font-semibold"
        >
          <CalendarDays aria-hidden size={16} /> Homework to your calendar
        </a>
      </div>
      <Toaster />
    </main>
  );
}
