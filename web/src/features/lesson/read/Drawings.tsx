import { formatLength, formatSideLength } from '@loxos/core';
import type { BallView, LengthUnit } from '@loxos/core';
import type { Lesson } from '../../../api/client.ts';
import { Drawing } from '../../../drawing/Drawing.tsx';
import { FLIGHT_BOX, flightPlan } from '../../../drawing/flight-plan.ts';
import { IMPACT_VIEW, PLAN_TIMES, impactPlan } from '../../../drawing/impact-plan.ts';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import { describeImpact } from '../describe.ts';

interface DrawingsProps {
  readonly lesson: Lesson;
  readonly reading: LessonReading;
  readonly views: readonly BallView[];
  readonly chosen: BallView | null;
}

const FLIGHT_VIEW = [
  -FLIGHT_BOX.width / 2,
  -(FLIGHT_BOX.height - FLIGHT_BOX.bottom),
  FLIGHT_BOX.width,
  FLIGHT_BOX.height,
] as const;

function landedWords(offlineM: number, unit: LengthUnit): string {
  const text = formatSideLength(offlineM, unit);
  return /^0 /.test(text) ? 'on the target line' : `${text} of the target line`;
}

/** The chosen ball at impact, and its flight among the others, both from above with the target up. */
export function Drawings({ lesson, reading, views, chosen }: DrawingsProps) {
  if (chosen === null) return <div />;
  const { hand, angleStyle, lengthUnit } = lesson.player;
  const ordinal = lesson.balls.find(({ id }) => id === chosen.id)?.ordinal ?? 0;
  const { faceAngleDeg, clubPathDeg, start, carry, curve, offline } = chosen;
  const impact = impactPlan(
    { hand, faceAngleDeg, clubPathDeg, startDirectionDeg: start?.value ?? null },
    angleStyle,
  );
  const flights = views.flatMap((view) =>
    view.carry === null || view.offline === null
      ? []
      : [
          {
            ballId: view.id,
            carryM: view.carry.value,
            offlineM: view.offline.value,
            track: reading.tracks[view.id] ?? [],
          },
        ],
  );
  const { shapes } = flightPlan(flights, chosen.id, lengthUnit);
  const landed =
    carry === null || offline === null
      ? 'Where it landed is not known.'
      : `carry ${formatLength(carry.value, lengthUnit)}, ${landedWords(offline.value, lengthUnit)}, bend ${formatSideLength(curve?.value ?? 0, lengthUnit)}${carry.from === 'measured' ? '' : ', by the model'}`;
  return (
    <section aria-label="Drawings" className="grid gap-3 self-start sm:grid-cols-2">
      <figure className="rounded-xl border border-line bg-sheet p-2">
        <Drawing
          shapes={impact}
          box={IMPACT_VIEW}
          title={describeImpact(chosen, hand, angleStyle)}
          className="max-h-[56vh] w-full"
        />
        <figcaption className="text-sm text-soft">
          Ball {ordinal} at impact, angles drawn {PLAN_TIMES} times as large
        </figcaption>
      </figure>
      <figure className="rounded-xl border border-line bg-sheet p-2">
        <Drawing
          shapes={shapes}
          box={FLIGHT_VIEW}
          title={`Flight of ball ${ordinal} from above: ${landed}`}
          className="max-h-[56vh] w-full"
        />
        <figcaption className="text-sm text-soft">
          Ball {ordinal} from above: {landed}
        </figcaption>
      </figure>
    </section>
  );
}
