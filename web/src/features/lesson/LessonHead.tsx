import { Plus, Undo2 } from 'lucide-react';
import { Link, NavLink } from 'react-router';
import type { Lesson } from '../../api/client.ts';
import { useUndo } from '../../app/undo.ts';
import { Button } from '../../ui/Button.tsx';
import { momentText } from '../../ui/day-text.ts';
import { BlockBar } from './BlockBar.tsx';
import { LessonMenu } from './LessonMenu.tsx';
import { useLessonScreen } from './lesson-store.ts';
import type { Worked } from './lesson-work.ts';
import { STEPS } from './steps.ts';

const HAND_WORDS = { right: 'right-handed', left: 'left-handed' } as const;

/** The steps along the hairline; on a phone a bar at the bottom edge. */
export function StepLine({ lessonId }: { lessonId: string }) {
  return (
    <nav
      aria-label="Steps of the lesson"
      className="fixed inset-x-0 bottom-0 z-30 flex h-14 border-t border-line bg-sheet lg:static lg:h-auto lg:border-0 lg:bg-transparent print:hidden"
    >
      {STEPS.map((step, index) => (
        <div key={step.id} className="flex flex-1 items-center lg:flex-none">
          {index > 0 && <span aria-hidden className="hidden h-px w-2 bg-line lg:block" />}
          <NavLink
            to={`/lessons/${lessonId}/${step.id}`}
            className="inline-flex h-full min-h-11 flex-1 items-center justify-center border-t-3 border-transparent font-semibold aria-[current=page]:border-look lg:rounded-full lg:border lg:border-line lg:bg-sheet lg:px-4 lg:aria-[current=page]:border-ink lg:aria-[current=page]:bg-ink lg:aria-[current=page]:text-paper"
          >
            {step.label}
          </NavLink>
        </div>
      ))}
    </nav>
  );
}

function UndoButton() {
  const last = useUndo((state) => state.steps.at(-1));
  const undoLast = useUndo((state) => state.undoLast);
  return (
    <Button
      look="quiet"
      aria-label={last === undefined ? 'Nothing to undo' : `Undo: ${last.label}`}
      title={last === undefined ? 'Nothing to undo' : `Undo: ${last.label}`}
      disabled={last === undefined}
      onClick={undoLast}
      className="shrink-0 px-3!"
    >
      <Undo2 aria-hidden size={18} />
    </Button>
  );
}

interface LessonHeadProps {
  readonly lesson: Lesson;
  readonly worked: Worked;
}

/** Who it is, the steps, and what the next balls are hit as: one line on a phone, two on a desk. */
export function LessonHead({ lesson, worked }: LessonHeadProps) {
  const openForm = useLessonScreen((state) => state.openForm);
  const { player } = lesson;
  const when = momentText(lesson.startsAt);
  return (
    <header className="border-b border-line px-2 lg:px-4">
      <div className="flex h-12 items-center gap-2 lg:h-13 lg:gap-4">
        <h1 className="min-w-0 truncate text-lg lg:text-xl">
          <Link
            to={`/players/${player.id}`}
            className="block truncate leading-[2.75rem] hover:underline"
          >
            {player.name}
          </Link>
        </h1>
        <span className="hidden lg:block">
          <LessonMenu lesson={lesson} />
        </span>
        <StepLine lessonId={lesson.id} />
        <div className="ml-auto flex min-w-0 items-center gap-1">
          <div className="min-w-0 lg:hidden">
            <BlockBar lesson={lesson} worked={worked} hasKey={false} />
          </div>
          <UndoButton />
          <Button
            className="shrink-0 px-3! lg:px-4!"
            aria-label="New ball"
            onClick={() => openForm(null)}
          >
            <Plus aria-hidden size={18} /> <span className="hidden lg:inline">New ball</span>
          </Button>
        </div>
      </div>
      <div className="hidden items-center gap-4 pb-1 lg:flex">
        <p className="min-w-0 flex-1 truncate text-sm text-soft">
          {HAND_WORDS[player.hand]} · {when}
          {lesson.asked !== '' && ` · asked: “${lesson.asked}”`}
        </p>
        <BlockBar lesson={lesson} worked={worked} hasKey />
      </div>
    </header>
  );
}
