import { format, isSameDay, parseISO, startOfDay } from 'date-fns';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useMay } from '../../api/account.ts';
import { useGiven, useLessons, usePlayers, useStandings } from '../../api/queries.ts';
import { Button } from '../../ui/Button.tsx';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { Whose } from '../../ui/Whose.tsx';
import { weekOf } from '../../ui/week.ts';
import { useIsMine } from '../../ui/use-is-mine.ts';
import { later } from '../../ui/later.tsx';
import { Attention } from './Attention.tsx';
import { Drifted, driftedIn, newsSince } from './Drifted.tsx';
import { LessonCard } from './LessonCard.tsx';
import { WeekStrip } from './WeekStrip.tsx';

const LessonForm = later(async () => (await import('../../ui/LessonForm.tsx')).LessonForm);

const DATE = 'yyyy-MM-dd';

/** The day in the address, or today. */
function useDay(): [Date, (day: Date) => void] {
  const [params, setParams] = useSearchParams();
  const text = params.get('day');
  const given = text === null ? NaN : Date.parse(`${text}T12:00:00`);
  const day = startOfDay(Number.isNaN(given) ? new Date() : new Date(given));
  const show = (next: Date): void =>
    setParams(isSameDay(next, new Date()) ? {} : { day: format(next, DATE) });
  return [day, show];
}

/** The day's lessons as a timeline, the week above, and beside it who needs the coach. */
export function DayPage() {
  const [day, showDay] = useDay();
  const [booking, setBooking] = useState<{ playerId?: string } | null>(null);
  const lessons = useLessons(weekOf(day));
  const players = usePlayers();
  const given = useGiven().data ?? [];
  const since = newsSince(new Date());
  const standings = useStandings(since);
  const mayPlan = useMay('plan');
  const isMine = useIsMine();
  if (lessons.error !== null && lessons.data === undefined)
    return <Trouble error={lessons.error} />;
  const isNow = isSameDay(day, new Date());
  const isFirstStart = players.data?.length === 0;
  const own = lessons.data?.filter(
    ({ player, startsAt }) => isMine(player) && isSameDay(parseISO(startsAt), day),
  );
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
        {!isFirstStart && <Whose />}
        {!isFirstStart && own !== undefined && own.length > 0 && add}
      </div>
      {!isFirstStart && <WeekStrip day={day} onDay={showDay} />}
      <div className={isFirstStart ? '' : 'grid gap-4 lg:grid-cols-[1.4fr_1fr]'}>
        {own?.length === 0 ? (
          <Empty action={add}>
            {isFirstStart
              ? 'Start with whoever stands in front of you: a name and a hand, then a launch file dropped, or one ball tapped as you saw it, and it is read.'
              : 'Nobody has a lesson on this day.'}
          </Empty>
        ) : (
          <ol aria-label="Lessons" className="space-y-2">
            {own?.map((lesson) => (
              <LessonCard
                key={lesson.id}
                lesson={lesson}
                given={given.find(({ player }) => player.id === lesson.player.id)}
              />
            ))}
          </ol>
        )}
        {!isFirstStart && (
          <div className="space-y-3">
            <Drifted drifted={driftedIn(players.data?.filter(isMine) ?? [], standings, since)} />
            <Attention
              given={given.filter(({ player }) => isMine(player))}
              today={new Date()}
              onBook={(playerId) => setBooking({ playerId })}
            />
          </div>
        )}
      </div>
      <LessonForm
        key={booking?.playerId ?? ''}
        open={booking !== null}
        day={day}
        {...(booking?.playerId !== undefined && { playerId: booking.playerId })}
        onClose={() => setBooking(null)}
      />
    </div>
  );
}
