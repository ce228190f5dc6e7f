import { justHitOf, justHitWords, onPlanWords, soFarWords } from '@loxos/core';
import { Button } from '../../../../ui/Button.tsx';
import { ballName, toggleKeep } from '../../ball-actions.ts';
import { useLastHit } from '../../last-hit.ts';
import type { StepProps } from '../../lesson-work.ts';
import { useSounds } from './tone.ts';

/** The ball just hit in one line, in the steps that show something else. */
export function LastLine({ lesson, reading, worked }: StepProps) {
  const last = useLastHit(lesson, reading, worked);
  useSounds(last);
  if (last === null) return null;
  const { ball, view, plan, block, aim } = last;
  const hit = justHitOf(view, plan, worked.wording);
  const soFar = block === null ? null : soFarWords(block, aim, worked.wording);
  return (
    <section
      aria-label="The ball just hit"
      className="flex flex-wrap items-center gap-x-4 border-b border-line px-3 py-1 lg:px-4"
    >
      <p role="status" className="min-w-0 flex-1 leading-tight">
        <span className="text-soft">{ballName(ball)}: </span>
        <b className={view.counts ? '' : 'line-through'}>{justHitWords(hit)}</b>
        {hit.isOnPlan !== null && ` ${onPlanWords(hit.isOnPlan)}.`}{' '}
        <span className="hidden text-soft sm:inline">{soFar}</span>
      </p>
      <Button look="quiet" onClick={() => toggleKeep(ball, view)}>
        {view.counts ? 'Leave it out' : 'Keep it in'}
      </Button>
    </section>
  );
}
