import { Link } from 'react-router';
import type { IntakeResult } from '../../../api/client.ts';
import { useHealth } from '../../../api/queries.ts';
import { answerFile, useArrivals } from '../../../sync/arrivals.ts';
import { drop, sendAgain, useLog } from '../../../sync/log.ts';
import type { Entry } from '../../../sync/log-db.ts';
import { Button } from '../../../ui/Button.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import { IntakeQuestions } from './IntakeQuestions.tsx';
import { RowFates } from './RowFates.tsx';

/** A file the server has not taken yet: on its way, asking something first, or refused. */
function OnItsWay({ entry, name }: { entry: Entry; name: string }) {
  const { id, refusal } = entry;
  const isAway = useHealth().isError;
  if (refusal === null)
    return (
      <p role="status">
        {isAway
          ? `▲ No answer from the server: “${name}” is kept here, and its balls come in when it answers.`
          : `Reading “${name}” …`}
      </p>
    );
  if (refusal.asks !== undefined)
    return (
      <IntakeQuestions
        fileName={name}
        result={refusal.asks}
        onAnswer={(answers) => answerFile(entry, answers)}
        onLeaveOut={() => void drop(id)}
      />
    );
  return (
    <Notice>
      <p className="font-semibold">“{name}” was not taken.</p>
      <p>{refusal.reason}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => void sendAgain(id)}>Try again</Button>
        <Button onClick={() => void drop(id)}>Let it go</Button>
      </div>
    </Notice>
  );
}

/** What became of the last file the server took. */
function Arrived({ result, lessonId }: { result: IntakeResult; lessonId: string }) {
  const { rows, refused } = result.rows;
  const seen = rows.filter(({ fate }) => fate === 'rejected' || fate === 'known');
  return (
    <div role="status" className="rounded-lg border-2 border-ink bg-sheet p-4">
      <p className="text-lg font-semibold">{result.message}</p>
      {refused > 0 && <RowFates rows={seen} />}
      {result.outcome === 'added' && (
        <Link
          to={`/lessons/${lessonId}/read`}
          className="mt-3 inline-flex min-h-11 items-center rounded-lg bg-ink px-5 font-semibold text-paper"
        >
          Read the balls
        </Link>
      )}
    </div>
  );
}

/** The launch files of a lesson that are on their way, and what became of the last. */
export function Incoming({ lessonId }: { lessonId: string }) {
  const entries = useLog((state) => state.entries);
  const arrived = useArrivals((state) => state[lessonId]);
  return (
    <>
      {entries.map(
        (entry) =>
          entry.change.op === 'file' &&
          entry.change.lessonId === lessonId && (
            <OnItsWay key={entry.id} entry={entry} name={entry.change.file.name} />
          ),
      )}
      {arrived !== undefined && <Arrived result={arrived} lessonId={lessonId} />}
    </>
  );
}
