import { addDaysIso, addMonthsIso } from '@loxos/core';
import { ChevronLeft, ChevronRight, Plus } from 'lucide-react';
import { Suspense, lazy, useState } from 'react';
import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { useMay } from '../../api/account.ts';
import { useGiven, useLessons, usePlayers, useStandings } from '../../api/queries.ts';
import type { LessonSummary } from '../../api/client.ts';
import { Button } from '../../ui/Button.tsx';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { Catch } from '../../ui/Panel.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Whose } from '../../ui/Whose.tsx';
import { dayOf, today } from '../../ui/academy-time.ts';
import { dayText, formatDay, typedDay } from '../../ui/day-text.ts';
import { mondayOf, monthOf, weekOf } from '../../ui/week.ts';
import { useIsMine } from '../../ui/use-is-mine.ts';
import { later } from '../../ui/later.tsx';
import { Attention } from './Attention.tsx';
import { DoorNews } from './DoorNews.tsx';
import { Drifted, driftedIn, newsSince } from './Drifted.tsx';
import { GoneNews } from './GoneNews.tsx';
import { LessonCard } from './LessonCard.tsx';
import { PasskeyInvitation } from './PasskeyInvitation.tsx';
import { WeekStrip } from './WeekStrip.tsx';
import { ZoneQuestion } from './ZoneQuestion.tsx';

const LessonForm = later(async () => (await import('../../ui/LessonForm.tsx')).LessonForm);
const Calendar = lazy(() => import('./Calendar.tsx'));

const LOOKS = [
  ['day', 'Day'],
  ['week', 'Week'],
  ['month', 'Month'],
] as const;
type Look = (typeof LOOKS)[number][0];

/** What is booked: for whom, where that is known, and when. */
interface Booking {
  readonly playerId?: string;
  readonly day?: string;
  readonly at?: string;
}

/** Returns the day in the address, or today, and how much round it is looked at. */
function useDay() {
  const [params, setParams] = useSearchParams();
  const day = typedDay(params.get('day') ?? '', today()) ?? today();
  const look = LOOKS.find(([one]) => one === params.get('look'))?.[0] ?? 'day';
  const go = (next: string, nextLook: Look): void =>
    setParams({
      ...(next !== today() && { day: next }),
      ...(nextLook !== 'day' && { look: nextLook }),
    });
  return {
    day,
    look,
    go,
    showDay: (next: string) => go(next, look),
    show: (next: Look) => go(day, next),
  };
}

/** What the calendar shows, by its name, and what is beside it. */
function SpanBar({
  look,
  day,
  onDay,
}: {
  look: 'week' | 'month';
  day: string;
  onDay: (day: string) => void;
}) {
  const step = (by: number): string =>
    look === 'week' ? addDaysIso(day, 7 * by) : addMonthsIso(day, by);
  const first = mondayOf(day);
  const last = addDaysIso(first, 6);
  const isOneMonth = first.slice(0, 7) === last.slice(0, 7);
  const name =
    look === 'month'
      ? formatDay(day, 'MMMM yyyy')
      : `${formatDay(first, isOneMonth ? 'd' : 'd MMMM')} to ${formatDay(last, 'd MMMM yyyy')}`;
  return (
    <nav aria-label={look === 'week' ? 'Weeks' : 'Months'} className="flex items-center gap-2">
      <Button
        aria-label={look === 'week' ? 'Week before' : 'Month before'}
        className="px-2!"
        onClick={() => onDay(step(-1))}
      >
        <ChevronLeft aria-hidden size={18} />
      </Button>
      <b className="min-w-40 text-center text-lg">{name}</b>
      <Button
        aria-label={look === 'week' ? 'Next week' : 'Next month'}
        className="px-2!"
        onClick={() => onDay(step(1))}
      >
        <ChevronRight aria-hidden size={18} />
      </Button>
    </nav>
  );
}

/** Who needs the coach: drifted, wrote back, due, homework stopped. */
function Beside({ onBook }: { onBook: (playerId: string) => void }) {
  const players = usePlayers();
  const given = useGiven().data ?? [];
  const since = newsSince(today());
  const standings = useStandings(since);
  const isMine = useIsMine();
  return (
    <div className="space-y-3">
      <Drifted drifted={driftedIn(players.data?.filter(isMine) ?? [], standings, since)} />
      <Attention given={given.filter(({ player }) => isMine(player))} onBook={onBook} />
    </div>
  );
}

/** A day's lessons as a timeline, each with what it is about. */
function Timeline({ lessons }: { lessons: readonly LessonSummary[] }) {
  const given = useGiven().data ?? [];
  return (
    <ol aria-label="Lessons" className="space-y-2">
      {lessons.map((lesson) => (
        <LessonCard
          key={lesson.id}
          lesson={lesson}
          given={given.find(({ player }) => player.id === lesson.player.id)}
        />
      ))}
    </ol>
  );
}

interface OneDayProps {
  readonly own: readonly LessonSummary[] | undefined;
  readonly isFirstStart: boolean;
  readonly add: ReactNode;
  readonly onBook: (playerId: string) => void;
}

function OneDay({ own, isFirstStart, add, onBook }: OneDayProps) {
  return (
    <div className={isFirstStart ? '' : 'grid gap-4 lg:grid-cols-[1.4fr_1fr]'}>
      {own?.length === 0 ? (
        <Empty action={add}>
          {isFirstStart
            ? 'Start with whoever stands in front of you: a name and a hand, then a launch file dropped, or one ball tapped as you saw it, and it is read.'
            : 'Nobody has a lesson on this day.'}
        </Empty>
      ) : (
        <Timeline lessons={own ?? []} />
      )}
      {!isFirstStart && <Beside onBook={onBook} />}
    </div>
  );
}

interface SpanProps {
  readonly look: 'week' | 'month';
  readonly day: string;
  readonly lessons: readonly LessonSummary[];
  readonly go: (day: string, look: Look) => void;
  readonly onFree: (booking: Booking) => void;
}

/** A week or a month of lessons, in a calendar that is fetched when it is looked at. */
function Span({ look, day, lessons, go, onFree }: SpanProps) {
  return (
    <Catch name="The calendar">
      <Suspense fallback={<p className="text-soft">Opening …</p>}>
        <Calendar
          look={look}
          day={day}
          lessons={lessons}
          onDay={(on) => go(on, 'day')}
          onFree={(on, at) => onFree({ day: on, ...(at !== null && { at }) })}
        />
      </Suspense>
    </Catch>
  );
}

/** The day's lessons as a timeline, the week above, and beside it who needs the coach; or a week or a month of lessons. */
export function DayPage() {
  const { day, look, go, showDay, show } = useDay();
  const [booking, setBooking] = useState<Booking | null>(null);
  const lessons = useLessons(look === 'month' ? monthOf(day) : weekOf(day));
  const players = usePlayers();
  const mayPlan = useMay('plan');
  const isMine = useIsMine();
  if (lessons.error !== null && lessons.data === undefined)
    return <Trouble error={lessons.error} />;
  const isNow = day === today();
  const isFirstStart = players.data?.length === 0;
  const mine = lessons.data?.filter(({ player }) => isMine(player));
  const own = mine?.filter(({ startsAt }) => dayOf(startsAt) === day);
  const add = mayPlan && (
    <Button look="main" onClick={() => setBooking({})}>
      <Plus aria-hidden size={18} /> New lesson
    </Button>
  );
  return (
    <div className="mx-auto max-w-[1200px] space-y-4 px-3 py-4 lg:px-4">
      <div className="flex flex-wrap items-center gap-2">
        <h1 className="mr-auto text-2xl">
          {isNow ? 'Today, ' : ''}
          {dayText(day)}
        </h1>
        {!isNow && <Button onClick={() => showDay(today())}>Today</Button>}
        {!isFirstStart && (
          <Segments legend="Look at" isLegendHidden value={look} options={LOOKS} onChange={show} />
        )}
        {!isFirstStart && <Whose />}
        {!isFirstStart && own !== undefined && (own.length > 0 || look !== 'day') && add}
      </div>
      <ZoneQuestion />
      <DoorNews />
      <GoneNews />
      <PasskeyInvitation />
      {!isFirstStart &&
        (look === 'day' ? (
          <WeekStrip day={day} onDay={showDay} />
        ) : (
          <SpanBar look={look} day={day} onDay={showDay} />
        ))}
      {look === 'day' || isFirstStart ? (
        <OneDay {...{ own, isFirstStart, add }} onBook={(playerId) => setBooking({ playerId })} />
      ) : (
        <Span look={look} day={day} lessons={mine ?? []} go={go} onFree={setBooking} />
      )}
      <LessonForm
        key={`${booking?.playerId ?? ''} ${booking?.day ?? ''}`}
        open={booking !== null}
        day={booking?.day ?? day}
        {...(booking?.at !== undefined && { at: booking.at })}
        {...(booking?.playerId !== undefined && { playerId: booking.playerId })}
        onClose={() => setBooking(null)}
      />
    </div>
  );
}
