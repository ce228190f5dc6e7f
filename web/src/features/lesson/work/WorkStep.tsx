import { drillBy } from '@loxos/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { ForCoach } from '../../../ui/ForCoach.tsx';
import { Empty } from '../../../ui/Notice.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import { useLessonPlan } from '../lesson-work.ts';
import { partOf, savePart } from '../parts.ts';
import { askOf } from '../station-ask.ts';
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

/** One change, the next balls it would make, the drill for it, its station and log. */
export function WorkStep({ lesson, reading }: { lesson: Lesson; reading: LessonReading | null }) {
  const { planned, own, bands } = useLessonPlan(lesson, reading);
  const [shown, setShown] = useState<string | null>(null);
  const work = partOf(lesson, 'work');
  const stage = planned?.work.stage ?? null;
  const change: ChangeWork = (changes, label) =>
    savePart(lesson, 'work', { ...work, ...changes }, label);
  const give = (id: string): void => {
    const stations = { ...work.stations, [id]: askOf(work, id, stage, lesson.player.hand) };
    change({ drillIds: [...work.drillIds, id], stations }, 'a drill given');
    setShown(id);
  };
  const given = work.drillIds.flatMap((id) => drillBy(id, own) ?? []);
  const open = given.find(({ id }) => id === shown) ?? given.at(-1);
  return (
    <div className="mx-auto grid max-w-[1400px] gap-4 px-3 py-3 lg:grid-cols-2 lg:px-4">
      <div className={`min-w-0 space-y-3 lg:order-1 ${open === undefined ? '' : 'order-2'}`}>
        {planned === null ? (
          <NoPlan lesson={lesson} />
        ) : (
          <ForCoach isSaid>
            <WhatFirst lesson={lesson} planned={planned} bands={bands} onChange={change} />
          </ForCoach>
        )}
      </div>
      <div className={`min-w-0 space-y-3 lg:order-2 ${open === undefined ? '' : 'order-1'}`}>
        {given.length > 1 && open !== undefined && (
          <Segments
            legend="Station"
            isLegendHidden
            value={open.id}
            options={given.map(({ id, name }) => [id, name] as const)}
            onChange={setShown}
          />
        )}
        {open !== undefined && (
          <GivenDrill
            key={open.id}
            lesson={lesson}
            reading={reading}
            planned={planned}
            id={open.id}
            own={own}
            onChange={change}
          />
        )}
        {planned !== null && (stage !== null || planned.work.offered.length > 0) && (
          <ForCoach>
            <DrillChoice
              hand={lesson.player.hand}
              move={stage?.move ?? 'aim'}
              offered={planned.work.offered}
              all={planned.work.all}
              given={work.drillIds}
              onGive={give}
            />
          </ForCoach>
        )}
        {planned !== null && open === undefined && planned.work.offered[0] !== undefined && (
          <Preview lesson={lesson} planned={planned} drill={planned.work.offered[0].drill} />
        )}
      </div>
    </div>
  );
}
