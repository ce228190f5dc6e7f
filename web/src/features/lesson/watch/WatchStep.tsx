import { CircleHelp, ClipboardPaste, FileUp, Undo2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import type { IntakeAnswers, IntakeResult, LaunchFile, Lesson } from '../../../api/client.ts';
import { toast } from 'sonner';
import { useBringIn, useTakeBackFile } from '../../../api/queries.ts';
import { didUndoably } from '../../../app/undo.ts';
import { Button } from '../../../ui/Button.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import { EyePad } from './EyePad.tsx';
import { IntakeQuestions } from './IntakeQuestions.tsx';
import { PasteBox } from './PasteBox.tsx';
import { RowFates } from './RowFates.tsx';

interface Incoming {
  readonly file: File;
  readonly result: IntakeResult | null;
  readonly error: Error | null;
}

function FileList({
  lesson,
  onTakeBack,
  onAskAgain,
}: {
  lesson: Lesson;
  onTakeBack: (file: LaunchFile) => void;
  onAskAgain: (file: LaunchFile) => void;
}) {
  if (lesson.files.length === 0) return null;
  return (
    <section
      aria-label="Files in this lesson"
      className="rounded-xl border border-line bg-sheet p-4"
    >
      <h2 className="mb-2 text-lg">Files in this lesson</h2>
      <ul className="space-y-3">
        {lesson.files.map((file) => (
          <li key={file.id}>
            <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
              <a
                href={`/api/files/${file.id}`}
                download
                className="font-semibold underline"
                title="The file as it came"
              >
                {file.name}
              </a>
              <span className="text-soft">
                {file.ballCount} {file.ballCount === 1 ? 'ball' : 'balls'}
              </span>
              <Button look="quiet" onClick={() => onTakeBack(file)}>
                <Undo2 aria-hidden size={16} /> Take back
              </Button>
              <Button
                look="quiet"
                title="Asks again what was answered for this file: signs, units, columns"
                onClick={() => onAskAgain(file)}
              >
                <CircleHelp aria-hidden size={16} /> Ask again
              </Button>
            </div>
            <RowFates rows={file.rows} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What became of the last file: added, known, refused, or a question first. */
function Outcome({
  incoming,
  lessonId,
  onAnswer,
}: {
  incoming: Incoming;
  lessonId: string;
  onAnswer: (answers: IntakeAnswers) => void;
}) {
  const { file, result, error } = incoming;
  if (error !== null) {
    return (
      <Notice>
        <p className="font-semibold">“{file.name}” was not taken.</p>
        <p>{error.message}</p>
      </Notice>
    );
  }
  if (result === null) return <p role="status">Reading “{file.name}” …</p>;
  if (result.outcome === 'questions') {
    return <IntakeQuestions fileName={file.name} result={result} onAnswer={onAnswer} />;
  }
  const refused = result.rows.some(({ fate }) => fate === 'rejected');
  return (
    <div role="status" className="rounded-lg border-2 border-ink bg-sheet p-4">
      <p className="text-lg font-semibold">{result.message}</p>
      {refused && <RowFates rows={result.rows} open />}
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

/** Launch data into the lesson: drop a file, pick one, or paste. */
export function WatchStep({ lesson }: { lesson: Lesson; reading: LessonReading | null }) {
  const [incoming, setIncoming] = useState<Incoming | null>(null);
  const [over, setOver] = useState(false);
  const [pasting, setPasting] = useState(false);
  const picker = useRef<HTMLInputElement>(null);
  const bringIn = useBringIn(lesson.id);
  const takeBack = useTakeBackFile(lesson.id);

  const bring = (file: File, answers?: IntakeAnswers, isAskedAgain = false): void => {
    setIncoming({ file, result: null, error: null });
    bringIn.mutate(
      { file, isAskedAgain, ...(answers !== undefined && { answers }) },
      {
        onSuccess: (result) => {
          setIncoming({ file, result, error: null });
          const added = result.file;
          if (result.outcome === 'added' && added !== null) {
            didUndoably(result.message, () => takeBack.mutate(added.id));
          }
        },
        onError: (error) => setIncoming({ file, result: null, error }),
      },
    );
  };
  /** The file as it came, asked about anew. */
  const askAgain = async ({ id, name }: LaunchFile): Promise<void> => {
    const answer = await fetch(`/api/files/${id}`);
    if (!answer.ok) throw new Error('The file could not be fetched: try again.');
    bring(new File([await answer.blob()], name), undefined, true);
  };
  const takeFiles = (files: FileList | null | undefined): void => {
    const file = files?.[0];
    if (file !== undefined) bring(file);
  };
  return (
    <div className="mx-auto grid max-w-[1400px] items-start gap-4 px-3 py-3 lg:grid-cols-[minmax(0,27rem)_minmax(0,1fr)] lg:px-4">
      <div className="min-w-0 space-y-4">
        <div
          onDragOver={(event) => {
            event.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          onDrop={(event) => {
            event.preventDefault();
            setOver(false);
            takeFiles(event.dataTransfer.files);
          }}
          className={`rounded-xl border-2 border-dashed p-5 text-center ${over ? 'border-look bg-wash' : 'border-faint bg-sheet'}`}
        >
          <h2 className="mb-1 text-2xl">Drop the launch file here</h2>
          <p className="mb-4 text-soft">
            The session as CSV, with commas, semicolons or tabs. Hit a handful of balls with no
            advice first.
          </p>
          <input
            ref={picker}
            type="file"
            accept=".csv,.tsv,.txt,text/csv,text/plain,text/tab-separated-values"
            aria-label="Launch file"
            className="sr-only"
            tabIndex={-1}
            onChange={(event) => {
              takeFiles(event.target.files);
              event.target.value = '';
            }}
          />
          <div className="flex flex-wrap justify-center gap-3">
            <Button look="main" onClick={() => picker.current?.click()}>
              <FileUp aria-hidden size={18} /> Choose a file
            </Button>
            <Button onClick={() => setPasting(true)}>
              <ClipboardPaste aria-hidden size={18} /> Paste rows
            </Button>
          </div>
        </div>
        {incoming !== null && (
          <Outcome
            incoming={incoming}
            lessonId={lesson.id}
            onAnswer={(answers) => bring(incoming.file, answers)}
          />
        )}
        <FileList
          lesson={lesson}
          onTakeBack={(file) => {
            takeBack.mutate(file.id);
            setIncoming(null);
          }}
          onAskAgain={(file) =>
            void askAgain(file).catch((error: Error) => toast.error(error.message))
          }
        />
        {lesson.balls.length > 0 && (
          <p>
            {lesson.balls.length} {lesson.balls.length === 1 ? 'ball' : 'balls'} in this lesson.{' '}
            <a
              href={`/api/lessons/${lesson.id}/balls.csv`}
              download
              className="font-semibold underline"
            >
              Save them as CSV
            </a>
          </p>
        )}
      </div>
      <EyePad lesson={lesson} />
      <PasteBox open={pasting} onClose={() => setPasting(false)} onPaste={(file) => bring(file)} />
    </div>
  );
}
