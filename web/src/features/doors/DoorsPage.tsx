import { useMay } from '../../api/account.ts';
import { useDoorRecord } from '../../api/doors.ts';
import type { DoorEvent } from '../../api/doors.ts';
import { Button } from '../../ui/Button.tsx';
import { Empty, Notice, Trouble } from '../../ui/Notice.tsx';
import { browserWords } from '../../ui/browser-words.ts';
import { dayText, formatDay } from '../../ui/day-text.ts';
import { dayOf } from '../../ui/academy-time.ts';
import { doorSentence } from '../../ui/door-words.ts';

/** Events by their day, in the order they come. */
function byDay(events: readonly DoorEvent[]): [string, DoorEvent[]][] {
  const days = new Map<string, DoorEvent[]>();
  for (const event of events) {
    const day = dayOf(event.lastAt);
    days.set(day, [...(days.get(day) ?? []), event]);
  }
  return [...days];
}

/** Returns where it came from; of several tries since when. */
function fromWords({ at, lastAt, device, address }: DoorEvent): string {
  if (address === '') return 'by the server itself';
  const since = formatDay(at, 'HH:mm');
  const from = `${browserWords(device)}, from ${address}`;
  return since === formatDay(lastAt, 'HH:mm') ? from : `${from}, since ${since}`;
}

function Line({ event }: { event: DoorEvent }) {
  const isRefused = event.kind === 'refused';
  return (
    <li className="flex gap-3 border-t border-line/60 py-1.5">
      <span className="w-14 shrink-0 font-mono">{formatDay(event.lastAt, 'HH:mm')}</span>
      <span className="min-w-0">
        <span className={isRefused ? 'font-semibold text-look' : ''}>
          {isRefused && '▲ '}
          {doorSentence(event)}
        </span>
        <span className="block text-soft">{fromWords(event)}</span>
      </span>
    </li>
  );
}

/** Who came in or tried to, and what was carried out, day by day. */
export function DoorsPage() {
  const isOwner = useMay('own');
  const record = useDoorRecord();
  if (!isOwner) return <Trouble error={new Error('This is for the owner of the academy.')} />;
  if (record.error !== null && record.data === undefined) return <Trouble error={record.error} />;
  const events = record.data?.pages.flatMap((page) => page.events);
  return (
    <div className="mx-auto max-w-3xl space-y-4 px-4 py-5">
      <div>
        <h1 className="text-2xl">Record of doors</h1>
        <p className="text-soft">
          Who signed in or was refused, what was taken out, who may do what. Kept for a year; nobody
          can change it.
        </p>
      </div>
      {record.error !== null && <Notice>{record.error.message}</Notice>}
      {events?.length === 0 && <Empty>Nothing has happened yet.</Empty>}
      {byDay(events ?? []).map(([day, ofDay]) => (
        <section key={day} aria-label={dayText(day)}>
          <h2 className="text-lg">{dayText(day)}</h2>
          <ul>
            {ofDay.map((event) => (
              <Line key={event.id} event={event} />
            ))}
          </ul>
        </section>
      ))}
      {record.hasNextPage && (
        <Button disabled={record.isFetching} onClick={() => void record.fetchNextPage()}>
          Earlier
        </Button>
      )}
    </div>
  );
}
