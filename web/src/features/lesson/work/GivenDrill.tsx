import { useState } from 'react';
import { drillBy, findClub, stationBalls, stationCard, stationWords } from '@loxos/core';
import type { OwnDrillFacts, StationBalls } from '@loxos/core';
import { Trash2 } from 'lucide-react';
import type { Lesson } from '../../../api/client.ts';
import { push } from '../../../sync/log.ts';
import { useMay } from '../../../api/account.ts';
import { Button } from '../../../ui/Button.tsx';
import { Dial } from '../../../ui/Dial.tsx';
import { ForCoach } from '../../../ui/ForCoach.tsx';
import { Panel } from '../../../ui/Panel.tsx';
import { StationLog } from '../../../ui/StationLog.tsx';
import type { MeasuredAngle } from '../../../ui/StationLog.tsx';
import { StationView } from '../../../ui/StationView.tsx';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import type { LessonPlan } from '../lesson-work.ts';
import { partOf } from '../parts.ts';
import type { StationAsk } from '../parts.ts';
import { askOf } from '../station-ask.ts';
import { wordingOf } from '../wording.ts';
import type { ChangeWork } from './WhatFirst.tsx';

const ASKS = [
  ['pathDeg', 'Path asked for', '° in-out'],
  ['faceDeg', 'Face asked for', '° open'],
  ['startDeg', 'Start mark', '° push'],
] as const;

interface GivenDrillProps {
  readonly lesson: Lesson;
  readonly reading: LessonReading | null;
  readonly planned: LessonPlan | null;
  readonly id: string;
  readonly own: readonly OwnDrillFacts[];
  readonly onChange: ChangeWork;
}

/** The last ball's angle, to hold against what was felt; a strike has none. */
function angleOf({ figure, last }: StationBalls): MeasuredAngle | null {
  if (figure === 'strikeToeMm') return null;
  return { of: figure === 'faceAngleDeg' ? 'face' : 'path', deg: last };
}

interface AsksProps {
  readonly ask: StationAsk;
  /** While a figure is turned, and once it is left. */
  readonly onTurn: (ask: StationAsk) => void;
  readonly onAsk: (ask: StationAsk) => void;
}

/** What the station of this drill asks for; each drill keeps its own. */
function Asks({ ask, onTurn, onAsk }: AsksProps) {
  return (
    <details>
      <summary className="min-h-9 cursor-pointer font-semibold">What the station asks for</summary>
      {ASKS.map(([name, label, unit]) => (
        <Dial
          key={name}
          label={label}
          value={ask[name]}
          min={-12}
          max={12}
          step={0.5}
          unit={unit}
          onChange={(value) => onTurn({ ...ask, [name]: value })}
          onCommit={(value) => onAsk({ ...ask, [name]: value })}
        />
      ))}
    </details>
  );
}

/** A given drill: its log for the thumb, then its station. */
export function GivenDrill({ lesson, reading, planned, id, own, onChange }: GivenDrillProps) {
  const mayPlan = useMay('plan');
  // What is being turned shows at once, and is written down when it is left.
  const [turned, setTurned] = useState<StationAsk | null>(null);
  const drill = drillBy(id, own);
  if (drill === null) return null;
  const { hand, lengthUnit } = lesson.player;
  const work = partOf(lesson, 'work');
  const { units } = wordingOf(lesson.player);
  const measured = stationBalls(reading?.reading.views ?? [], drill);
  const block = lesson.blocks.at(-1);
  const kind = findClub(planned?.plan.club)?.kind ?? 'iron';
  const ask = turned ?? askOf(work, id, planned?.work.stage ?? null, hand);
  const onAsk = (next: StationAsk): void => {
    setTurned(null);
    onChange({ stations: { ...work.stations, [id]: next } }, 'the station');
  };
  return (
    <article aria-label={drill.name} className="space-y-3">
      <StationLog
        drill={drill}
        repetitions={lesson.repetitions}
        doseStep={block?.drillId === id ? block.doseStep : null}
        withFeel
        measured={
          measured === null
            ? undefined
            : { words: stationWords(measured, units), last: angleOf(measured) }
        }
        onAdd={(body) => void push({ op: 'repeat', lessonId: lesson.id, body })}
        onUndo={(repetitionId) => void push({ op: 'unrepeat', lessonId: lesson.id, repetitionId })}
      />
      <Panel name={`Station: ${drill.name}`}>
        <StationView
          card={stationCard(drill, { hand, kind, ...ask })}
          unit={lengthUnit}
          {...(mayPlan && {
            onPath: (pathDeg: number) => setTurned({ ...ask, pathDeg }),
            onPathEnd: () => turned !== null && onAsk(turned),
          })}
        />
        <ForCoach>
          <Asks ask={ask} onTurn={setTurned} onAsk={onAsk} />
          <Button
            look="quiet"
            onClick={() =>
              onChange({ drillIds: work.drillIds.filter((d) => d !== id) }, 'a drill taken away')
            }
          >
            <Trash2 aria-hidden size={16} /> Take {drill.name} away
          </Button>
        </ForCoach>
      </Panel>
    </article>
  );
}
