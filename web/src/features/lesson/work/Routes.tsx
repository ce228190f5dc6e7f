import { ROUTE_LABELS, missText } from '@loxos/core';
import type { DisplayUnits, Plan, Route, RouteId } from '@loxos/core';
import { LanePicture, extentOf } from './NextBalls.tsx';

const SIZE = { width: 110, height: 150 } as const;

/** The ways there, each as a picture of the balls after its first stage; nothing stops a coach choosing any. */
export function Routes({
  plan,
  chosen,
  isOwn,
  units,
  onChoose,
}: {
  plan: Plan;
  chosen: Route | null;
  /** Whether the coach chose it, against what the balls say. */
  isOwn: boolean;
  units: DisplayUnits;
  onChoose: (id: RouteId | null) => void;
}) {
  const extent = extentOf(plan);
  return (
    <div role="group" aria-label="Routes" className="flex flex-wrap gap-2">
      {plan.routes.map((route, index) => {
        const [first, then] = route.stages.map(({ expected }) => expected);
        const isChosen = route === chosen;
        return (
          <button
            key={route.id}
            type="button"
            aria-pressed={isChosen}
            onClick={() => onChoose(isChosen && isOwn ? null : route.id)}
            className="flex w-[7.25rem] flex-col items-center rounded-lg border-2 border-line bg-sheet p-1 leading-tight hover:border-ink aria-pressed:border-ink"
          >
            <LanePicture
              plan={plan}
              extent={extent}
              outcome={first!}
              under={plan.now}
              units={units}
              title={ROUTE_LABELS[route.id]}
              size={SIZE}
              className="h-24 w-full"
            />
            <span className="text-sm font-semibold">{ROUTE_LABELS[route.id]}</span>
            {index === plan.best && <span className="text-sm text-look">these balls</span>}
            <span className="font-mono text-sm">
              {!plan.isSideOnly && missText(first!.missM, units)}
              {!plan.isSideOnly && then !== undefined && ` → ${missText(then.missM, units)}`}
            </span>
          </button>
        );
      })}
    </div>
  );
}
