import { Link } from 'react-router';
import type { IntakeQuestion } from '@loxos/core';
import type { IntakeResult, Player } from '../../../api/client.ts';
import { useHealth } from '../../../api/queries.ts';
import { answerFile, useArrivals } from '../../../sync/arrivals.ts';
import { drop, sendAgain, useLog } from '../../../sync/log.ts';
import type { Entry } from '../../../sync/entry.ts';
import { isFile } from '../../../sync/pending.ts';
import type { DroppedFile } from '../../../sync/pending.ts';
import { Button } from '../../../ui/Button.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import { Mapping } from './mapping/Mapping.tsx';
import { giveElsewhere } from './mapping/give-elsewhere.ts';
import { Changes, LeftOut } from './Outcome.tsx';
import { RowFates } from './RowFates.tsx';
import { UnderWay } from './UnderWay.tsx';

/** Returns what a file asks; a browser may still keep what an earlier version asked, which had no answers to choose from. */
const questionsOf = ({ questions }: IntakeResult): readonly IntakeQuestion[] =>
  questions.filter((question) => (question as Partial<typeof question>).choices !== undefined);

interface OnItsWayProps {
  readonly entry: Entry;
  readonly change: DroppedFile;
}

/** A file the server has not taken yet: on its way, or refused. */
function OnItsWay({ entry, change }: OnItsWayProps) {
  const { id, refusal } = entry;
  const { name } = change.file;
  const isAway = useHealth().isError;
  if (refusal === null && !isAway) return <UnderWay changeId={id} name={name} />;
  if (refusal === null)
    return (
      <p role="status">
        ▲ No answer from the server: “{name}” is kept here, and its balls come in when it answers.
      </p>
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

/** A file that asks something first, on its real rows. */
function Asks({ entry, change, player }: OnItsWayProps & { readonly player: Player }) {
  const { id, refusal } = entry;
  const { file } = change;
  if (refusal?.asks === undefined) return null;
  const { asks } = refusal;
  return (
    <Mapping
      title={`“${file.name}” leaves something open`}
      bytes={file.bytes}
      player={player}
      before={asks.answers ?? {}}
      questions={questionsOf(asks)}
      sendWords="Bring the file in"
      leaveWords="Leave the file out"
      onAnswer={(answers, elsewhere) => {
        void giveElsewhere(new File([file.bytes], file.name), answers, elsewhere, new Date());
        if (answers.parts?.length === 0) void drop(id);
        else answerFile(entry, answers);
      }}
      onLeave={() => void drop(id)}
    />
  );
}

/** Returns the launch files of a lesson that have not been taken yet. */
function useUntaken(lessonId: string): readonly OnItsWayProps[] {
  const entries = useLog((state) => state.entries);
  return entries.flatMap((entry) =>
    isFile(entry.change) && entry.change.lessonId === lessonId
      ? [{ entry, change: entry.change }]
      : [],
  );
}
const isAsking = ({ entry }: OnItsWayProps): boolean => entry.refusal?.asks !== undefined;

/** The launch files of a lesson that ask something first. */
export function Asking({ lessonId, player }: { lessonId: string; player: Player }) {
  return useUntaken(lessonId)
    .filter(isAsking)
    .map(({ entry, change }) => (
      <Asks key={entry.id} entry={entry} change={change} player={player} />
    ));
}

/** The launch files of a lesson that are on their way, and what became of those before. */
export function Incoming({ lessonId }: { lessonId: string }) {
  const untaken = useUntaken(lessonId);
  const arrived = useArrivals((state) => state[lessonId]);
  return (
    <>
      {untaken
        .filter((one) => !isAsking(one))
        .map(({ entry, change }) => (
          <OnItsWay key={entry.id} entry={entry} change={change} />
        ))}
      {arrived?.map((result, at) => (
        <Arrived key={at} result={result} lessonId={lessonId} isLast={at === arrived.length - 1} />
      ))}
    </>
  );
}
