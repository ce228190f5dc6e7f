import { CalendarDays } from 'lucide-react';
import { useState } from 'react';
import { useCalendarFeed, useEndFeed, useMakeFeed } from '../../api/account.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { ShownLink } from '../../ui/ShownLink.tsx';
import { momentText } from '../../ui/day-text.ts';

const WHOSE = [
  ['mine', 'My players’ lessons'],
  ['all', 'All lessons'],
] as const;

/** The lessons in one's own calendar: an address it reads by itself, which can be ended. */
export function OwnCalendar() {
  const [whose, setWhose] = useState<'mine' | 'all'>('mine');
  const feed = useCalendarFeed().data?.feed ?? null;
  const make = useMakeFeed();
  const end = useEndFeed();
  const error = make.error ?? end.error;
  return (
    <div className="space-y-3">
      <p>
        Your phone’s or computer’s own calendar can read the lessons at an address that only you
        know. Whoever has the address sees when lessons are, the players’ names and what they asked
        for; nothing else.
      </p>
      {feed !== null && (
        <p>
          There is one, of {feed.whose === 'mine' ? 'your players’ lessons' : 'all lessons'}, made{' '}
          {momentText(feed.createdAt)};{' '}
          {feed.readAt === null
            ? 'no calendar has read it yet.'
            : `last read ${momentText(feed.readAt)}.`}
        </p>
      )}
      <Segments
        legend="Which lessons"
        isLegendHidden
        value={whose}
        options={WHOSE}
        onChange={setWhose}
      />
      <div className="flex flex-wrap gap-2">
        <Button disabled={make.isPending} onClick={() => make.mutate(whose)}>
          <CalendarDays aria-hidden size={16} />
          {feed === null ? 'Make the address' : 'Make another: the old one ends'}
        </Button>
        {feed !== null && (
          <Button
            look="quiet"
            onClick={() => {
              make.reset();
              end.mutate(undefined);
            }}
          >
            End the address
          </Button>
        )}
      </div>
      {error !== null && <Notice>{error.message}</Notice>}
      {make.data !== undefined && (
        <ShownLink
          link={`${window.location.origin}${make.data.path}`}
          what="Give it to your calendar as a subscription. It is shown only now; it cannot be guessed, and it is not kept here."
        />
      )}
    </div>
  );
}
