import {
  ROUTE_LABELS,
  expectWords,
  gapWarning,
  stageWords,
  planWords,
  traceWords,
  wantedAsNow,
} from '@loxos/core';
import type { Bands, RouteId, Stage } from '@loxos/core';
import type { Lesson } from '../../../api/client.ts';
import { Button } from '../../../ui/Button.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import { Panel } from '../../../ui/Panel.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import type { LessonPlan } from '../lesson-work.ts';
import { partOf, savePart } from '../parts.ts';
import type { WorkValue } from '../parts.ts';
import { wordingOf } from '../wording.ts';
import { NextBalls } from './NextBalls.tsx';
import { Routes } from './Routes.tsx';

export type ChangeWork = (changes: Partial<WorkValue>, label: string) => void;

const MOVE_NAMES: Readonly<Record<Stage['move'], string>> = {
  path: 'the path',
  face: 'the face',
  together: 'both together',
  strike: 'the strike',
  aim: 'the aim',
};

interface WhatFirstProps {
  readonly lesson: Lesson;
  readonly planned: LessonPlan;
  readonly bands: Bands;
  readonly onChange: ChangeWork;
}

/** Which of a route's two stages is worked on. */
function StageChoice({ planned, onChange }: Pick<WhatFirstProps, 'planned' | 'onChange'>) {
  const { plan, work } = planned;
  if (work.route === null || work.route.stages.length < 2) return null;
  return (
    <Segments
      legend="Working on"
      value={String(work.stageIndex)}
      options={work.route.stages.map(
        (one, index) =>
          [String(index), `${index + 1}. ${stageWords(one, plan.strikeToeMm)}`] as const,
      )}
      onChange={(index) => onChange({ stage: Number(index) }, 'the stage')}
    />
  );
}

function OtherRoutes({ lesson, planned, onChange }: Omit<WhatFirstProps, 'bands'>) {
  const { plan, work } = planned;
  if (plan.routes.length === 0) return null;
  const best = plan.routes[plan.best];
  const isAgainst = plan.chosenBy !== 'balls' && best !== undefined && best !== work.route;
  const choose = (id: RouteId | null): void => onChange({ route: id, stage: 0 }, 'the route');
  return (
    <details className="group" open={work.route !== null}>
      <summary className="min-h-9 cursor-pointer font-semibold">
        Ways there, with the average miss on the way (computed)
      </summary>
      <Routes
        plan={plan}
        chosen={work.route}
        isOwn={partOf(lesson, 'work').route !== null}
        unit={lesson.player.lengthUnit}
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

/** What to change in one line, the next balls as computed beside it, and the other ways there. */
export function WhatFirst({ lesson, planned, bands, onChange }: WhatFirstProps) {
  const { plan, work } = planned;
  const { hand, lengthUnit } = lesson.player;
  const w = wordingOf(lesson.player, bands);
  const { route, stage } = work;
  const warning = gapWarning(plan, hand);
  const asNow = (): void => {
    const setUp = partOf(lesson, 'setup');
    const wanted = wantedAsNow(plan.now, hand, w.bands);
    savePart(lesson, 'setup', { ...setUp, wanted }, 'what is wanted');
  };
  return (
    <Panel name="What first" className="space-y-2">
      <p className="text-[1.45rem] leading-snug font-semibold">{planWords(plan, route, w)}</p>
      {stage !== null && <p className="text-lg">{expectWords(plan, stage, w.units)}</p>}
      {work.trace !== null && <p>{traceWords(work.trace)}</p>}
      {warning !== null && <Notice>{warning}</Notice>}
      <NextBalls
        plan={plan}
        route={route}
        stageNames={route?.stages.map(({ move }) => MOVE_NAMES[move]) ?? []}
        unit={lengthUnit}
        isByEye={planned.group.inferred?.byEye === true}
      />
      <StageChoice planned={planned} onChange={onChange} />
      <OtherRoutes lesson={lesson} planned={planned} onChange={onChange} />
      <Button look="quiet" onClick={asNow}>
        Keep this flight: it is the wanted one
      </Button>
    </Panel>
  );
}
