import {
  ROUTE_LABELS,
  askOfStage,
  drillBy,
  expectWords,
  findClub,
  formatLength,
  gainWords,
  gapWarning,
  handSign,
  moveWords,
  planWords,
  stationBalls,
  stationWords,
  traceWords,
  wantedAsNow,
} from '@loxos/core';
import type { Bands, OwnDrillFacts, RouteId } from '@loxos/core';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { useOutbox } from '../../../api/outbox.ts';
import { Button } from '../../../ui/Button.tsx';
import { Choice } from '../../../ui/Field.tsx';
import { Empty, Notice } from '../../../ui/Notice.tsx';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import { Dial } from '../../../ui/Dial.tsx';
import { StationView } from '../../../ui/StationView.tsx';
import { DrillChoice } from './DrillChoice.tsx';
import { useLessonPlan } from '../lesson-work.ts';
import type { LessonPlan } from '../lesson-work.ts';
import { partOf, savePart } from '../parts.ts';
import type { WorkValue } from '../parts.ts';
import { StationLog } from '../../../ui/StationLog.tsx';
import { wordingOf } from '../wording.ts';

const WANTED = [
  ['pathDeg', 'Path asked for', '° in-out'],
  ['faceDeg', 'Face asked for', '° open'],
  ['startDeg', 'Start mark', '° push'],
] as const;

type Change = (changes: Partial<WorkValue>, label: string) => void;

/** What to change, what to expect of it, and the other ways there. */
function WhatFirst({
  lesson,
  planned,
  bands,
  onChange,
}: {
  lesson: Lesson;
  planned: LessonPlan;
  bands: Bands;
  onChange: Change;
}) {
  const { plan, work } = planned;
  const { hand } = lesson.player;
  const w = wordingOf(lesson.player, bands);
  const { route, stage } = work;
  const warning = gapWarning(plan, hand);
  const best = plan.routes[plan.best];
  const isOwn = plan.chosenBy !== 'balls' && best !== undefined && best !== route;
  const asNow = (): void => {
    const setUp = partOf(lesson, 'setup');
    const wanted = wantedAsNow(plan.now, hand, w.bands);
    savePart(lesson, 'setup', { ...setUp, wanted }, 'what is wanted');
  };
  const miss = (id: RouteId): string => {
    const found = plan.routes.find((one) => one.id === id)!;
    return formatLength(found.meanMissM, w.units.length);
  };
  return (
    <section aria-label="What first" className="rounded-xl border border-line bg-sheet p-4">
      <p className="text-[1.35rem] leading-snug">{planWords(plan, route, w)}</p>
      {route !== null && <p className="text-lg">{gainWords(plan, route, w.units)}</p>}
      {stage !== null && <p className="text-lg">{expectWords(plan, stage, w.units)}</p>}
      {isOwn && (
        <p className="text-soft">
          {plan.chosenBy === 'coach' ? 'Your choice' : 'The academy’s rule'}; by the average miss
          these balls speak for: {ROUTE_LABELS[best.id].toLowerCase()}.
        </p>
      )}
      {work.trace !== null && <p className="mt-1">{traceWords(work.trace)}</p>}
      {warning !== null && <Notice>{warning}</Notice>}
      {route !== null && route.stages.length > 1 && (
        <div className="mt-3">
          <Choice
            legend="Working on"
            value={String(work.stageIndex)}
            options={route.stages.map(
              (one, index) =>
                [
                  String(index),
                  `${index + 1}. ${moveWords(one, hand, plan.strikeToeMm).split(':')[0]!}`,
                ] as const,
            )}
            onChange={(index) => onChange({ stage: Number(index) }, 'the stage')}
          />
        </div>
      )}
      {plan.routes.length > 0 && (
        <div className="mt-3">
          <Choice<RouteId | ''>
            legend="By which route (average miss on the way, computed)"
            value={partOf(lesson, 'work').route ?? ''}
            options={[
              ['', 'As the balls say'],
              ...plan.routes.map(({ id }) => [id, `${ROUTE_LABELS[id]} · ${miss(id)}`] as const),
            ]}
            onChange={(id) => onChange({ route: id === '' ? null : id, stage: 0 }, 'the route')}
          />
        </div>
      )}
      <div className="mt-3">
        <Button look="quiet" onClick={asNow}>
          This flight is the wanted one
        </Button>
      </div>
    </section>
  );
}

/** A given drill: its log, then its station. */
function GivenDrill({
  lesson,
  reading,
  planned,
  id,
  own,
  onTakeAway,
}: {
  lesson: Lesson;
  reading: LessonReading | null;
  planned: LessonPlan | null;
  id: string;
  own: readonly OwnDrillFacts[];
  onTakeAway: () => void;
}) {
  const push = useOutbox((state) => state.push);
  const drill = drillBy(id, own);
  if (drill === null) return null;
  const { hand, lengthUnit } = lesson.player;
  const { units } = wordingOf(lesson.player);
  const measured = stationBalls(reading?.reading.views ?? [], drill.id);
  const kind = findClub(planned?.plan.club)?.kind ?? 'iron';
  const station = { hand, kind, ...partOf(lesson, 'work').wanted };
  return (
    <article aria-label={drill.name} className="space-y-3">
      <div className="flex items-center gap-2">
        <h2 className="mr-auto text-xl">{drill.name}</h2>
        <Button look="quiet" onClick={onTakeAway}>
          <Trash2 aria-hidden size={16} /> Take away
        </Button>
      </div>
      <StationLog
        drill={drill}
        repetitions={lesson.repetitions}
        withFeel
        measured={
          measured === null
            ? undefined
            : { words: stationWords(measured, units), lastPathDeg: measured.lastPathDeg }
        }
        onAdd={(body) => push({ op: 'repeat', lessonId: lesson.id, body })}
        onUndo={(repetitionId) => push({ op: 'unrepeat', lessonId: lesson.id, repetitionId })}
      />
      <StationView drill={drill} station={station} unit={lengthUnit} />
    </article>
  );
}

function StationAsks({ work, onChange }: { work: WorkValue; onChange: Change }) {
  return (
    <section
      aria-label="What the station asks for"
      className="rounded-xl border border-line bg-sheet p-3"
    >
      {WANTED.map(([name, label, unit]) => (
        <Dial
          key={name}
          label={label}
          value={work.wanted[name]}
          min={-12}
          max={12}
          step={0.5}
          unit={unit}
          onChange={(value) =>
            onChange({ wanted: { ...work.wanted, [name]: value } }, 'the station')
          }
        />
      ))}
    </section>
  );
}

/** One change, the drill for it, the station laid out, and its log. */
export function WorkStep({ lesson, reading }: { lesson: Lesson; reading: LessonReading | null }) {
  const { planned, own, bands } = useLessonPlan(lesson, reading);
  const work = partOf(lesson, 'work');
  const change: Change = (changes, label) =>
    savePart(lesson, 'work', { ...work, ...changes }, label);
  const give = (id: string): void => {
    const drillIds = [...work.drillIds, id];
    const stage = planned?.work.stage ?? null;
    // The first drill sets the station the way of the change.
    const isFirst = work.drillIds.length === 0 && stage !== null;
    const wanted = isFirst ? askOfStage(stage, handSign(lesson.player.hand)) : work.wanted;
    change({ drillIds, wanted }, 'a drill given');
  };
  return (
    <div className="mx-auto grid max-w-[1400px] gap-4 px-4 py-4 lg:grid-cols-2">
      <div className="space-y-4">
        {planned === null ? (
          <Empty
            action={
              <Link
                to={`/lessons/${lesson.id}/watch`}
                className="inline-flex min-h-11 items-center rounded-lg bg-ink px-5 font-semibold text-paper"
              >
                Bring balls in
              </Link>
            }
          >
            What to change first comes from the balls: bring some in with a club and with face and
            path, or with start and bend.
          </Empty>
        ) : (
          <>
            <WhatFirst lesson={lesson} planned={planned} bands={bands} onChange={change} />
            {(planned.work.stage !== null || planned.work.offered.length > 0) && (
              <DrillChoice
                hand={lesson.player.hand}
                move={planned.work.stage?.move ?? 'aim'}
                offered={planned.work.offered}
                all={planned.work.all}
                given={work.drillIds}
                onGive={give}
              />
            )}
          </>
        )}
      </div>
      <div className="space-y-4">
        {work.drillIds.length === 0 && (
          <p className="rounded-xl border-2 border-dashed border-line p-6 text-center text-soft">
            Give a drill, and its station and log stand here.
          </p>
        )}
        {work.drillIds.map((id) => (
          <GivenDrill
            key={id}
            lesson={lesson}
            reading={reading}
            planned={planned}
            id={id}
            own={own}
            onTakeAway={() =>
              change({ drillIds: work.drillIds.filter((d) => d !== id) }, 'a drill taken away')
            }
          />
        ))}
        {work.drillIds.length > 0 && <StationAsks work={work} onChange={change} />}
      </div>
    </div>
  );
}
