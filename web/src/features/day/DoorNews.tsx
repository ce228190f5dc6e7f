import { Link } from 'react-router';
import { useMay } from '../../api/account.ts';
import { useDoorNews, useSeenDoors } from '../../api/doors.ts';
import { Button } from '../../ui/Button.tsx';
import { doorSentence } from '../../ui/door-words.ts';
import { formatDay } from '../../ui/day-text.ts';

/** What is told here; the rest stands in the record. */
const TOLD = 3;

/** Tells an owner what others did at the doors since they last looked, until they say that they have seen it. */
export function DoorNews() {
  const news = useDoorNews(useMay('own')).data ?? [];
  const seen = useSeenDoors();
  if (news.length === 0) return null;
  const more = news.length - TOLD;
  return (
    <section
      aria-label="At the doors"
      className="flex flex-wrap items-center gap-2 rounded-lg border-2 border-look bg-wash px-3 py-2"
    >
      <ul className="mr-auto min-w-0">
        {news.slice(0, TOLD).map((event) => (
          <li key={event.id}>
            <span className="text-look">▲</span> {doorSentence(event)}.{' '}
            <span className="text-soft">
              {formatDay(event.lastAt, 'EEE d MMM, HH:mm')}
              {event.address !== '' && `, from ${event.address}`}
            </span>
          </li>
        ))}
        {more > 0 && <li className="text-soft">and {more} more</li>}
      </ul>
      <Link to="/doors" className="inline-flex min-h-11 items-center px-2 font-semibold underline">
        The record
      </Link>
      <Button disabled={seen.isPending} onClick={() => seen.mutate()}>
        Seen
      </Button>
    </section>
  );
}
