import { CircleHelp, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import type { LaunchFile, Lesson } from '../../../api/client.ts';
import { bringFiles, readAgain, takeFileBack } from '../../../sync/arrivals.ts';
import { Button } from '../../../ui/Button.tsx';
import { useBays } from '../../../api/bays.ts';
import { Catch } from '../../../ui/Panel.tsx';
import type { StepProps } from '../lesson-work.ts';
import { BayList } from './bay/BayList.tsx';
import { JustHit } from './bay/JustHit.tsx';
import { DropPlace } from './DropPlace.tsx';
import { EyePad } from './eye/EyePad.tsx';
import { Asking, Incoming } from './Incoming.tsx';
import { Mapping } from './mapping/Mapping.tsx';
import { giveElsewhere } from './mapping/give-elsewhere.ts';
import { FileRows } from './RowFates.tsx';
import { SaveBalls } from './SaveBalls.tsx';
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
    <section aria-label="Files in this lesson" className="panel p-4">
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

/** A file of the lesson that is looked at again, with its bytes. */
interface Again {
  readonly file: LaunchFile;
  readonly bytes: ArrayBuffer;
}

/** Returns the bytes of a file as it came. */
async function fetchFile({ id }: LaunchFile): Promise<ArrayBuffer> {
  const answer = await fetch(`/api/files/${id}`);
  if (!answer.ok) throw new Error('The file could not be fetched: try again.');
  return answer.arrayBuffer();
}

/** A file of the lesson, looked at again: answered otherwise it is read again. */
function ReadAgain({ lesson, again, onDone }: ReadAgainProps) {
  const { file, bytes } = again;
  return (
    <Mapping
      title={`How “${file.name}” was read`}
      bytes={bytes}
      player={lesson.player}
      before={file.answers}
      questions={[]}
      sendWords="Read it again"
      leaveWords="Leave it as it is"
      onLeave={onDone}
      onAnswer={(now, elsewhere) => {
        const raw = new File([bytes], file.name);
        void readAgain(lesson.id, raw, { now, before: file.answers }).catch(fail);
        void giveElsewhere(raw, now, elsewhere, new Date()).catch(fail);
        onDone();
      }}
    />
  );
}
interface ReadAgainProps {
  readonly lesson: Lesson;
  readonly again: Again;
  readonly onDone: () => void;
}
const fail = (error: Error): void => void toast.error(error.message);

/** Balls into the lesson: from a bay, a file, or by eye. With a bay on, the ball just hit is the screen. */
export function WatchStep({ lesson, reading, worked }: StepProps) {
  const bays = useBays(true).data ?? [];
  const isLive = bays.some(({ lessonId }) => lessonId === lesson.id);
  const [again, setAgain] = useState<Again | null>(null);
  const lookAgain = async (file: LaunchFile): Promise<void> =>
    setAgain({ file, bytes: await fetchFile(file) });
  return (
    <div className="mx-auto grid max-w-[1400px] items-start gap-4 px-3 py-3 lg:grid-cols-[minmax(0,27rem)_minmax(0,1fr)] lg:px-4">
      <div className="min-w-0 space-y-4 empty:hidden lg:col-span-2">
        <Asking lessonId={lesson.id} player={lesson.player} />
        {again !== null && (
          <ReadAgain
            key={again.file.id}
            lesson={lesson}
            again={again}
            onDone={() => setAgain(null)}
          />
        )}
      </div>
      <div className="min-w-0 space-y-4">
        <BayList bays={bays} lessonId={lesson.id} />
        <DropPlace onFiles={(files) => void bringFiles(lesson.id, files).catch(fail)} />
        <Incoming lessonId={lesson.id} />
        <FileList
          lesson={lesson}
          onTakeBack={({ id }) => takeFileBack(lesson.id, id)}
          onLookAgain={(file) => void lookAgain(file).catch(fail)}
        />
        <SaveBalls lesson={lesson} />
      </div>
      <div className="order-first min-w-0 lg:order-none">
        {isLive ? (
          <Catch name="The ball just hit">
            <JustHit lesson={lesson} reading={reading} worked={worked} />
          </Catch>
        ) : (
          <EyePad lesson={lesson} />
        )}
      </div>
    </div>
  );
}
