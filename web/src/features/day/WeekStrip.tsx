import { addDaysIso } from '@loxos/core';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useLessons } from '../../api/queries.ts';
import { Button } from '../../ui/Button.tsx';
import { dayOf, today } from '../../ui/academy-time.ts';
import { formatDay } from '../../ui/day-text.ts';
import { daysFrom, mondayOf, weekOf } from '../../ui/week.ts';

/** The week round a day: how many lessons each day has. */
export function WeekStrip({ day, onDay }: { day: string; onDay: (day: string) => void }) {
  const days = daysFrom(mondayOf(day));
  const now = today();
  const lessons = useLessons(weekOf(day)).data;
  const countOn = (date: string): number =>
    (lessons ?? []).filter(({ startsAt }) => dayOf(startsAt) === date).length;
  return (
    <nav aria-label="Week" className="flex items-stretch gap-1">
      <Button aria-label="Week before" className="px-2!" onClick={() => onDay(addDaysIso(day, -7))}>
        <ChevronLeft aria-hidden size={18} />
      </Button>
      {days.map((date) => {
        const count = countOn(date);
        return (
          <button
            key={date}
            type="button"
            aria-current={date === day ? 'date' : undefined}
            onClick={() => onDay(date)}
            className="min-h-14 min-w-0 flex-1 rounded-lg border border-line bg-sheet leading-tight hover:border-ink aria-[current=date]:border-ink aria-[current=date]:bg-ink aria-[current=date]:text-paper"
          >
            <span className={`block ${date === now ? 'font-bold' : ''}`}>
              {formatDay(date, 'EEE d')}
            </span>
            <span className="block font-mono text-sm" aria-label={`${count} lessons`}>
              {'•'.repeat(Math.min(count, 6))}
              {count > 6 && '+'}
              {count === 0 && '–'}
            </span>
          </button>
        );
      })}
      <Button aria-label="Next week" className="px-2!" onClick={() => onDay(addDaysIso(day, 7))}>
        <ChevronRight aria-hidden size={18} />
      </Button>
    </nav>
  );
}
