import { findClub } from '@loxos/core';
import type { FirstChoice } from '@loxos/core';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import type { Lesson } from '../../api/client.ts';
import { useOutbox } from '../../api/outbox.ts';
import { useEffects, useOwnDrills, useSettings } from '../../api/queries.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Field.tsx';
import { Empty, Notice } from '../../ui/Notice.tsx';
import type { LessonReading } from '../../workers/reading.worker.ts';
import { Dial } from '../workshop/Dial.tsx';
import { StationView } from '../yard/StationView.tsx';
import { drillBy } from '../yard/layout-of.ts';
import { DrillChoice } from './DrillChoice.tsx';
import { groupOf, useLessonScreen } from './lesson-store.ts';
import { partOf, savePart } from './parts.ts';
import type { WorkValue } from './parts.ts';
import { stationBalls } from './station-balls.ts';
import { StationLog } from './StationLog.tsx';
import { FIRST_SCHOOL_OPTIONS, planWork } from './work-of.ts';

function choiceWords({ target, move }: FirstChoice): string {
  if (target === 'none') return 'Change nothing.';
  const way = {
    path: ['less in-to-out', 'less out-to-in'],
    face: ['less open', 'less closed'],
    strike: ['nearer the heel', 'nearer the toe'],
    aim: ['along the line', 'along the line'],
  }[target];
  return `Change the ${target} first: ${move < 0 ? way[0] : way[1]}.`;
}

const WANTED = [
  ['pathDeg', 'Path asked for', '° in-out'],
  ['faceDeg', 'Face asked for', '° open'],
  ['startDeg', 'Start mark', '° push'],
] as const;

/** Degrees a station asks for beyond the line until the coach says otherwise (common practice). */
const FIRST_ASK_DEG = 4;

/** The work with one more drill; the first one sets the station the way of the change. */
function given(work: WorkValue, { target, move }: FirstChoice, id: string): Partial<WorkValue> {
  const drillIds = [...work.drillIds, id];
  if (work.drillIds.length > 0 || target !== 'path' || move === 0) return { drillIds };
  return { drillIds, wanted: { ...work.wanted, pathDeg: FIRST_ASK_DEG * move } };
}

/** One change, the drill for it, the station laid out, and its log. */
export function WorkStep({ lesson, reading }: { lesson: Lesson; reading: LessonReading | null }) {
  const club = useLessonScreen((state) => state.club);
  const effects = useEffects(lesson.player.id).data ?? [];
  const own = useOwnDrills().data ?? [];
  const group = groupOf(reading, club);
  const rules = useSettings().data;
  const plan = planWork(lesson, group, effects, own, rules);
  const work = partOf(lesson, 'work');
  const set = (changes: Partial<WorkValue>, label: string): void =>
    savePart(lesson, 'work', { ...work, ...changes }, label);
  const push = useOutbox((state) => state.push);
  const { hand, lengthUnit } = lesson.player;
  const station = { hand, kind: findClub(group?.club)?.kind ?? 'iron', ...work.wanted } as const;
  return (
    <div className="mx-auto grid max-w-[1400px] gap-4 px-4 py-4 lg:grid-cols-2">
      <div className="space-y-4">
        {plan === null ? (
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
            What to change first comes from the balls: bring some in with face and path, or with
            start and bend.
          </Empty>
        ) : (
          <>
            <section aria-label="What first" className="rounded-xl border border-line bg-sheet p-4">
              <p className="text-[1.35rem] leading-snug">{choiceWords(plan.choice)}</p>
              <p className="mb-3 text-lg">{plan.choice.reason}</p>
              {plan.warning !== null && <Notice>{plan.warning}</Notice>}
              <div className="mt-3">
                <Choice
                  legend="By which rule"
                  value={plan.choice.school}
                  options={FIRST_SCHOOL_OPTIONS}
                  onChange={(school) => set({ school }, 'the rule')}
                />
              </div>
            </section>
            <DrillChoice
              offered={plan.offered}
              all={plan.all}
              given={work.drillIds}
              onGive={(id) => set(given(work, plan.choice, id), 'a drill given')}
            />
          </>
        )}
      </div>
      <div className="space-y-4">
        {work.drillIds.length === 0 && (
          <p className="rounded-xl border-2 border-dashed border-line p-6 text-center text-soft">
            Give a drill, and its station and log stand here.
          </p>
        )}
        {work.drillIds.map((id) => {
          const drill = drillBy(id, own);
          if (drill === null) return null;
          return (
            <article key={id} aria-label={drill.name} className="space-y-3">
              <div className="flex items-center gap-2">
                <h2 className="mr-auto text-xl">{drill.name}</h2>
                <Button
                  look="quiet"
                  onClick={() =>
                    set({ drillIds: work.drillIds.filter((d) => d !== id) }, 'a drill taken away')
                  }
                >
                  <Trash2 aria-hidden size={16} /> Take away
                </Button>
              </div>
              <StationLog
                drill={drill}
                repetitions={lesson.repetitions}
                withFeel
                measured={stationBalls(lesson, drill.id)}
                onAdd={(body) => push({ op: 'repeat', lessonId: lesson.id, body })}
                onUndo={(repetitionId) =>
                  push({ op: 'unrepeat', lessonId: lesson.id, repetitionId })
                }
              />
              <StationView drill={drill} station={station} unit={lengthUnit} />
            </article>
          );
        })}
        {work.drillIds.length > 0 && (
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
                  set({ wanted: { ...work.wanted, [name]: value } }, 'the station')
                }
              />
            ))}
          </section>
        )}
      </div>
    </div>
  );
}
