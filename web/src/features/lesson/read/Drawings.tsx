import { useMemo } from 'react';
import {
  ballTrack,
  finishText,
  formatLength,
  formatSideLength,
  isByEye,
  surenessOf,
  tapText,
  unitsOf,
} from '@loxos/core';
import type { BallView, LengthUnit, Plan, SourcedFigure } from '@loxos/core';
import type { Lesson } from '../../../api/client.ts';
import { Drawing } from '../../../drawing/Drawing.tsx';
import { FLIGHT_BOX, chosenFlight, flightsPlan } from '../../../drawing/flight-plan.ts';
import type { PlanFlight } from '../../../drawing/flight-plan.ts';
import { IMPACT_VIEW, PLAN_TIMES, impactPlan } from '../../../drawing/impact-plan.ts';
import { SavePicture } from '../../../ui/SavePicture.tsx';
import { Catch } from '../../../ui/Panel.tsx';
import { describeImpact } from '../describe.ts';

interface DrawingsProps {
  readonly lesson: Lesson;
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

function flightWords({ carry, offline, curve }: BallView, unit: LengthUnit): string {
  if (carry === null || offline === null) return 'where it landed is not known';
  const bend = formatSideLength(curve?.value ?? 0, unit);
  const from = carry.from === 'measured' ? '' : ', by the model';
  return `carry ${formatLength(carry.value, unit)}, ${finishText(offline.value, { length: unit })}, bend ${bend}${from}`;
}

/** Returns what an eye told of a ball, as the rest of a sentence. */
function seenWords({ ball }: BallView, { player }: Lesson): string {
  return `${tapText(ball, unitsOf(player))}, by eye`;
}

/** More lines than this are a blot, and slow: of more flights every so many-th is drawn. */
const MOST_DRAWN = 120;

type Landed = BallView & { readonly carry: SourcedFigure; readonly offline: SourcedFigure };
const isLanded = (view: BallView): view is Landed => view.carry !== null && view.offline !== null;

const landingOf = ({ carry, offline }: Landed) => ({
  carryM: carry.value,
  offlineM: offline.value,
});
const flightOf = (view: Landed): PlanFlight => ({
  ballId: view.id,
  ...landingOf(view),
  track: ballTrack(view),
});

/** Returns the flights drawn, of balls whose landing is known; all landings, and those of the counted balls. */
function flightsOf(views: readonly BallView[], plan: Plan | null) {
  const landed = views.filter(isLanded);
  const every = Math.ceil(landed.length / MOST_DRAWN);
  const counts = new Set(plan?.ballIds ?? []);
  return {
    drawn: landed.filter((_, n) => n % every === 0).map(flightOf),
    landings: landed.map(landingOf),
    counted: landed.filter(({ id }) => counts.has(id)).map(landingOf),
  };
}

/** The chosen ball at impact above, its flight among the others below, on one hairline with the target up. */
export function Drawings({ lesson, views, chosen, plan }: DrawingsProps) {
  const { hand, angleStyle, lengthUnit } = lesson.player;
  const { drawn, landings, counted } = useMemo(() => flightsOf(views, plan), [views, plan]);
  const ground = useMemo(
    () => flightsPlan(drawn, lengthUnit, { lane: plan?.wanted, landings, counted }),
    [drawn, landings, counted, lengthUnit, plan],
  );
  if (chosen === null) return <div />;
  const ordinal = lesson.balls.find(({ id }) => id === chosen.id)?.ordinal ?? 0;
  const { faceAngleDeg, clubPathDeg, start } = chosen;
  const impact = impactPlan(
    { hand, faceAngleDeg, clubPathDeg, startDirectionDeg: start?.value ?? null },
    angleStyle,
    surenessOf(chosen.ball),
  );
  const over = isLanded(chosen) ? chosenFlight(flightOf(chosen), ground.scale) : [];
  const words = isByEye(chosen.ball) ? seenWords(chosen, lesson) : flightWords(chosen, lengthUnit);
  return (
    <figure
      aria-label="Drawings"
      className="flex min-w-0 flex-col panel p-2 lg:h-[calc(100vh-10.5rem)]"
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
          {drawn.length < landings.length &&
            ` ${drawn.length} of ${landings.length} flights are drawn.`}
        </span>
        <SavePicture
          picture={() => ({ shapes: [...ground.shapes, ...over], box: FLIGHT_VIEW })}
          file={`ball-${ordinal}`}
        />
      </figcaption>
    </figure>
  );
}
