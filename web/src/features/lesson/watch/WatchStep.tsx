import { CircleHelp, ClipboardPaste, FileUp, Undo2 } from 'lucide-react';
import { Fragment, useRef, useState } from 'react';
import { toast } from 'sonner';
import type { LaunchFile, Lesson } from '../../../api/client.ts';
import { bringFiles, readAgain, takeFileBack } from '../../../sync/arrivals.ts';
import { Button } from '../../../ui/Button.tsx';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import { EyePad } from './EyePad.tsx';
import { Asking, Incoming } from './Incoming.tsx';
import { Mapping } from './mapping/Mapping.tsx';
import { giveElsewhere } from './mapping/give-elsewhere.ts';
import { PasteBox } from './PasteBox.tsx';
import { FileRows } from './RowFates.tsx';
import { ballsText } from '../../../ui/balls-text.ts';

function FileList({
  lesson,
  onTakeBack,
  onLookAgain,
}: {
  lesson: Lesson;
  onTakeBack: (file: LaunchFile) => void;
  onLookAgain: (file: LaunchFile) => void;
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
              <span className="text-soft">{ballsText(file.ballCount)}</span>
              <Button look="quiet" onClick={() => onTakeBack(file)}>
                <Undo2 aria-hidden size={16} /> Take back
              </Button>
              <Button
                look="quiet"
                title="How its columns were read: units, signs, what they hold. All of it can be put right."
                onClick={() => onLookAgain(file)}
              >
                <CircleHelp aria-hidden size={16} /> How it was read
              </Button>
            </div>
            <FileRows file={file} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Forms the balls are written out in. */
const KIND_WORDS = { csv: 'CSV', xlsx: 'a spreadsheet', json: 'JSON' } as const;

/** A file of the lesson that is looked at again, with its bytes. */
interface Again {
  readonly file: LaunchFile;
  readonly bytes: ArrayBuffer;
}

/** The bytes of a file as it came. */
async function fetchFile({ id }: LaunchFile): Promise<ArrayBuffer> {
  const answer = await fetch(`/api/files/${id}`);
  if (!answer.ok) throw new Error('The file could not be fetched: try again.');
  return answer.arrayBuffer();
}

/** Launch data into the lesson: drop a file, pick one, or paste. */
export function WatchStep({ lesson }: { lesson: Lesson; reading: LessonReading | null }) {
  const [over, setOver] = useState(false);
  const [pasting, setPasting] = useState(false);
  const picker = useRef<HTMLInputElement>(null);
  const [again, setAgain] = useState<Again | null>(null);
  const fail = (error: Error): void => void toast.error(error.message);
  const bring = (files: readonly File[]): void => void bringFiles(lesson.id, files).catch(fail);
  const lookAgain = async (file: LaunchFile): Promise<void> =>
    setAgain({ file, bytes: await fetchFile(file) });
  const takeFiles = (files: FileList | null | undefined): void => bring([...(files ?? [])]);
  return (
    <div className="mx-auto grid max-w-[1400px] items-start gap-4 px-3 py-3 lg:grid-cols-[minmax(0,27rem)_minmax(0,1fr)] lg:px-4">
      <div className="min-w-0 space-y-4 empty:hidden lg:col-span-2">
        <Asking lessonId={lesson.id} player={lesson.player} />
        {again !== null && (
          <Mapping
            key={again.file.id}
            title={`How “${again.file.name}” was read`}
            bytes={again.bytes}
            player={lesson.player}
            before={again.file.answers}
            questions={[]}
            leaveWords="Leave it as it is"
            onLeave={() => setAgain(null)}
            onAnswer={(now, elsewhere) => {
              const { name, answers: before } = again.file;
              const file = new File([again.bytes], name);
              void readAgain(lesson.id, file, { now, before }).catch(fail);
              void giveElsewhere(file, now, elsewhere, new Date()).catch(fail);
              setAgain(null);
            }}
          />
        )}
      </div>
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
            The session as CSV, a spreadsheet (.xlsx) or JSON; several at once if need be. Hit a
            handful of balls with no advice first.
          </p>
          <input
            ref={picker}
            type="file"
            multiple
            accept=".csv,.tsv,.txt,.xlsx,.json,text/csv,text/plain,text/tab-separated-values,application/json"
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
        <Incoming lessonId={lesson.id} />
        <FileList
          lesson={lesson}
          onTakeBack={({ id }) => takeFileBack(lesson.id, id)}
          onLookAgain={(file) => void lookAgain(file).catch(fail)}
        />
        {lesson.balls.length > 0 && (
          <p>
            {ballsText(lesson.balls.length)} in this lesson. Save them as{' '}
            {(['csv', 'xlsx', 'json'] as const).map((kind, at) => (
              <Fragment key={kind}>
                {at > 0 && ', '}
                <a
                  href={`/api/lessons/${lesson.id}/balls.${kind}`}
                  download
                  className="inline-flex min-h-6 items-center font-semibold underline"
                >
                  {KIND_WORDS[kind]}
                </a>
              </Fragment>
            ))}
            .
          </p>
        )}
      </div>
      <EyePad lesson={lesson} />
      <PasteBox
        open={pasting}
        onClose={() => setPasting(false)}
        onPaste={(file) => bring([file])}
      />
    </div>
  );
}
