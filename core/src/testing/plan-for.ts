// The plan for balls of one club, as a lesson comes to it: where tests begin.
import type { Bag } from '../delivery/bag.ts';
import type { FlightOptions } from '../flight/options.ts';
import type { DeviceAccuracy } from '../inverse/accuracy.ts';
import type { Hand } from '../line/hand.ts';
import { planGroup } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import type { RouteId } from '../plan/routes.ts';
import type { FirstRoute } from '../plan/rules.ts';
import { PLAIN_WANTED } from '../plan/wanted.ts';
import type { Wanted } from '../plan/wanted.ts';
import type { LessonBall } from '../reading/ball.ts';
import type { Bands } from '../reading/bands.ts';
import { resolveContext } from '../reading/context.ts';
import { readGroup } from '../reading/group.ts';
import { viewBall } from '../reading/read-ball.ts';

interface PlanInput {
  readonly balls: readonly LessonBall[];
  readonly hand: Hand;
  /** Id of the club; balls of other clubs are passed over, those that name none are taken as it. */
  readonly club: string;
  readonly wanted?: Wanted;
  readonly bands?: Partial<Bands>;
  readonly accuracy?: Partial<DeviceAccuracy>;
  readonly bag?: Bag;
  readonly flight?: FlightOptions;
  /** Where the whole body was seen to aim, degrees right of the target line. */
  readonly aimDeg?: number | null;
  readonly firstRoute?: FirstRoute;
  readonly route?: RouteId | null;
}

/** The plan for balls of one club; null where they hold no face and path, measured or read backwards. */
export function planFor(input: PlanInput): Plan | null {
  const { balls, club, wanted = PLAIN_WANTED, aimDeg = null, firstRoute, route, ...rest } = input;
  const context = resolveContext(rest);
  const views = balls
    .map((ball, index) => ({ ball: { ...ball, club: ball.club ?? club }, index }))
    .filter(({ ball }) => ball.club === club)
    .map(({ ball, index }) => viewBall(ball, ball.id ?? String(index + 1), context));
  if (views.length === 0) return null;
  const choice = { ...(firstRoute !== undefined && { firstRoute }), route: route ?? null };
  return planGroup(readGroup(views, context), { ...context, wanted, aimDeg, ...choice });
}
