import { ROUTE_LABELS, missText } from '@loxos/core';
import type { LengthUnit, Plan, Route, RouteId } from '@loxos/core';
import { LanePicture, extentOf } from './NextBalls.tsx';

const SIZE = { width: 110, height: 150 } as const;

/** The other ways there, each as a picture of the balls after its first stage; nothing stops a coach choosing any. */
export function Routes({
  plan,
  chosen,
  isOwn,
  unit,
  onChoose,
}: {
  plan: Plan;
  chosen: Route | null;
  /** Whether the coach chose it, against what the balls say. */
  isOwn: boolean;
  unit: LengthUnit;
  onChoose: (id: RouteId | null) => void;
}) {
  const extent = extentOf(plan);
  return (
    <div role="group" aria-label="Routes" className="flex flex-wrap gap-2">
      {plan.routes.map((route, index) => {
        const first = route.stages[0]!.expected;
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
              outcome={first}
              under={plan.now}
              unit={unit}
              title={ROUTE_LABELS[route.id]}
              isByEye={false}
              size={SIZE}
              className="h-24 w-full"
            />
            <span className="text-sm font-semibold">{ROUTE_LABELS[route.id]}</span>
            <span className="font-mono text-sm">
              {missText(route.meanMissM, { length: unit })}
              {index === plan.best && <span className="font-sans text-soft"> least</span>}
            </span>
          </button>
        );
      })}
    </div>
  );
}
