import { formatLength } from '@loxos/core';
import type { BallView, LengthUnit, Plan, ReadBlock } from '@loxos/core';
import { Drawing } from '../../../drawing/Drawing.tsx';
import { laneExtent, lanePlan } from '../../../drawing/lane-plan.ts';
import type { Landing, LaneCloud } from '../../../drawing/lane-plan.ts';
import { SavePicture } from '../../../ui/SavePicture.tsx';
import { Panel } from '../../../ui/Panel.tsx';

const SIZE = { width: 420, height: 400 } as const;

const landingsOf = (views: readonly BallView[]): Landing[] =>
  views.flatMap(({ carry, offline }) =>
    carry === null || offline === null ? [] : [{ carryM: carry.value, offlineM: offline.value }],
  );

/** Where the balls of both blocks came down, on one lane with the wanted flight. */
export function Overlay({
  before,
  after,
  labels,
  plan,
  unit,
}: {
  before: ReadBlock;
  after: ReadBlock;
  labels: readonly [string, string];
  plan: Plan;
  unit: LengthUnit;
}) {
  const clouds: LaneCloud[] = [
    { look: 'earlier', landings: landingsOf(before.counted) },
    { look: 'later', landings: landingsOf(after.counted) },
  ];
  const extent = laneExtent(clouds, plan.wanted, false);
  const { shapes, box } = lanePlan(clouds, plan.wanted, extent, SIZE, unit);
  const wide = formatLength(2 * plan.wanted.halfWidthM, unit);
  return (
    <Panel name="Where they came down">
      <Drawing
        shapes={shapes}
        box={box}
        title={`Landings from above, the target up: ${labels[0]} hollow, ${labels[1]} filled, on a lane ${wide} wide`}
        className="max-h-[46vh] w-full"
      />
      <ul className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <li>○ {labels[0]}</li>
        <li>● {labels[1]}</li>
        <li className="text-soft">lane {wide} wide is wanted; two in three land in an ellipse</li>
        <li className="ml-auto">
          <SavePicture picture={() => ({ shapes, box })} file="landings" />
        </li>
      </ul>
    </Panel>
  );
}
