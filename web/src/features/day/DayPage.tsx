import {
  addDays,
  addMonths,
  addWeeks,
  format,
  isSameDay,
  isSameMonth,
  parseISO,
  startOfDay,
} from 'date-fns';
import { ChevronLeft, ChevronRight, Plus } from 'lucide-react';
import { Suspense, lazy, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useMay } from '../../api/account.ts';
import { useGiven, useLessons, usePlayers, useStandings } from '../../api/queries.ts';
import type { LessonSummary } from '../../api/client.ts';
import { Button } from '../../ui/Button.tsx';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { Catch } from '../../ui/Panel.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Whose } from '../../ui/Whose.tsx';
import { mondayOf, monthOf, weekOf } from '../../ui/week.ts';
import { useIsMine } from '../../ui/use-is-mine.ts';
import { later } from '../../ui/later.tsx';
import { Attention } from './Attention.tsx';
import { Drifted, driftedIn, newsSince } from './Drifted.tsx';
import { LessonCard } from './LessonCard.tsx';
import { WeekStrip } from './WeekStrip.tsx';

const LessonForm = later(async () => (await import('../../ui/LessonForm.tsx')).LessonForm);
const Calendar = lazy(() => import('./Calendar.tsx'));

const DATE = 'yyyy-MM-dd';
const LOOKS = [
  ['day', 'Day'],
  ['week', 'Week'],
  ['month', 'Month'],
] as const;
type Look = (typeof LOOKS)[number][0];

/** What is booked: for whom, where that is known, and when. */
interface Booking {
  readonly playerId?: string;
  readonly day?: Date;
  readonly at?: Date;
}

/** The day in the address, or today, and how much round it is looked at. */
function useDay() {
  const [params, setParams] = useSearchParams();
  const text = params.get('day');
  const given = text === null ? NaN : Date.parse(`${text}T12:00:00`);
  const day = startOfDay(Number.isNaN(given) ? new Date() : new Date(given));
  const look = LOOKS.find(([one]) => one === params.get('look'))?.[0] ?? 'day';
  const go = (next: Date, nextLook: Look): void =>
    setParams({
      ...(!isSameDay(next, new Date()) && { day: format(next, DATE) }),
      ...(nextLook !== 'day' && { look: nextLook }),
    });
  return {
    day,
    look,
    showDay: (next: Date) => go(next, look),
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
  day: Date;
  onDay: (day: Date) => void;
}) {
  const step = look === 'week' ? addWeeks : addMonths;
  const first = mondayOf(day);
  const last = addDays(first, 6);
  const name =
    look === 'month'
      ? format(day, 'MMMM yyyy')
      : `${format(first, isSameMonth(first, last) ? 'd' : 'd MMMM')} to ${format(last, 'd MMMM yyyy')}`;
  return (
    <nav aria-label={look === 'week' ? 'Weeks' : 'Months'} className="flex items-center gap-2">
      <Button
        aria-label={look === 'week' ? 'Week before' : 'Month before'}
        className="px-2!"
        onClick={() => onDay(step(day, -1))}
      >
        <ChevronLeft aria-hidden size={18} />
      </Button>
      <b className="min-w-40 text-center text-lg">{name}</b>
      <Button
        aria-label={look === 'week' ? 'Next week' : 'Next month'}
        className="px-2!"
        onClick={() => onDay(step(day, 1))}
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
  const since = newsSince(new Date());
  const standings = useStandings(since);
  const isMine = useIsMine();
  return (
    <div className="space-y-3">
      <Drifted drifted={driftedIn(players.data?.filter(isMine) ?? [], standings, since)} />
      <Attention
        given={given.filter(({ player }) => isMine(player))}
        today={new Date()}
        onBook={onBook}
      />
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

/** The day's lessons as a timeline, the week above, and beside it who needs the coach; or a week or a month of lessons. */
export function DayPage() {
  const { day, look, showDay, show } = useDay();
  const [booking, setBooking] = useState<Booking | null>(null);
  const lessons = useLessons(look === 'month' ? monthOf(day) : weekOf(day));
  const players = usePlayers();
  const mayPlan = useMay('plan');
  const isMine = useIsMine();
  if (lessons.error !== null && lessons.data === undefined)
    return <Trouble error={lessons.error} />;
  const isNow = isSameDay(day, new Date());
  const isFirstStart = players.data?.length === 0;
  const mine = lessons.data?.filter(({ player }) => isMine(player));
  const own = mine?.filter(({ startsAt }) => isSameDay(parseISO(startsAt), day));
  const isDay = look === 'day';
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
          {format(day, 'EEEE d MMMM')}
        </h1>
        {!isNow && <Button onClick={() => showDay(new Date())}>Today</Button>}
        {!isFirstStart && (
          <Segments legend="Look at" isLegendHidden value={look} options={LOOKS} onChange={show} />
        )}
        {!isFirstStart && <Whose />}
        {!isFirstStart && own !== undefined && (own.length > 0 || !isDay) && add}
      </div>
      {!isFirstStart &&
        (look === 'day' ? (
          <WeekStrip day={day} onDay={showDay} />
        ) : (
          <SpanBar look={look} day={day} onDay={showDay} />
        ))}
      {isDay || isFirstStart ? (
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
          {!isFirstStart && <Beside onBook={(playerId) => setBooking({ playerId })} />}
        </div>
      ) : (
        <Catch name="The calendar">
          <Suspense fallback={<p className="text-soft">Opening …</p>}>
            <Calendar
              look={look}
              day={day}
              lessons={mine ?? []}
              onFree={(at, hasTime) => setBooking({ day: at, ...(hasTime && { at }) })}
            />
          </Suspense>
        </Catch>
      )}
      <LessonForm
        key={`${booking?.playerId ?? ''} ${booking?.day?.toISOString() ?? ''}`}
        open={booking !== null}
        day={booking?.day ?? day}
        {...(booking?.at !== undefined && { at: booking.at })}
        {...(booking?.playerId !== undefined && { playerId: booking.playerId })}
        onClose={() => setBooking(null)}
      />
    </div>
  );
}
