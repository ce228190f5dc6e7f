import { DEFAULT_DISPLAY_UNITS, amountWords, fieldWords, waitingWords } from '@loxos/core';
import { Link } from 'react-router';
import { drop, sendAgain, useLog } from '../sync/log.ts';
import type { Entry } from '../sync/entry.ts';
import { isFile, stepsOf } from '../sync/pending.ts';
import type { Pending } from '../sync/pending.ts';
import { lessonPieces } from '../sync/pieces-of.ts';
import { Button } from '../ui/Button.tsx';
import { Modal } from '../ui/Modal.tsx';
import { momentText } from '../ui/day-text.ts';

/** Returns what a change wants of the fields that somebody else changed meanwhile. */
const wantedOf = ({ change }: Entry): Readonly<Record<string, unknown>> =>
  Object.assign({}, ...stepsOf([change]).map(({ fields }) => fields)) as Record<string, unknown>;

const WRITTEN = { units: DEFAULT_DISPLAY_UNITS, momentText };

/** Returns where a change was made. */
function placeOf(change: Pending): string {
  const of = lessonPieces(change);
  if (of !== null) return `/lessons/${of.lessonId}/${isFile(change) ? 'watch' : 'read'}`;
  const [player] = stepsOf([change]).filter(({ thing }) => thing === 'player');
  return player === undefined ? '/settings' : `/players/${player.id}`;
}

const changeWords = (change: Pending): string =>
  isFile(change) ? `“${change.file.name}” dropped` : waitingWords(change.steps);

function Clash({ entry, current }: { entry: Entry; current: Readonly<Record<string, unknown>> }) {
  const wanted = wantedOf(entry);
  const names = Object.keys(current).filter(
    (name) => !['id', 'version'].includes(name) && name in wanted,
  );
  return (
    <dl className="grid grid-cols-[auto_1fr_1fr] gap-x-4 text-sm">
      <dt className="font-semibold">Field</dt>
      <dd className="font-semibold">Yours</dd>
      <dd className="font-semibold">Theirs</dd>
      {names.map((name) => (
        <div key={name} className="contents">
          <dt>{fieldWords(name)}</dt>
          <dd>{amountWords(name, wanted[name], WRITTEN)}</dd>
          <dd>{amountWords(name, current[name], WRITTEN)}</dd>
        </div>
      ))}
    </dl>
  );
}

function Refused({ entry, onLeave }: { entry: Entry; onLeave: () => void }) {
  const { id, change, at, refusal } = entry;
  const current = refusal?.current ?? null;
  const isAsked = refusal?.asks !== undefined;
  return (
    <li className="space-y-2 border-b border-line/60 py-3">
      <p className="font-semibold">
        {changeWords(change)}{' '}
        <Link to={placeOf(change)} className="font-normal underline" onClick={onLeave}>
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
