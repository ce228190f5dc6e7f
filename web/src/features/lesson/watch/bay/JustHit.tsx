import { justHitOf, justHitWords, soFarWords } from '@loxos/core';
import type { BallView } from '@loxos/core';
import { useMemo } from 'react';
import type { Ball, CreateBall } from '../../../../api/client.ts';
import { useKeys } from '../../../../app/shortcuts.ts';
import { Button } from '../../../../ui/Button.tsx';
import { SelectField } from '../../../../ui/Field.tsx';
import { changeBall, ballName, toggleKeep } from '../../ball-actions.ts';
import { moveBalls } from '../../block-actions.ts';
import { clubOptions } from '../../club-options.ts';
import { beganAs } from '../../lesson-work.ts';
import type { StepProps, Worked } from '../../lesson-work.ts';
import { Drawings } from '../../read/Drawings.tsx';
import type { Lesson } from '../../../../api/client.ts';

const CLUBS = clubOptions('Club not named');
const ON_PLAN = { true: 'On plan', false: 'Not yet on plan' } as const;

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
    </div>
  );
}

interface WordsProps {
  readonly lesson: Lesson;
  readonly ball: Ball;
  readonly view: BallView;
  readonly worked: Worked;
  /** The block so far against its aim. */
  readonly soFar: string | null;
}

function Words({ lesson, ball, view, worked, soFar }: WordsProps) {
  // A plan is of one club’s balls.
  const isOfPlan = worked.club?.group.ballIds.includes(view.id) === true;
  const plan = isOfPlan ? (worked.found?.plan ?? null) : null;
  const hit = justHitOf(view, plan, worked.wording);
  const keep = (): void => toggleKeep(ball, view);
  useKeys({ x: keep });
  return (
    <section aria-label="The ball just hit" className="min-w-0 space-y-3">
      <p className="text-soft">
        {ballName(ball)}
        {hit.carry !== null && `, carry ${hit.carry}`}
        {!view.counts && ', left out'}
      </p>
      <p role="status" className={`text-3xl font-semibold ${view.counts ? '' : 'line-through'}`}>
        {justHitWords(hit)}
      </p>
      {hit.isOnPlan !== null && (
        <p className="text-xl font-semibold">{ON_PLAN[`${hit.isOnPlan}`]}</p>
      )}
      {soFar !== null && <p className="text-lg">{soFar}</p>}
      <Button onClick={keep}>
        {view.counts ? 'Leave it out' : 'Keep it in'} <kbd className="font-mono text-soft">X</kbd>
      </Button>
      <Corrections lesson={lesson} ball={ball} worked={worked} />
    </section>
  );
}

/** The ball just hit, large, in words and in the drawing, and its block so far. */
export function JustHit({ lesson, reading, worked }: StepProps) {
  const ball = lesson.balls.at(-1);
  const views = useMemo(() => {
    const present = new Set(lesson.balls.map(({ id }) => id));
    return (reading?.views ?? []).filter(({ id }) => present.has(id));
  }, [lesson.balls, reading]);
  const view = views.find(({ id }) => id === ball?.id);
  if (ball === undefined)
    return <p className="p-4 text-xl">Waiting for the first ball of the bay.</p>;
  if (view === undefined) return <p className="p-4 text-soft">Reading {ballName(ball)} …</p>;
  const blocks = reading?.clubs.flatMap(({ blocks: own }) => own) ?? [];
  const block = blocks.find(({ balls }) => balls.some(({ id }) => id === ball.id));
  const aim = lesson.blocks.find(({ id }) => id === ball.blockId)?.aim ?? null;
  return (
    <div className="grid min-w-0 items-start gap-4 lg:grid-cols-[minmax(0,18rem)_minmax(0,1fr)]">
      <Words
        lesson={lesson}
        ball={ball}
        view={view}
        worked={worked}
        soFar={block === undefined ? null : soFarWords(block, aim, worked.wording)}
      />
      <Drawings lesson={lesson} views={views} chosen={view} plan={worked.found?.plan ?? null} />
    </div>
  );
}
