/**
 * Where the balls of a group were struck across the face when nothing measured it. With a wood or a hybrid start and axis tell it
 * ball by ball. With an iron or a wedge they hardly do: there it is told, of all balls together, by the ball speed lost against the
 * club speed, start and axis giving the side. A ball speed that is lost says no more than that: another club than was named, or
 * balls of another kind, lose it too.
 */
import { SHARED_ERROR_SHARE } from '../inverse/accuracy.ts';
import type { DeviceAccuracy } from '../inverse/accuracy.ts';
import { strike } from '../impact/strike.ts';
import { NORMAL_975, mean, standardDeviation } from '../maths/statistics.ts';
import { robustOf } from '../maths/robust.ts';
import { tQuantile } from '../maths/student.ts';
import { accuracyFor } from './context.ts';
import {
  FURTHEST_STRIKE_MM,
  STRIKE_SCATTER_MM,
  errorsOf,
  reachOf,
  showsStrike,
  slopesOf,
  withDelivery,
} from './impact-check.ts';
import type { BallView } from './read-ball.ts';

/** The middle of the strikes of a group, mm to the toe. */
export interface StrikeEstimate {
  readonly toeMm: number;
  readonly half95: number;
  /** Told by the ball speed lost: an iron's, or a wedge's. */
  readonly bySpeed: boolean;
  /** Share of ball speed lost, 0 where it is not told by that. */
  readonly speedLost: number;
  /** Whether toe or heel is told as well. */
  readonly isSideSure: boolean;
}

/** Half-width of the middle of the face, mm (common practice, no source). */
export const STRIKE_WINDOW_MM = 8;
/** Balls from which a group tells where it was struck. */
const BALLS_AT_LEAST = 3;
/** How far the model's own ball speed may be off, as a share, one standard deviation: heads and balls differ. */
const MODEL_SPEED_SHARE = 0.008;
/** Drop of chi-squared by which a strike beyond the middle must explain more than any within it: 1 time in 100. */
const BEYOND_BY = 6.63;
/** The same by which one side must explain more than the other. */
const SIDE_BY = 2.71;
const STEP_MM = 1;

/** Half of what a monitor may be off by, which all its balls share. */
const halved = (accuracy: DeviceAccuracy): DeviceAccuracy =>
  Object.fromEntries(
    Object.entries(accuracy).map(([name, sd]) => [name, SHARED_ERROR_SHARE * (sd as number)]),
  ) as unknown as DeviceAccuracy;

/** Ball by ball, of heads that show it. */
function byBalls(views: readonly BallView[], accuracy: DeviceAccuracy): StrikeEstimate | null {
  const known = views.flatMap(({ agreement: { struck }, delivery, ball }) =>
    struck === null || delivery === null ? [] : [{ struck, delivery, ball }],
  );
  if (known.length < BALLS_AT_LEAST) return null;
  const values = known.map(({ struck }) => struck.toeMm);
  const [one] = known as [(typeof known)[number]];
  const shared = reachOf(
    slopesOf(one.delivery, strike(one.delivery.delivery, one.delivery.head)),
    errorsOf(one.delivery, halved(accuracyFor(one.ball, accuracy)), 0),
  );
  const { start, tilt } = one.struck.weights;
  const sharedVariance =
    start * start * shared.start + tilt * tilt * shared.tilt + 2 * start * tilt * shared.both;
  // One far strike among ordinary ones is no habit.
  const { middle, error } = robustOf(values)!;
  const own = tQuantile(0.975, values.length - 1) * error;
  const half95 = Math.hypot(own, NORMAL_975 * Math.sqrt(Math.max(0, sharedVariance)));
  return { toeMm: middle, half95, bySpeed: false, speedLost: 0, isSideSure: true };
}

/** What is left over of start and tilt, degrees, and of ball speed, as a share, of a ball whose club speed was measured. */
interface LeftOver {
  readonly start: number;
  readonly tilt: number;
  readonly speed: number;
}

function leftOver({ agreement: { impact }, ball, modelled }: BallView): LeftOver[] {
  const start = impact?.startLeftDeg ?? null;
  const tilt = impact?.tiltLeftDeg ?? null;
  if (ball.clubSpeedMps === null || ball.ballSpeedMps === null || modelled === null) return [];
  if (start === null || tilt === null) return [];
  return [{ start, tilt, speed: ball.ballSpeedMps / modelled.launch.ballSpeedMps - 1 }];
}

/** Variances of the means of what is left over, shared errors in them. */
function variancesOf(rows: readonly LeftOver[], one: BallView, accuracy: DeviceAccuracy): LeftOver {
  const own = accuracyFor(one.ball, accuracy);
  const shared = reachOf(
    slopesOf(one.delivery!, strike(one.delivery!.delivery, one.delivery!.head)),
    errorsOf(one.delivery!, halved(own), 0),
  );
  const speedShare = Math.hypot(
    (SHARED_ERROR_SHARE * own.clubSpeedMps) / one.ball.clubSpeedMps!,
    (SHARED_ERROR_SHARE * own.ballSpeedMps) / one.ball.ballSpeedMps!,
    MODEL_SPEED_SHARE,
  );
  const scatter = (pick: (row: LeftOver) => number): number =>
    standardDeviation(rows.map(pick)) ** 2 / rows.length;
  return {
    start: scatter((r) => r.start) + shared.start,
    tilt: scatter((r) => r.tilt) + shared.tilt,
    speed: scatter((r) => r.speed) + speedShare ** 2,
  };
}

/** All balls together, of heads of which one ball tells nothing. */
function bySpeedLost(views: readonly BallView[], accuracy: DeviceAccuracy): StrikeEstimate | null {
  const told = views.filter((view) => view.delivery !== null && leftOver(view).length > 0);
  const [one] = told;
  if (one === undefined || told.length < BALLS_AT_LEAST) return null;
  const rows = told.flatMap(leftOver);
  const seen = {
    start: mean(rows.map((r) => r.start)),
    tilt: mean(rows.map((r) => r.tilt)),
    speed: mean(rows.map((r) => r.speed)),
  };
  const variances = variancesOf(rows, one, accuracy);
  const { delivery } = one;
  const centre = strike(withDelivery(delivery!, { strikeToeMm: 0 }).delivery, delivery!.head);
  const at = (strikeToeMm: number) => {
    const there = strike(withDelivery(delivery!, { strikeToeMm }).delivery, delivery!.head);
    return {
      start: there.startDirectionDeg - centre.startDirectionDeg,
      tilt: there.spinAxisTiltDeg - centre.spinAxisTiltDeg,
      speed: there.ballSpeedMps / centre.ballSpeedMps - 1,
    };
  };
  // Ordinary scatter costs speed too: the mean of a square is not the square of the mean.
  const usual = at(STRIKE_SCATTER_MM).speed;
  const distance2 = (toeMm: number): number => {
    const there = at(toeMm);
    return (
      (seen.start - there.start) ** 2 / variances.start +
      (seen.tilt - there.tilt) ** 2 / variances.tilt +
      (seen.speed - there.speed - usual) ** 2 / variances.speed
    );
  };
  const tried = Array.from(
    { length: (2 * FURTHEST_STRIKE_MM) / STEP_MM + 1 },
    (_, i) => STEP_MM * i - FURTHEST_STRIKE_MM,
  ).map((toeMm) => ({ toeMm, distance2: distance2(toeMm) }));
  const leastOf = (is: (toeMm: number) => boolean) =>
    tried.reduce((best, one) => (is(one.toeMm) && one.distance2 < best.distance2 ? one : best), {
      toeMm: 0,
      distance2: Infinity,
    });
  const best = leastOf(() => true);
  const within = leastOf((toeMm) => Math.abs(toeMm) <= STRIKE_WINDOW_MM);
  const otherSide = leastOf((toeMm) => toeMm * best.toeMm < 0);
  const isBeyond = within.distance2 - best.distance2 > BEYOND_BY;
  if (!isBeyond || Math.abs(best.toeMm) >= FURTHEST_STRIKE_MM) return null;
  const near = tried.filter(
    ({ toeMm, distance2: d }) => toeMm * best.toeMm > 0 && d <= best.distance2 + NORMAL_975 ** 2,
  );
  const half95 = Math.max(...near.map(({ toeMm }) => Math.abs(toeMm - best.toeMm)));
  return {
    toeMm: best.toeMm,
    half95: Math.min(half95, Math.abs(best.toeMm) - STRIKE_WINDOW_MM),
    bySpeed: true,
    speedLost: -(seen.speed - usual),
    isSideSure: otherSide.distance2 - best.distance2 > SIDE_BY,
  };
}

/** Returns the middle of the strikes of the balls of one club, where nothing measured them; null where it cannot be told. */
export function estimateStrike(
  views: readonly BallView[],
  accuracy: DeviceAccuracy,
): StrikeEstimate | null {
  const own = views.filter(({ ball, inferred }) => ball.strikeToeMm === null && !inferred);
  const head = own.find(({ delivery }) => delivery !== null)?.delivery?.head;
  if (head === undefined) return null;
  return showsStrike(head) ? byBalls(own, accuracy) : bySpeedLost(own, accuracy);
}

/** Returns whether they were clearly struck beyond the middle of the face. */
export const isOffMiddle = ({ toeMm, half95 }: Pick<StrikeEstimate, 'toeMm' | 'half95'>): boolean =>
  Math.abs(toeMm) - half95 > STRIKE_WINDOW_MM;
