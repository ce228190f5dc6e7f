import { DEFAULT_DISPLAY_UNITS } from '@loxos/core';
import { Link } from 'react-router';
import { drop, sendAgain, useLog } from '../sync/log.ts';
import type { Entry } from '../sync/log-db.ts';
import { isOfLesson, isOfPlayer } from '../sync/pending.ts';
import { amountWords, changeWords, fieldWords } from '../sync/words.ts';
import { Button } from '../ui/Button.tsx';
import { Modal } from '../ui/Modal.tsx';
import { momentText } from '../ui/day-text.ts';

/** What a change wants of the fields that somebody else changed meanwhile. */
function wantedOf({ change }: Entry): Readonly<Record<string, unknown>> {
  if ('changes' in change) return change.changes;
  if ('body' in change) return { ...change.body };
  return {};
}

function Clash({ entry, current }: { entry: Entry; current: Readonly<Record<string, unknown>> }) {
  const wanted = wantedOf(entry);
  const names = Object.keys(current).filter((name) => name !== 'version' && name in wanted);
  return (
    <dl className="grid grid-cols-[auto_1fr_1fr] gap-x-4 text-sm">
      <dt className="font-semibold">Field</dt>
      <dd className="font-semibold">Yours</dd>
      <dd className="font-semibold">Theirs</dd>
      {names.map((name) => (
        <div key={name} className="contents">
          <dt>{fieldWords(name)}</dt>
          <dd>{amountWords(name, wanted[name], DEFAULT_DISPLAY_UNITS)}</dd>
          <dd>{amountWords(name, current[name], DEFAULT_DISPLAY_UNITS)}</dd>
        </div>
      ))}
    </dl>
  );
}

function Refused({ entry, onLeave }: { entry: Entry; onLeave: () => void }) {
  const { id, change, at, refusal } = entry;
  const current = refusal?.current ?? null;
  const isAsked = refusal?.asks !== undefined;
  const place = isOfLesson(change)
    ? `/lessons/${change.lessonId}/${change.op === 'file' ? 'watch' : 'read'}`
    : isOfPlayer(change)
      ? `/players/${change.playerId}`
      : '/settings';
  return (
    <li className="space-y-2 border-b border-line/60 py-3">
      <p className="font-semibold">
        {changeWords(change)}{' '}
        <Link to={place} className="font-normal underline" onClick={onLeave}>
          {isAsked ? 'Answer it' : 'Open it'}
        </Link>
      </p>
      <p className="text-soft">{momentText(at)}</p>
      <p>▲ {current === null ? refusal?.reason : 'Somebody else changed the same meanwhile.'}</p>
      {current !== null && <Clash entry={entry} current={current} />}
      <div className="flex flex-wrap gap-2">
        {!isAsked && (
          <Button onClick={() => void sendAgain(id)}>
            {current === null ? 'Try again' : 'Keep mine'}
          </Button>
        )}
        <Button onClick={() => void drop(id)}>
          {current === null ? 'Let it go' : 'Keep theirs'}
        </Button>
      </div>
    </li>
  );
}

/** Changes that the server refused, each with its reason, until the coach says what becomes of it. */
export function Shelf({ open, onClose }: { open: boolean; onClose: () => void }) {
  const refused = useLog(({ entries }) => entries).filter(({ refusal }) => refusal !== null);
  return (
    <Modal
      title="Changes not taken"
      description="They are kept here, and count nowhere until you decide."
      open={open}
      onClose={onClose}
    >
      {refused.length === 0 ? (
        <p>Nothing is left here.</p>
      ) : (
        <ul>
          {refused.map((entry) => (
            <Refused key={entry.id} entry={entry} onLeave={onClose} />
          ))}
        </ul>
      )}
    </Modal>
  );
}
