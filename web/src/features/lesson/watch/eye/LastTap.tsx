import { Undo2 } from 'lucide-react';
import { tapWords, unitsOf } from '@loxos/core';
import type { Ball, Lesson } from '../../../../api/client.ts';
import { Button } from '../../../../ui/Button.tsx';
import { ballName } from '../../ball-actions.ts';

interface LastTapProps {
  readonly lesson: Lesson;
  /** The last ball, where an eye saw it. */
  readonly ball: Ball | null;
  readonly isReady: boolean;
  readonly takeBack: () => void;
}

/** Returns what to do before the first tap. */
const asked = (isReady: boolean): string =>
  isReady
    ? 'One touch a ball: across, where it starts; up and down, how it bends.'
    : '▲ Choose the club first: it is half of what a bend means.';

/** The ball tapped last, and its way back. */
export const LastTap = ({ lesson, ball, isReady, takeBack }: LastTapProps) => (
  <div className="flex min-h-12 items-center gap-2">
    <p
      role="status"
      aria-label="The ball tapped last"
      className="min-w-0 flex-1 leading-tight lg:text-lg"
    >
      {ball === null ? (
        <span className={isReady ? 'text-soft' : 'text-look'}>{asked(isReady)}</span>
      ) : (
        <>
          <span className="text-soft">{ballName(ball)}: </span>
          <b>{tapWords(ball, unitsOf(lesson.player))}</b>
        </>
      )}
    </p>
    {ball !== null && (
      <Button onClick={takeBack} className="shrink-0 px-3!">
        <Undo2 aria-hidden size={18} /> Take it back
      </Button>
    )}
  </div>
);
