import { Link } from 'react-router';
import type { IntakeQuestion } from '@loxos/core';
import type { IntakeResult, Player } from '../../../api/client.ts';
import { useHealth } from '../../../api/queries.ts';
import { answerFile, useArrivals } from '../../../sync/arrivals.ts';
import { drop, sendAgain, useLog } from '../../../sync/log.ts';
import type { Entry } from '../../../sync/log-db.ts';
import type { FileChange } from '../../../sync/send-file.ts';
import { Button } from '../../../ui/Button.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import { Mapping } from './mapping/Mapping.tsx';
import { giveElsewhere } from './mapping/give-elsewhere.ts';
import { Changes, LeftOut } from './Outcome.tsx';
import { RowFates } from './RowFates.tsx';

/** What a file asks; a browser may still keep what an earlier version asked, which had no answers to choose from. */
const questionsOf = ({ questions }: IntakeResult): readonly IntakeQuestion[] =>
  questions.filter((question) => (question as Partial<typeof question>).choices !== undefined);

interface OnItsWayProps {
  readonly entry: Entry;
  readonly change: FileChange;
  readonly player: Player;
}

/** A file the server has not taken yet: on its way, asking something first, or refused. */
function OnItsWay({ entry, change, player }: OnItsWayProps) {
  const { id, refusal } = entry;
  const { file } = change;
  const { name } = file;
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
      <Mapping
        title={`“${name}” leaves something open`}
        bytes={file.bytes}
        player={player}
        before={refusal.asks.answers ?? {}}
        questions={questionsOf(refusal.asks)}
        leaveWords="Leave the file out"
        onAnswer={(answers, elsewhere) => {
          void giveElsewhere(new File([file.bytes], name), answers, elsewhere, new Date());
          if (answers.parts?.length === 0) void drop(id);
          else answerFile(entry, answers);
        }}
        onLeave={() => void drop(id)}
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
function Arrived({
  result,
  lessonId,
  isLast,
}: {
  result: IntakeResult;
  lessonId: string;
  isLast: boolean;
}) {
  const { rows, refused } = result.rows;
  const seen = rows.filter(({ fate }) => fate === 'rejected' || fate === 'known');
  return (
    <div role="status" className="rounded-lg border-2 border-ink bg-sheet p-4">
      <p className="text-lg font-semibold">{result.message}</p>
      {result.notes.map((note) => (
        <p key={note}>{note}</p>
      ))}
      <LeftOut columns={result.columns} />
      <Changes changed={result.changed} />
      {refused > 0 && <RowFates rows={seen} />}
      {result.outcome === 'added' && isLast && (
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
export function Incoming({ lessonId, player }: { lessonId: string; player: Player }) {
  const entries = useLog((state) => state.entries);
  const arrived = useArrivals((state) => state[lessonId]);
  return (
    <>
      {entries.map(
        (entry) =>
          entry.change.op === 'file' &&
          entry.change.lessonId === lessonId && (
            <OnItsWay key={entry.id} entry={entry} change={entry.change} player={player} />
          ),
      )}
      {arrived?.map((result, at) => (
        <Arrived key={at} result={result} lessonId={lessonId} isLast={at === arrived.length - 1} />
      ))}
    </>
  );
}
