import { MOVE_LABELS, landingWords } from '@loxos/core';
import type { DisplayUnits, Outcome, Plan, Route } from '@loxos/core';
import { Drawing } from '../../../drawing/Drawing.tsx';
import { laneExtent, lanePlan } from '../../../drawing/lane-plan.ts';
import type { Extent, LaneCloud } from '../../../drawing/lane-plan.ts';

const cloudOf = (outcome: Outcome, look: LaneCloud['look']): LaneCloud => ({
  look,
  landings: outcome.landings,
  startDeg: outcome.startDeg,
});

/** One extent for every picture of a plan, so that they compare. */
export function extentOf(plan: Plan): Extent {
  const outcomes = [
    plan.now,
    ...plan.routes.flatMap(({ stages }) => stages.map((s) => s.expected)),
  ];
  const clouds = outcomes.map((outcome) => cloudOf(outcome, 'later'));
  return laneExtent(clouds, plan.wanted, true);
}

interface PictureProps {
  readonly plan: Plan;
  readonly extent: Extent;
  readonly outcome: Outcome;
  /** What lies under it, faint: the balls now. */
  readonly under?: Outcome | undefined;
  readonly units: DisplayUnits;
  readonly title: string;
  readonly size: { readonly width: number; readonly height: number };
  readonly className?: string;
}

/** Balls on the wanted lane, as small as a stamp or as large as there is room. */
export function LanePicture({
  plan,
  extent,
  outcome,
  under,
  units,
  title,
  size,
  className,
}: PictureProps) {
  const clouds = [
    ...(under === undefined ? [] : [cloudOf(under, 'earlier')]),
    cloudOf(outcome, 'later'),
  ];
  const { shapes, box } = lanePlan(clouds, plan.wanted, extent, size, units.length);
  const words = `${title}: ${landingWords(plan, outcome, units)}, computed`;
  return <Drawing shapes={shapes} box={box} title={words} className={className ?? 'w-full'} />;
}

const SIZE = { width: 190, height: 300 } as const;

/** The player's next balls as computed: now, then after each stage of the route, on one lane. */
export function NextBalls({
  plan,
  route,
  units,
}: {
  plan: Plan;
  route: Route | null;
  units: DisplayUnits;
}) {
  const extent = extentOf(plan);
  const steps = [
    { name: 'Now', outcome: plan.now, under: undefined },
    ...(route?.stages ?? []).map(({ expected, move }) => ({
      name: `After ${MOVE_LABELS[move].toLowerCase()}`,
      outcome: expected,
      under: plan.now,
    })),
  ];
  return (
    <div className="flex gap-3">
      {steps.map(({ name, outcome, under }) => (
        <figure key={name} className="min-w-0 flex-1">
          <LanePicture
            plan={plan}
            extent={extent}
            outcome={outcome}
            under={under}
            units={units}
            title={name}
            size={SIZE}
            className="max-h-[32vh] w-full"
          />
          <figcaption className="text-center leading-tight">
            <span className="block font-semibold">{name}</span>
            <span className="font-mono text-lg">
              {landingWords(plan, outcome, units, route?.id === 'strike' ? 'carry' : 'direction')}
            </span>
          </figcaption>
        </figure>
      ))}
    </div>
  );
}
