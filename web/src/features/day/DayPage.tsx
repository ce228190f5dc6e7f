import { addDays, format, isSameDay, startOfDay } from 'date-fns';
import { ChevronLeft, ChevronRight, Plus } from 'lucide-react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { LessonSummary } from '../../api/client.ts';
import { useLessons } from '../../api/queries.ts';
import { Button } from '../../ui/Button.tsx';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { LessonForm } from '../../ui/LessonForm.tsx';

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

function LessonCard({ lesson }: { lesson: LessonSummary }) {
  const { player, ballCount } = lesson;
  const next = ballCount === 0 ? 'watch' : 'read';
  return (
    <li>
      <Link
        to={`/lessons/${lesson.id}/${next}`}
        className="grid grid-cols-[4.5rem_1fr_auto] items-center gap-3 rounded-xl border border-line bg-sheet px-4 py-3 hover:border-ink"
      >
        <span className="font-mono text-lg">{format(new Date(lesson.startsAt), 'HH:mm')}</span>
        <span>
          <span className="block text-lg font-semibold">{player.name}</span>
          <span className="block text-soft">
            {player.hand === 'left' ? 'left-handed' : 'right-handed'}
            {lesson.asked !== '' && ` · “${lesson.asked}”`}
          </span>
        </span>
        <span className="text-right text-soft">
          {ballCount === 0 ? 'no balls yet' : `${ballCount} balls`}
        </span>
      </Link>
    </li>
  );
}

export function DayPage() {
  const [day, showDay] = useDay();
  const [adding, setAdding] = useState(false);
  const lessons = useLessons({ from: day.toISOString(), to: addDays(day, 1).toISOString() });
  if (lessons.error !== null) return <Trouble error={lessons.error} />;
  const today = isSameDay(day, new Date());
  const add = (
    <Button look="main" onClick={() => setAdding(true)}>
      <Plus aria-hidden size={18} /> New lesson
    </Button>
  );
  return (
    <div className="mx-auto max-w-3xl px-4 py-5">
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <h1 className="mr-auto text-2xl">
          {today ? 'Today, ' : ''}
          {format(day, 'EEEE d MMMM')}
        </h1>
        <Button aria-label="Day before" onClick={() => showDay(addDays(day, -1))}>
          <ChevronLeft aria-hidden size={18} />
        </Button>
        {!today && <Button onClick={() => showDay(new Date())}>Today</Button>}
        <Button aria-label="Next day" onClick={() => showDay(addDays(day, 1))}>
          <ChevronRight aria-hidden size={18} />
        </Button>
        {add}
      </div>
      {lessons.data?.length === 0 ? (
        <Empty action={add}>
          Nobody has a lesson on this day. A lesson is where balls are watched and read.
        </Empty>
      ) : (
        <ul className="space-y-2">
          {lessons.data?.map((lesson) => (
            <LessonCard key={lesson.id} lesson={lesson} />
          ))}
        </ul>
      )}
      <LessonForm open={adding} day={day} onClose={() => setAdding(false)} />
    </div>
  );
}
