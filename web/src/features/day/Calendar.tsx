import { WORKING_HOURS } from '@loxos/core';
import type { CalendarOptions, EventDropArg } from '@fullcalendar/core';
import dayGridPlugin from '@fullcalendar/daygrid';
import interactionPlugin from '@fullcalendar/interaction';
import FullCalendar from '@fullcalendar/react';
import timeGridPlugin from '@fullcalendar/timegrid';
import { useNavigate } from 'react-router';
import { useMay } from '../../api/account.ts';
import type { LessonSummary } from '../../api/client.ts';
import { moveLesson } from '../../sync/actions.ts';
import { dayOf, instantAt, timeOf } from '../../ui/academy-time.ts';
import { momentText } from '../../ui/day-text.ts';
import './calendar.css';

const PLUGINS = [dayGridPlugin, timeGridPlugin, interactionPlugin];
const TIME = { hour: '2-digit', minute: '2-digit', hour12: false } as const;
/** An hour more is seen than is worked, to both sides: some lesson is early. */
const HOUR = (hour: number): string => `${String(hour).padStart(2, '0')}:00:00`;
/** A finger held so long picks a lesson up, ms: shorter, it scrolls. */
const HOLD_MS = 350;

/** How the calendar looks and works, whatever it shows. */
const AS_HERE: CalendarOptions = {
  plugins: PLUGINS,
  // It is given times as the academy's clock has them, and moves them by no zone of its own.
  timeZone: 'UTC',
  headerToolbar: false,
  height: 'auto',
  firstDay: 1,
  fixedWeekCount: false,
  allDaySlot: false,
  nowIndicator: true,
  slotMinTime: HOUR(WORKING_HOURS.fromHour - 1),
  slotMaxTime: HOUR(WORKING_HOURS.untilHour + 2),
  slotDuration: { minutes: WORKING_HOURS.slotMinutes },
  snapDuration: { minutes: 15 },
  defaultTimedEventDuration: { minutes: WORKING_HOURS.lessonMinutes },
  eventTimeFormat: TIME,
  slotLabelFormat: TIME,
  eventDisplay: 'block',
  eventInteractive: true,
  eventDurationEditable: false,
  longPressDelay: HOLD_MS,
  dayMaxEvents: 5,
};

/** Returns a moment as the academy's clock has it, with no zone: `2026-05-04T09:30:00`; and back. */
const onTheClock = (instant: string): string => `${dayOf(instant)}T${timeOf(instant)}:00`;
function momentOf(text: string): string {
  const [day = '', time = ''] = text.split('T');
  return instantAt(day, time.slice(0, 5));
}

/** The package says that the link opens something in its place, and names it by nothing; here it goes to the day. */
function asButton(link: HTMLElement): void {
  for (const name of ['aria-controls', 'aria-expanded']) link.removeAttribute(name);
  link.setAttribute('role', 'button');
}

interface CalendarProps {
  readonly look: 'week' | 'month';
  readonly day: string;
  readonly lessons: readonly LessonSummary[];
  /** A day of more lessons than there is room for was asked for. */
  readonly onDay: (day: string) => void;
  /** A free day was tapped, or a time of it. */
  readonly onFree: (day: string, time: string | null) => void;
}

/** A week or a month of lessons: tap one to open it, drag it to move it, tap a free day for a new one. */
export default function Calendar({ look, day, lessons, onDay, onFree }: CalendarProps) {
  const navigate = useNavigate();
  const mayPlan = useMay('plan');
  const now = new Date().toISOString();
  const drop = ({ event, revert }: EventDropArg): void => {
    const lesson = lessons.find(({ id }) => id === event.id);
    if (lesson === undefined || event.start === null) return revert();
    const startsAt = momentOf(event.startStr);
    moveLesson(lesson, startsAt, momentText(startsAt));
  };
  return (
    <div className="day-calendar overflow-x-auto panel p-2">
      <div className={look === 'week' ? 'min-w-[44rem]' : 'min-w-[36rem]'}>
        <FullCalendar
          {...AS_HERE}
          // Another week or month is another picture: it is not slid to.
          key={`${look} ${day}`}
          now={onTheClock(now)}
          initialView={look === 'week' ? 'timeGridWeek' : 'dayGridMonth'}
          initialDate={day}
          dayHeaderFormat={
            look === 'week' ? { weekday: 'short', day: 'numeric' } : { weekday: 'short' }
          }
          editable={mayPlan}
          moreLinkClick={({ date }) => onDay(date.toISOString().slice(0, 10))}
          moreLinkDidMount={({ el }) => asButton(el)}
          events={lessons.map(({ id, startsAt, player }) => {
            const endsAt = Date.parse(startsAt) + WORKING_HOURS.lessonMinutes * 60_000;
            return {
              id,
              title: player.name,
              start: onTheClock(startsAt),
              classNames: endsAt < Date.parse(now) ? ['is-past'] : [],
            };
          })}
          eventClick={({ event, jsEvent }) => {
            jsEvent.preventDefault();
            const isHit = lessons.find(({ id }) => id === event.id)?.ballCount !== 0;
            void navigate(`/lessons/${event.id}/${isHit ? 'read' : 'watch'}`);
          }}
          eventDrop={drop}
          dateClick={({ dateStr }) => {
            const [date = '', time = null] = dateStr.split('T');
            if (mayPlan) onFree(date, time?.slice(0, 5) ?? null);
          }}
        />
      </div>
    </div>
  );
}
