import { GENTLY_WORDS, askOfStation, drillBy, inUseWords, partOf } from '@loxos/core';
import type { Drill, LessonFindings, Stage } from '@loxos/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { ForCoach } from '../../../ui/ForCoach.tsx';
import { Empty, Notice } from '../../../ui/Notice.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import type { StepProps } from '../lesson-work.ts';
import { savePart } from '../parts.ts';
import { DrillChoice } from './DrillChoice.tsx';
import { GivenDrill } from './GivenDrill.tsx';
import { Preview } from './Preview.tsx';
import { WhatFirst } from './WhatFirst.tsx';
import type { ChangeWork } from './WhatFirst.tsx';

function NoPlan({ lesson }: { lesson: Lesson }) {
  return (
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
      What to change first comes from the balls: bring some in with a club and with face and path,
      or with start and bend.
    </Empty>
  );
}

/** Returns what the drills beside are for. */
function headingOf({ plan, work }: LessonFindings): string {
  if (work.stage !== null) return 'Drills for it';
  if (plan.answer === 'steady') return 'Drills that steady it';
  return plan.answer === 'look' ? 'Drills, if that is it' : 'Drills that keep it';
}

interface OfferProps {
  readonly lesson: Lesson;
  readonly found: LessonFindings;
  readonly stage: Stage | null;
  readonly given: readonly string[];
  readonly onGive: (id: string, isDespite: boolean) => void;
}

/** The drills to choose from: for what is worked on, or for what is most likely where it is looked for. */
function Offer({ lesson, found, stage, given, onGive }: OfferProps) {
  const { plan, work } = found;
  if (stage === null && work.offered.length === 0) return null;
  const lookedFor = plan.answer === 'look' ? (plan.routes[plan.best]?.stages[0] ?? null) : null;
  return (
    <ForCoach>
      <DrillChoice
        hand={lesson.player.hand}
        stage={stage ?? lookedFor}
        heading={headingOf(found)}
        offered={work.offered}
        all={work.all}
        given={given}
        onGive={onGive}
      />
    </ForCoach>
  );
}

interface GivenProps extends StepProps {
  readonly given: readonly Drill[];
  readonly open: Drill | undefined;
  readonly onShow: (id: string) => void;
  readonly onChange: ChangeWork;
}

/** The drills given, one of them open. */
function Given({ lesson, reading, worked, given, open, onShow, onChange }: GivenProps) {
  if (open === undefined) return null;
  return (
    <>
      {given.length > 1 && (
        <Segments
          legend="Station"
          isLegendHidden
          value={open.id}
          options={given.map(({ id, name }) => [id, name] as const)}
          onChange={onShow}
        />
      )}
      <GivenDrill
        key={open.id}
        lesson={lesson}
        reading={reading}
        worked={worked}
        drill={open}
        onChange={onChange}
      />
    </>
  );
}

/** One change, the next balls it would make, the drill for it, its station and log. */
export function WorkStep({ lesson, reading, worked }: StepProps) {
  const { found, own, gently } = worked;
  const [shown, setShown] = useState<string | null>(null);
  const work = partOf(lesson, 'work');
  const stage = found?.work.stage ?? null;
  const change: ChangeWork = (changes, label) =>
    savePart(lesson, 'work', { ...work, ...changes }, label);
  const give = (id: string, isDespite: boolean): void => {
    const drill = drillBy(id, own)!;
    const stations = {
      ...work.stations,
      [id]: askOfStation(work, drill, stage, lesson.player.hand),
    };
    const despiteIds = isDespite ? [...work.despiteIds, id] : work.despiteIds;
    change({ drillIds: [...work.drillIds, id], despiteIds, stations }, 'a drill given');
    setShown(id);
  };
  const given = work.drillIds.flatMap((id) => drillBy(id, own) ?? []);
  const mind = (found?.inUse ?? []).map(inUseWords).filter((words) => words !== '');
  const open = given.find(({ id }) => id === shown) ?? given.at(-1);
  return (
    <div className="mx-auto grid max-w-[1400px] gap-4 px-3 py-3 lg:grid-cols-2 lg:px-4">
      <div className={`min-w-0 space-y-3 lg:order-1 ${open === undefined ? '' : 'order-2'}`}>
        {found === null ? (
          <NoPlan lesson={lesson} />
        ) : (
          <ForCoach isSaid>
            <WhatFirst lesson={lesson} worked={worked} found={found} onChange={change} />
          </ForCoach>
        )}
      </div>
      <div className={`min-w-0 space-y-3 lg:order-2 ${open === undefined ? '' : 'order-1'}`}>
        {mind.map((words) => (
          <Notice key={words}>{words}</Notice>
        ))}
        {gently && given.length > 0 && <p className="text-soft">{GENTLY_WORDS}</p>}
        <Given {...{ lesson, reading, worked, given, open }} onShow={setShown} onChange={change} />
        {found !== null && (
          <Offer {...{ lesson, found, stage }} given={work.drillIds} onGive={give} />
        )}
        {open === undefined && found?.work.offered[0] !== undefined && (
          <Preview lesson={lesson} worked={worked} drill={found.work.offered[0].drill} />
        )}
      </div>
    </div>
  );
}
