/** What a plan is worked out on: the player's balls as a cloud, the wanted, and the outcome at any place. */
import type { ResolvedContext } from '../reading/context.ts';
import { outcomeAt } from './outcome.ts';
import type { Cloud, Outcome, Placement } from './outcome.ts';
import type { RouteId } from './routes.ts';
import type { FirstRoute } from './rules.ts';
import type { Wanted, WantedNumbers } from './wanted.ts';

export interface PlanContext extends ResolvedContext {
  readonly wanted: Wanted;
  readonly aimDeg: number | null;
  /** The academy's rule, and the route the coach chose in this lesson. */
  readonly firstRoute?: FirstRoute;
  readonly route?: RouteId | null;
}

export interface PlanBasis {
  readonly cloud: Cloud;
  readonly wanted: WantedNumbers;
  readonly context: PlanContext;
  /** Whether only an eye saw the balls. */
  readonly isByEye: boolean;
  readonly at: (place: Placement) => Outcome;
}

/** Outcomes are asked for more than once for the same place. */
export function basisOf(
  cloud: Cloud,
  wanted: WantedNumbers,
  context: PlanContext,
  isByEye: boolean,
): PlanBasis {
  const known = new Map<string, Outcome>();
  const at = (place: Placement): Outcome => {
    const key = [place.pathDeg, place.faceDeg, place.toeMm, place.turnDeg].join(' ');
    const found = known.get(key);
    if (found !== undefined) return found;
    const outcome = outcomeAt(cloud, place, wanted, context.bands, context.flight);
    known.set(key, outcome);
    return outcome;
  };
  return { cloud, wanted, context, isByEye, at };
}
