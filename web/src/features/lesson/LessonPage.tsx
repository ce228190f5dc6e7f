import { useEffect } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useBays } from '../../api/bays.ts';
import type { Lesson } from '../../api/client.ts';
import { useLesson, useSettings } from '../../api/queries.ts';
import { useHearing } from '../../sync/live.ts';
import { useKeys } from '../../app/shortcuts.ts';
import { Button } from '../../ui/Button.tsx';
import { ForCoach } from '../../ui/ForCoach.tsx';
import { Trouble } from '../../ui/Notice.tsx';
import { Catch } from '../../ui/Panel.tsx';
import { BallForm } from './BallForm.tsx';
import { LessonHead } from './LessonHead.tsx';
import { useLessonScreen } from './lesson-store.ts';
import { useWorked } from './lesson-work.ts';
import type { StepProps } from './lesson-work.ts';
import { ProveStep } from './prove/ProveStep.tsx';
import { ReadStep } from './read/ReadStep.tsx';
import { SendStep } from './send/SendStep.tsx';
import { SetStep } from './set/SetStep.tsx';
import { STEPS } from './steps.ts';
import type { StepId } from './steps.ts';
import { usePrevious } from './use-previous.ts';
import { useReading } from './use-reading.ts';
import { LastLine } from './watch/bay/LastLine.tsx';
import { WatchStep } from './watch/WatchStep.tsx';
import { WorkStep } from './work/WorkStep.tsx';

const ROOMS = {
  set: SetStep,
  watch: WatchStep,
  read: ReadStep,
  work: WorkStep,
  prove: ProveStep,
  send: SendStep,
} as const satisfies Record<StepId, unknown>;

/** Steps that are a coach's from top to bottom. */
const PLANS: ReadonlySet<StepId> = new Set(['set', 'send']);

/** Steps that compare with the visit before. */
const COMPARING: ReadonlySet<string> = new Set<StepId>(['set', 'prove', 'send']);
const NO_VISIT = { previousLessonId: null } as const;

function Room({ step, ...props }: StepProps & { readonly step: string }) {
  const found = STEPS.find(({ id }) => id === step);
  if (found === undefined) return <p className="p-6">There is no such step.</p>;
  const Step = ROOMS[found.id];
  return (
    <Catch key={`${props.lesson.id} ${found.id}`} name={found.label}>
      {PLANS.has(found.id) ? (
        <ForCoach isSaid>
          <Step {...props} />
        </ForCoach>
      ) : (
        <Step {...props} />
      )}
    </Catch>
  );
}

/** Returns whether balls of a bay come into a lesson by themselves. */
function useIsLive(lessonId: string): boolean {
  const bays = useBays(false).data ?? [];
  return bays.some((bay) => bay.lessonId === lessonId);
}

function OpenLesson({ lesson, step }: { lesson: Lesson; step: string }) {
  const isLive = useIsLive(lesson.id);
  const settings = useSettings();
  const { result, error, progress, stop } = useReading(lesson, settings.data);
  const previous = usePrevious(COMPARING.has(step) ? lesson : NO_VISIT);
  const worked = useWorked(lesson, result, previous);
  const trouble = settings.error ?? error;
  return (
    <div className="pb-16 lg:pb-0">
      <LessonHead lesson={lesson} worked={worked} />
      {trouble !== null && <Trouble error={trouble} />}
      {progress !== null && (
        <div role="status" className="flex items-center gap-3 px-4 py-2">
          <progress value={progress} aria-label="Reading the balls" className="w-64" />
          Reading {lesson.balls.length} balls …<Button onClick={stop}>Stop</Button>
        </div>
      )}
      {isLive && step !== 'watch' && (
        <Catch name="The ball just hit">
          <LastLine lesson={lesson} reading={result} worked={worked} />
        </Catch>
      )}
      <Room lesson={lesson} reading={result} worked={worked} step={step} />
      <BallForm lesson={lesson} />
    </div>
  );
}

/** One lesson, open at one of its steps. */
export function LessonPage() {
  const { lessonId = '', step = 'read' } = useParams();
  const navigate = useNavigate();
  const { lesson, error } = useLesson(lessonId);
  const { openForm, reset } = useLessonScreen();
  const bays = useBays(false).data ?? [];
  useHearing(lessonId, bays.length > 0);
  useEffect(() => reset, [lessonId, reset]);
  // While the digits are the pad, Alt and the digit go to a step.
  const toStep = Object.fromEntries(
    STEPS.flatMap(({ id, key }) => {
      const go = (): void => void navigate(`/lessons/${lessonId}/${id}`);
      return [[key, go] as const, [`alt+${key}`, go] as const];
    }),
  );
  useKeys({ ...toStep, b: () => openForm(null) });
  if (lesson === null) {
    return error === null ? (
      <p className="p-6 text-soft">Opening the lesson …</p>
    ) : (
      <Trouble error={error} />
    );
  }
  return (
    <>
      {error !== null && <Trouble error={error} />}
      <OpenLesson key={lessonId} lesson={lesson} step={step} />
    </>
  );
}
