import {
  MOVE_LABELS,
  ROUTE_LABELS,
  expectWords,
  faceToPathWarning,
  partOf,
  planSentences,
  planWords,
  traceWords,
  wantedAsNow,
  worthLabel,
  worthWords,
} from '@loxos/core';
import type { LessonFindings, RouteId } from '@loxos/core';
import { Link } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { Button } from '../../../ui/Button.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import { Panel } from '../../../ui/Panel.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import type { Worked } from '../lesson-work.ts';
import { savePart } from '../parts.ts';
import type { WorkPart } from '@loxos/core';
import { LookAsk } from '../read/LookAsk.tsx';
import { NextBalls } from './NextBalls.tsx';
import { Routes } from './Routes.tsx';

export type ChangeWork = (changes: Partial<WorkPart>, label: string) => void;

interface WhatFirstProps {
  readonly lesson: Lesson;
  readonly worked: Worked;
  readonly found: LessonFindings;
  readonly onChange: ChangeWork;
}

const LARGE = 'text-[1.45rem] leading-snug font-semibold';

/** Which of a route's two stages is worked on. */
function StageChoice({ found, onChange }: Pick<WhatFirstProps, 'found' | 'onChange'>) {
  const { work } = found;
  if (work.route === null || work.route.stages.length < 2) return null;
  return (
    <Segments
      legend="Working on"
      value={String(work.stageIndex)}
      options={work.route.stages.map(
        ({ move }, index) => [String(index), `${index + 1}. ${MOVE_LABELS[move]}`] as const,
      )}
      onChange={(index) => onChange({ stage: Number(index) }, 'the stage')}
    />
  );
}

/** Every way there, as pictures; where nothing is worked on they stand open, for a coach who would all the same. */
function AllRoutes({ lesson, worked, found, onChange }: WhatFirstProps) {
  const { plan, work } = found;
  if (plan.routes.length === 0) return null;
  const best = plan.routes[plan.best];
  const isAgainst = plan.chosenBy !== 'balls' && best !== undefined && best !== work.route;
  const choose = (id: RouteId | null): void => onChange({ route: id, stage: 0 }, 'the route');
  return (
    <details className="group" open>
      <summary className="min-h-9 cursor-pointer font-semibold">
        {work.route === null ? 'Ways there, if you would all the same' : 'Ways there'}{' '}
        <span className="font-normal text-soft">computed</span>
      </summary>
      <Routes
        plan={plan}
        chosen={work.route}
        isOwn={partOf(lesson, 'work').route !== null}
        units={worked.wording.units}
        onChoose={choose}
      />
      {isAgainst && (
        <p className="mt-1 text-soft">
          {plan.chosenBy === 'coach' ? 'Your choice' : 'The academy’s rule'}; these balls speak for:{' '}
          {ROUTE_LABELS[best.id].toLowerCase()}.{' '}
          {plan.chosenBy === 'coach' && (
            <button
              type="button"
              className="min-h-9 font-semibold underline"
              onClick={() => choose(null)}
            >
              As the balls say
            </button>
          )}
        </p>
      )}
    </details>
  );
}

/** What to do, as one of the six answers says it. */
function Answer({ lesson, worked, found }: Omit<WhatFirstProps, 'onChange'>) {
  const { plan, work, worth } = found;
  const { wording } = worked;
  if (work.stage !== null) {
    // A try comes with how likely it is, and of a handful of balls with the basics.
    const said = planSentences(plan, worth, wording).map(({ text }) => text);
    const isTry = said.length > 1;
    return (
      <>
        <p className={LARGE}>{isTry ? said.at(-1) : planWords(plan, worth, wording)}</p>
        {said.slice(0, -1).map((text) => (
          <p key={text} className="text-lg">
            {text}
          </p>
        ))}
        <p className="text-lg">{expectWords(plan, work.stage, wording.units)}</p>
      </>
    );
  }
  return (
    <>
      {planSentences(plan, worth, wording).map(({ text }, index) => (
        <p key={text} className={index === 0 ? LARGE : 'text-lg'}>
          {text}
        </p>
      ))}
      <LookAsk lesson={lesson} plan={plan} />
      {plan.answer === 'ask' && (
        <Link
          to={`/lessons/${lesson.id}/read`}
          className="inline-flex min-h-11 items-center font-semibold underline"
        >
          Settle it in Read
        </Link>
      )}
      {worth.length > 0 && (
        <dl className="space-y-1">
          {worth.map((one) => (
            <div key={one.kind}>
              <dt className="inline font-semibold">{worthLabel(one)}. </dt>
              <dd className="inline">{worthWords(one, wording.units)}</dd>
            </div>
          ))}
        </dl>
      )}
    </>
  );
}

/** What to do in one line, the next balls as computed beside it, and every way there. */
export function WhatFirst({ lesson, worked, found, onChange }: WhatFirstProps) {
  const { plan, work } = found;
  const { hand, bands, units } = worked.wording;
  const warning = faceToPathWarning(plan, hand);
  const asNow = (): void => {
    const setUp = partOf(lesson, 'setup');
    savePart(
      lesson,
      'setup',
      { ...setUp, wanted: wantedAsNow(plan.now, hand, bands) },
      'the wanted flight',
    );
  };
  return (
    <Panel name="What first" className="space-y-2">
      <Answer lesson={lesson} worked={worked} found={found} />
      {work.trace !== null && <p>{traceWords(work.trace)}</p>}
      {warning !== null && <Notice>{warning}</Notice>}
      <NextBalls plan={plan} route={work.route} units={units} />
      <StageChoice found={found} onChange={onChange} />
      <AllRoutes lesson={lesson} worked={worked} found={found} onChange={onChange} />
      {(work.stage !== null || plan.answer === 'leave') && (
        <Button look="quiet" onClick={asNow}>
          Make this the wanted flight
        </Button>
      )}
    </Panel>
  );
}
