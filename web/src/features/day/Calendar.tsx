import { WORKING_HOURS } from '@loxos/core';
import type { EventDropArg } from '@fullcalendar/core';
import dayGridPlugin from '@fullcalendar/daygrid';
import interactionPlugin from '@fullcalendar/interaction';
import FullCalendar from '@fullcalendar/react';
import timeGridPlugin from '@fullcalendar/timegrid';
import { addMinutes, isBefore, parseISO } from 'date-fns';
import { useNavigate } from 'react-router';
import { useMay } from '../../api/account.ts';
import type { LessonSummary } from '../../api/client.ts';
import { moveLesson } from '../../sync/things.ts';
import { momentText } from '../../ui/day-text.ts';
import './calendar.css';

const PLUGINS = [dayGridPlugin, timeGridPlugin, interactionPlugin];
const TIME = { hour: '2-digit', minute: '2-digit', hour12: false } as const;
/** An hour more is seen than is worked, to both sides: some lesson is early. */
const HOUR = (hour: number): string => `${String(hour).padStart(2, '0')}:00:00`;
/** A finger held so long picks a lesson up, ms: shorter, it scrolls. */
const HOLD_MS = 350;

interface CalendarProps {
  readonly look: 'week' | 'month';
  readonly day: Date;
  readonly lessons: readonly LessonSummary[];
  /** A free day or time was tapped. */
  readonly onFree: (at: Date, hasTime: boolean) => void;
}

/** A week or a month of lessons: tap one to open it, drag it to move it, tap a free day for a new one. */
export default function Calendar({ look, day, lessons, onFree }: CalendarProps) {
  const navigate = useNavigate();
  const mayPlan = useMay('plan');
  const now = new Date();
  const drop = ({ event, revert }: EventDropArg): void => {
    const lesson = lessons.find(({ id }) => id === event.id);
    if (lesson === undefined || event.start === null) return revert();
    const startsAt = event.start.toISOString();
    moveLesson(lesson, startsAt, momentText(startsAt));
  };
  return (
    <div className="day-calendar overflow-x-auto rounded-xl border border-line bg-sheet p-2">
      <div className={look === 'week' ? 'min-w-[44rem]' : 'min-w-[36rem]'}>
        <FullCalendar
          // Another week or month is another picture: it is not slid to.
          key={`${look} ${day.toISOString()}`}
          plugins={PLUGINS}
          initialView={look === 'week' ? 'timeGridWeek' : 'dayGridMonth'}
          initialDate={day}
          headerToolbar={false}
          height="auto"
          firstDay={1}
          fixedWeekCount={false}
          allDaySlot={false}
          nowIndicator
          slotMinTime={HOUR(WORKING_HOURS.fromHour - 1)}
          slotMaxTime={HOUR(WORKING_HOURS.untilHour + 2)}
          slotDuration={{ minutes: WORKING_HOURS.slotMinutes }}
          snapDuration={{ minutes: 15 }}
          defaultTimedEventDuration={{ minutes: WORKING_HOURS.lessonMinutes }}
          eventTimeFormat={TIME}
          slotLabelFormat={TIME}
          dayHeaderFormat={
            look === 'week' ? { weekday: 'short', day: 'numeric' } : { weekday: 'short' }
          }
          eventDisplay="block"
          eventInteractive
          editable={mayPlan}
          eventDurationEditable={false}
          longPressDelay={HOLD_MS}
          dayMaxEvents={5}
          events={lessons.map(({ id, startsAt, player }) => {
            const end = addMinutes(parseISO(startsAt), WORKING_HOURS.lessonMinutes);
            return {
              id,
              title: player.name,
              start: startsAt,
              classNames: isBefore(end, now) ? ['is-past'] : [],
            };
          })}
          eventClick={({ event, jsEvent }) => {
            jsEvent.preventDefault();
            const isHit = lessons.find(({ id }) => id === event.id)?.ballCount !== 0;
            void navigate(`/lessons/${event.id}/${isHit ? 'read' : 'watch'}`);
          }}
          eventDrop={drop}
          dateClick={({ date, allDay }) => mayPlan && onFree(date, !allDay)}
        />
      </div>
    </div>
  );
}
