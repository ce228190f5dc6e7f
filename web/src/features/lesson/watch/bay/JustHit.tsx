import { BALL_NOTE_AT_MOST, justHitOf, justHitWords, onPlanWords, soFarWords } from '@loxos/core';
import type { Ball, CreateBall, Lesson } from '../../../../api/client.ts';
import { useKeys } from '../../../../app/shortcuts.ts';
import { remember } from '../../../../app/undo.ts';
import { Button } from '../../../../ui/Button.tsx';
import { SelectField } from '../../../../ui/Field.tsx';
import { LiveText } from '../../../../ui/LiveText.tsx';
import { ballName, changeBall, toggleKeep, toggleShown } from '../../ball-actions.ts';
import { moveBalls } from '../../block-actions.ts';
import { clubOptions } from '../../club-options.ts';
import { useLastHit } from '../../last-hit.ts';
import type { LastHit } from '../../last-hit.ts';
import { beganAs } from '../../lesson-work.ts';
import type { StepProps, Worked } from '../../lesson-work.ts';
import { useSounds } from './tone.ts';
import { Drawings } from '../../read/Drawings.tsx';

const CLUBS = clubOptions('Club not named');

/** The club and the block it was hit in, to be put right. */
function Corrections({ lesson, ball, worked }: { lesson: Lesson; ball: Ball; worked: Worked }) {
  const blocks = [
    ['', 'No block'] as const,
    ...lesson.blocks.map((block) => [block.id, beganAs(block, worked.own)] as const),
  ];
  return (
    <div className="grid gap-2 sm:grid-cols-2 lg:grid-cols-1">
      <SelectField
        label="Club"
        value={ball.club ?? ''}
        options={CLUBS}
        onChange={({ target: { value } }) =>
          changeBall(
            ball,
            { club: (value === '' ? null : value) as NonNullable<CreateBall['club']> },
            `${ballName(ball)}: another club`,
          )
        }
      />
      <SelectField
        label="Hit in"
        value={ball.blockId ?? ''}
        options={blocks}
        onChange={({ target: { value } }) =>
          moveBalls(lesson.id, [ball], value === '' ? null : value)
        }
      />
      <div className="sm:col-span-2 lg:col-span-1">
        <LiveText
          key={ball.id}
          label={`Note on ${ballName(ball).toLowerCase()}`}
          value={ball.note}
          maxLength={BALL_NOTE_AT_MOST}
          onChange={(note) => changeBall(ball, { note }, `${ballName(ball)}: a note`, remember)}
        />
      </div>
    </div>
  );
}

interface WordsProps {
  readonly lesson: Lesson;
  readonly last: LastHit;
  readonly worked: Worked;
}

function Words({ lesson, last: { ball, view, plan, block, aim }, worked }: WordsProps) {
  const hit = justHitOf(view, plan, worked.wording);
  const soFar = block === null ? null : soFarWords(block, aim, worked.wording);
  const keep = (): void => toggleKeep(ball, view);
  useKeys({ x: keep });
  return (
    <section aria-label="The ball just hit" className="min-w-0 space-y-3">
      <p className="text-soft">
        {ballName(ball)}
        {hit.carry !== null && `, carry ${hit.carry}`}
        {!view.counts && (ball.keep === 'shown' ? ', shown' : ', left out')}
      </p>
      <p role="status" className={`text-3xl font-semibold ${view.counts ? '' : 'line-through'}`}>
        {justHitWords(hit)}
      </p>
      {hit.isOnPlan !== null && (
        <p className="text-xl font-semibold">{onPlanWords(hit.isOnPlan)}</p>
      )}
      {soFar !== null && <p className="text-lg">{soFar}</p>}
      <div className="flex flex-wrap gap-2">
        <Button onClick={keep}>
          {view.counts ? 'Leave it out' : 'Keep it in'} <kbd className="font-mono text-soft">X</kbd>
        </Button>
        <Button
          aria-pressed={ball.keep === 'shown'}
          title="A rehearsal or a demonstration: it never counts"
          onClick={() => toggleShown(ball)}
        >
          {ball.keep === 'shown' ? 'It was hit' : 'Only shown'}
        </Button>
      </div>
      <Corrections lesson={lesson} ball={ball} worked={worked} />
    </section>
  );
}

/** The ball just hit, large, in words and in the drawing, and its block so far. */
export function JustHit({ lesson, reading, worked }: StepProps) {
  const last = useLastHit(lesson, reading, worked);
  useSounds(last);
  if (last === null)
    return (
      <p className="p-4 text-xl">
        {lesson.balls.length === 0
          ? 'Waiting for the first ball of the bay.'
          : 'Reading the balls …'}
      </p>
    );
  const { view, views, plan } = last;
  return (
    <div className="grid min-w-0 items-start gap-4 lg:grid-cols-[minmax(0,18rem)_minmax(0,1fr)]">
      <Words lesson={lesson} last={last} worked={worked} />
      <Drawings lesson={lesson} views={views} chosen={view} plan={plan} />
    </div>
  );
}
