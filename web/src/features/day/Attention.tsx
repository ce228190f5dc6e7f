import { addDaysIso } from '@loxos/core';
import { Link } from 'react-router';
import { useMay } from '../../api/account.ts';
import type { GivenTo } from '../../api/client.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { dayOf, today } from '../../ui/academy-time.ts';
import { dayText } from '../../ui/day-text.ts';

/** Days ahead in which a next look is already worth booking. */
const DUE_WITHIN_DAYS = 3;

/** Days for which a word back stands on the day's page. */
const WORDS_FOR_DAYS = 7;

interface AttentionProps {
  readonly given: readonly GivenTo[];
  readonly onBook: (playerId: string) => void;
}

function Line({ one, why, onBook }: { one: GivenTo; why: string; onBook: (id: string) => void }) {
  const mayPlan = useMay('plan');
  return (
    <li className="flex items-center gap-3 border-t border-line/60 py-1.5">
      <span className="min-w-0 flex-1">
        <Link to={`/players/${one.player.id}`} className="font-semibold hover:underline">
          {one.player.name}
        </Link>
        <span className="block text-soft">{why}</span>
      </span>
      {one.isBooked ? (
        <Link
          to={`/players/${one.player.id}`}
          className="inline-flex min-h-11 items-center px-3 font-semibold underline"
        >
          Booked
        </Link>
      ) : mayPlan ? (
        <Button onClick={() => onBook(one.player.id)} aria-label={`Book ${one.player.name}`}>
          Book
        </Button>
      ) : null}
    </li>
  );
}

/** Who wrote back, who is due a look, and whose homework stopped; each with why, and one tap to act. */
export function Attention({ given, onBook }: AttentionProps) {
  const since = addDaysIso(today(), -WORDS_FOR_DAYS);
  const until = addDaysIso(today(), DUE_WITHIN_DAYS);
  const due = given.filter(({ isBooked, nextLook }) => !isBooked && nextLook.slice(0, 10) <= until);
  const stopped = given.filter((one) => one.isHomeworkStopped && !due.includes(one));
  const wrote = given.flatMap((one) =>
    one.lastWord !== null && dayOf(one.lastWord.at) >= since ? [{ one, word: one.lastWord }] : [],
  );
  return (
    <div className="space-y-3">
      {wrote.length > 0 && (
        <Panel name="Wrote back" isTitled>
          <ul>
            {wrote.map(({ one, word }) => (
              <Line key={one.player.id} one={one} why={`“${word.text}”`} onBook={onBook} />
            ))}
          </ul>
        </Panel>
      )}
      <Panel name="Due a look" isTitled>
        {due.length === 0 ? (
          <p className="text-soft">Nobody: everyone’s next look is booked, or further off.</p>
        ) : (
          <ul>
            {due.map((one) => (
              <Line
                key={one.player.id}
                one={one}
                why={`Next look was to be ${dayText(one.nextLook.slice(0, 10))}; nothing is booked.`}
                onBook={onBook}
              />
            ))}
          </ul>
        )}
      </Panel>
      <Panel name="Homework stopped" isTitled>
        {stopped.length === 0 ? (
          <p className="text-soft">Nobody has missed their last two days.</p>
        ) : (
          <ul>
            {stopped.map((one) => (
              <Line
                key={one.player.id}
                one={one}
                why={`${one.homeworkDone} of ${one.homeworkDue} days done, the last two missed: ${one.points[0] ?? ''}`}
                onBook={onBook}
              />
            ))}
          </ul>
        )}
      </Panel>
    </div>
  );
}
