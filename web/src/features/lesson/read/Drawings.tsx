import { useMemo } from 'react';
import { formatLength, formatSideLength } from '@loxos/core';
import type { BallView, LengthUnit, Plan } from '@loxos/core';
import type { Lesson } from '../../../api/client.ts';
import { Drawing } from '../../../drawing/Drawing.tsx';
import { FLIGHT_BOX, chosenFlight, flightsPlan } from '../../../drawing/flight-plan.ts';
import type { PlanFlight } from '../../../drawing/flight-plan.ts';
import { IMPACT_VIEW, PLAN_TIMES, impactPlan } from '../../../drawing/impact-plan.ts';
import { SavePicture } from '../../../ui/SavePicture.tsx';
import { Catch } from '../../../ui/Panel.tsx';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import { describeImpact } from '../describe.ts';

interface DrawingsProps {
  readonly lesson: Lesson;
  readonly reading: LessonReading;
  readonly views: readonly BallView[];
  readonly chosen: BallView | null;
  /** Of the club shown; its lane is drawn. */
  readonly plan: Plan | null;
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

function flightWords({ carry, offline, curve }: BallView, unit: LengthUnit): string {
  if (carry === null || offline === null) return 'where it landed is not known';
  const bend = formatSideLength(curve?.value ?? 0, unit);
  const from = carry.from === 'measured' ? '' : ', by the model';
  return `carry ${formatLength(carry.value, unit)}, ${landedWords(offline.value, unit)}, bend ${bend}${from}`;
}

/** The flights of the balls whose landing is known. */
const flightsOf = (views: readonly BallView[], { tracks }: LessonReading): PlanFlight[] =>
  views.flatMap(({ id, carry, offline }) =>
    carry === null || offline === null
      ? []
      : [{ ballId: id, carryM: carry.value, offlineM: offline.value, track: tracks[id] ?? [] }],
  );

/** The chosen ball at impact above, its flight among the others below, on one hairline with the target up. */
export function Drawings({ lesson, reading, views, chosen, plan }: DrawingsProps) {
  const { hand, angleStyle, lengthUnit } = lesson.player;
  const flights = useMemo(() => flightsOf(views, reading), [views, reading]);
  const ground = useMemo(
    () => flightsPlan(flights, lengthUnit, { lane: plan?.wanted, counted: plan?.ballIds ?? [] }),
    [flights, lengthUnit, plan],
  );
  if (chosen === null) return <div />;
  const ordinal = lesson.balls.find(({ id }) => id === chosen.id)?.ordinal ?? 0;
  const { faceAngleDeg, clubPathDeg, start } = chosen;
  const impact = impactPlan(
    { hand, faceAngleDeg, clubPathDeg, startDirectionDeg: start?.value ?? null },
    angleStyle,
  );
  const seen = flights.find(({ ballId }) => ballId === chosen.id);
  const over = seen === undefined ? [] : chosenFlight(seen, ground.scale);
  const words = flightWords(chosen, lengthUnit);
  return (
    <figure
      aria-label="Drawings"
      className="flex min-w-0 flex-col rounded-xl border border-line bg-sheet p-2 lg:h-[calc(100vh-10.5rem)]"
    >
      <Catch name="Drawings">
        <Drawing
          shapes={impact}
          box={IMPACT_VIEW}
          title={describeImpact(chosen, hand, angleStyle)}
          className="min-h-0 w-full flex-[5]"
        />
        <Drawing
          shapes={ground.shapes}
          over={over}
          box={FLIGHT_VIEW}
          title={`Flight of ball ${ordinal} from above: ${words}`}
          className="min-h-0 w-full flex-[6]"
        />
      </Catch>
      <figcaption className="flex items-center justify-between gap-2 text-sm text-soft">
        <span>
          Ball {ordinal}: {words}. Angles at impact drawn {PLAN_TIMES} times as large.
        </span>
        <SavePicture
          shapes={[...ground.shapes, ...over]}
          box={FLIGHT_VIEW}
          file={`ball-${ordinal}`}
        />
      </figcaption>
    </figure>
  );
}
