import { format } from 'date-fns';
import { Plus } from 'lucide-react';
import { useEffect } from 'react';
import { Link, NavLink, useNavigate, useParams } from 'react-router';
import { useLesson, useSettings } from '../../api/queries.ts';
import { useKeys } from '../../app/shortcuts.ts';
import { Button } from '../../ui/Button.tsx';
import { Trouble } from '../../ui/Notice.tsx';
import { BallForm } from './BallForm.tsx';
import { ProveStep } from './prove/ProveStep.tsx';
import { ReadStep } from './read/ReadStep.tsx';
import { SendStep } from './send/SendStep.tsx';
import { SetStep } from './set/SetStep.tsx';
import { WorkStep } from './work/WorkStep.tsx';
import { STEPS } from './steps.ts';
import { useLessonScreen } from './lesson-store.ts';
import { useReading } from './use-reading.ts';
import { WatchStep } from './watch/WatchStep.tsx';
import type { Lesson } from '../../api/client.ts';

const HAND_WORDS = { right: 'right-handed', left: 'left-handed' } as const;

function StepLine({ lessonId }: { lessonId: string }) {
  return (
    <nav aria-label="Steps of the lesson" className="flex flex-wrap items-center gap-y-1">
      {STEPS.map((step, index) => (
        <div key={step.id} className="flex items-center">
          {index > 0 && <span aria-hidden className="h-px w-2 bg-line" />}
          <NavLink
            to={`/lessons/${lessonId}/${step.id}`}
            className="inline-flex min-h-11 items-center rounded-full border border-line bg-sheet px-4 font-semibold aria-[current=page]:border-ink aria-[current=page]:bg-ink aria-[current=page]:text-paper"
          >
            {step.label}
          </NavLink>
        </div>
      ))}
    </nav>
  );
}

function LessonHead({ lesson }: { lesson: Lesson }) {
  const openForm = useLessonScreen((state) => state.openForm);
  const { player } = lesson;
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-2 border-b border-line px-4 py-2">
      <div>
        <h1 className="text-xl">
          <Link to={`/players/${player.id}`} className="hover:underline">
            {player.name}
          </Link>
        </h1>
        <p className="text-sm text-soft">
          {HAND_WORDS[player.hand]} · {format(new Date(lesson.startsAt), 'EEEE d MMMM, HH:mm')}
          {lesson.asked !== '' && ` · asked: “${lesson.asked}”`}
        </p>
      </div>
      <StepLine lessonId={lesson.id} />
      <Button className="ml-auto" onClick={() => openForm(null)}>
        <Plus aria-hidden size={18} /> New ball
      </Button>
    </div>
  );
}

export function LessonPage() {
  const { lessonId = '', step = 'read' } = useParams();
  const navigate = useNavigate();
  const { lesson, error } = useLesson(lessonId);
  const settings = useSettings();
  const { result, error: readingError, progress, stop } = useReading(lesson, settings.data);
  const { openForm, reset } = useLessonScreen();
  useEffect(() => reset, [lessonId, reset]);
  const toStep = Object.fromEntries(
    STEPS.map(({ id, key }) => [key, () => void navigate(`/lessons/${lessonId}/${id}`)]),
  );
  useKeys({ ...toStep, b: () => openForm(null) });
  const trouble = error ?? settings.error ?? readingError;
  if (trouble !== null) return <Trouble error={trouble} />;
  if (lesson === null) return <p className="p-6 text-soft">Opening the lesson …</p>;
  return (
    <>
      <LessonHead lesson={lesson} />
      {progress !== null && (
        <div role="status" className="flex items-center gap-3 px-4 py-2">
          <progress value={progress} aria-label="Reading the balls" className="w-64" />
          Reading {lesson.balls.length} balls …<Button onClick={stop}>Stop</Button>
        </div>
      )}
      {step === 'set' && <SetStep lesson={lesson} />}
      {step === 'watch' && <WatchStep lesson={lesson} reading={result} />}
      {step === 'read' && <ReadStep lesson={lesson} reading={result} />}
      {step === 'work' && <WorkStep lesson={lesson} reading={result} />}
      {step === 'prove' && <ProveStep lesson={lesson} reading={result} />}
      {step === 'send' && <SendStep lesson={lesson} reading={result} />}
      {!STEPS.some(({ id }) => id === step) && <p className="p-6">There is no such step.</p>}
      <BallForm lesson={lesson} />
    </>
  );
}
