import { useState } from 'react';
import {
  askOfStation,
  askWithin,
  findClub,
  partOf,
  stationBalls,
  stationCard,
  stationWords,
} from '@loxos/core';
import type { Drill, LessonReading, StationAsk, StationBalls } from '@loxos/core';
import { Trash2 } from 'lucide-react';
import type { Lesson } from '../../../api/client.ts';
import { push } from '../../../sync/push.ts';
import { step } from '../../../sync/step.ts';
import { useMay } from '../../../api/account.ts';
import { AskDials, dialsOf } from '../../../ui/AskDials.tsx';
import { Button } from '../../../ui/Button.tsx';
import { ForCoach } from '../../../ui/ForCoach.tsx';
import { Panel } from '../../../ui/Panel.tsx';
import { StationLog } from '../../../ui/StationLog.tsx';
import type { MeasuredAngle } from '../../../ui/StationLog.tsx';
import { StationView } from '../../../ui/StationView.tsx';
import type { Worked } from '../lesson-work.ts';
import type { ChangeWork } from './WhatFirst.tsx';

interface GivenDrillProps {
  readonly lesson: Lesson;
  readonly reading: LessonReading | null;
  readonly worked: Worked;
  readonly drill: Drill;
  readonly onChange: ChangeWork;
}

/** Returns the last ball's angle, to hold against what was felt; a strike has none. */
function angleOf({ figure, last }: StationBalls): MeasuredAngle | null {
  if (figure === 'strikeToeMm') return null;
  return { of: figure === 'faceAngleDeg' ? 'face' : 'path', deg: last };
}

/** Its repetitions, beside what was measured of its balls. */
function Log({ lesson, reading, worked, drill }: Omit<GivenDrillProps, 'onChange'>) {
  const measured = stationBalls(reading?.views ?? [], drill);
  const block = lesson.blocks.at(-1);
  return (
    <StationLog
      drill={drill}
      repetitions={lesson.repetitions}
      doseStep={block?.drillId === drill.id ? block.doseStep : null}
      withFeel
      measured={
        measured === null
          ? undefined
          : { words: stationWords(measured, worked.wording), last: angleOf(measured) }
      }
      onAdd={(repetitionId, body) =>
        void push(step('repetition.add', { id: repetitionId, of: lesson.id }, body))
      }
      onUndo={(repetitionId) =>
        void push(step('repetition.remove', { id: repetitionId, of: lesson.id }))
      }
    />
  );
}

/** A given drill: its log for the thumb, then its station. */
export function GivenDrill({ lesson, reading, worked, drill, onChange }: GivenDrillProps) {
  const mayPlan = useMay('plan');
  // What is being turned shows at once, and is written down when it is left.
  const [turned, setTurned] = useState<StationAsk | null>(null);
  const { id } = drill;
  const { hand, lengthUnit } = lesson.player;
  const work = partOf(lesson, 'work');
  const kind = findClub(worked.club?.group.club)?.kind ?? 'iron';
  const ask = turned ?? askOfStation(work, drill, worked.found?.work.stage ?? null, hand);
  const onAsk = (next: StationAsk): void => {
    setTurned(null);
    onChange({ stations: { ...work.stations, [id]: next } }, 'the station');
  };
  return (
    <article aria-label={drill.name} className="space-y-3">
      <Log {...{ lesson, reading, worked, drill }} />
      <Panel name={`Station: ${drill.name}`}>
        <StationView
          card={stationCard(drill, { hand, kind, ...ask }, worked.gently)}
          unit={lengthUnit}
          {...(mayPlan &&
            dialsOf(drill).some(({ name }) => name === 'pathDeg') && {
              onPath: (pathDeg: number) => setTurned(askWithin(drill, { ...ask, pathDeg })),
              onPathEnd: () => turned !== null && onAsk(turned),
            })}
        />
        <ForCoach>
          {dialsOf(drill).length > 0 && (
            <details>
              <summary className="min-h-9 cursor-pointer font-semibold">
                What the station asks for
              </summary>
              <AskDials drill={drill} ask={ask} onTurn={setTurned} onAsk={onAsk} />
            </details>
          )}
          <Button
            look="quiet"
            onClick={() =>
              onChange(
                {
                  drillIds: work.drillIds.filter((d) => d !== id),
                  despiteIds: work.despiteIds.filter((d) => d !== id),
                },
                'a drill taken away',
              )
            }
          >
            <Trash2 aria-hidden size={16} /> Take {drill.name} away
          </Button>
        </ForCoach>
      </Panel>
    </article>
  );
}
