/**
 * The four start rules coaches hold. Each predicts where a ball starts from face and path; the bend is
 * the flight model's for the same face to path, turned to that start.
 *
 * `impact`: falls out of the collision. `fixed-split`: 85/15 face/path for woods, 75/25 for irons
 * (common practice, no source). `face-only`, `path-only`: teaching shorthands; the second is
 * contradicted by measurement (Wood, Henrikson & Broadie 2018, Proceedings 2(6):249: the face owns 61
 * to 83 %, from memory) and kept so that a coach can see which rule fits a player's own balls.
 */
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';
import { flyBall } from '../flight/flight.ts';
import { mean } from '../maths/statistics.ts';
import { tQuantile } from '../maths/student.ts';

export const START_SCHOOLS = ['impact', 'fixed-split', 'face-only', 'path-only'] as const;
export type StartSchool = (typeof START_SCHOOLS)[number];

/** The face's share of the start in the fixed split (common practice, no source). */
export const FIXED_SPLIT = { woods: 0.85, irons: 0.75 } as const;

const isWood = (head: ClubHead): boolean => head.kind === 'driver' || head.kind === 'fairway';

/** The face's share a school holds, 0 to 1; the impact school's is read off its own start. */
function shareOf(school: Exclude<StartSchool, 'impact'>, head: ClubHead): number {
  if (school === 'face-only') return 1;
  if (school === 'path-only') return 0;
  return isWood(head) ? FIXED_SPLIT.woods : FIXED_SPLIT.irons;
}

export interface SchoolPrediction {
  readonly school: StartSchool;
  /** Degrees, positive right of the target line. */
  readonly startDirectionDeg: number;
  /** Metres, positive right. */
  readonly curveM: number;
  readonly offlineM: number;
}

/** Returns what each school says of one delivery. */
export function predictBySchools(
  delivery: Delivery,
  head: ClubHead,
  flight: FlightOptions = {},
): SchoolPrediction[] {
  const { launch, flight: flown } = simulateShot(delivery, head, flight);
  return START_SCHOOLS.map((school) => {
    if (school === 'impact') {
      const { startDirectionDeg } = launch;
      return { school, startDirectionDeg, curveM: flown.curveM, offlineM: flown.offlineM };
    }
    const share = shareOf(school, head);
    const start = share * delivery.faceAngleDeg + (1 - share) * delivery.clubPathDeg;
    const turned =
      launch.contact === 'none'
        ? flown
        : flyBall({ ...ballOf(launch), startDirectionDeg: start }, flight);
    return { school, startDirectionDeg: start, curveM: turned.curveM, offlineM: turned.offlineM };
  });
}

const ballOf = ({
  ballSpeedMps,
  launchAngleDeg,
  spinRateRpm,
  spinAxisTiltDeg,
}: ReturnType<typeof simulateShot>['launch']) => ({
  ballSpeedMps,
  launchAngleDeg,
  spinRateRpm,
  spinAxisTiltDeg,
});

/** A measured ball: degrees, positive right, and the collision model's start for the same delivery. */
export interface ShareBall {
  readonly faceAngleDeg: number;
  readonly clubPathDeg: number;
  readonly startDirectionDeg: number;
  readonly impactStartDeg: number;
  readonly isWood: boolean;
}

export type StartShare =
  | {
      readonly share: number;
      /** 95 % interval of the share. */
      readonly low: number;
      readonly high: number;
      readonly count: number;
      /** The share each school holds for these balls, and whether the interval rules it out. */
      readonly schools: readonly {
        readonly school: StartSchool;
        readonly share: number;
        readonly ruledOut: boolean;
      }[];
      readonly reason?: undefined;
    }
  | { readonly share: null; readonly count: number; readonly reason: string };

export const SHARE_DEFAULTS = {
  ballsAtLeast: 8,
  /** Root mean square of face to path below which the balls cannot tell, degrees. */
  faceToPathAtLeastDeg: 1,
  /** An interval wider than this says nothing. */
  widestInterval: 0.6,
} as const;

const NO_ERROR = { faceAngleDeg: 0, clubPathDeg: 0 } as const;

/** Returns the face's share of the start that a school holds, over these balls: for the collision as it gives each of them. */
function shareHeld(school: StartSchool, balls: readonly ShareBall[]): number {
  switch (school) {
    case 'impact': {
      const faceToPaths = balls.map((b) => b.faceAngleDeg - b.clubPathDeg);
      const squares = faceToPaths.reduce((sum, one) => sum + one * one, 0);
      return (
        faceToPaths.reduce(
          (sum, one, i) => sum + one * (balls[i]!.impactStartDeg - balls[i]!.clubPathDeg),
          0,
        ) / squares
      );
    }
    case 'fixed-split':
      return mean(balls.map((b) => (b.isWood ? FIXED_SPLIT.woods : FIXED_SPLIT.irons)));
    case 'face-only':
      return 1;
    case 'path-only':
      return 0;
  }
}

/**
 * Returns the face's share of the start from a player's own balls: the slope, through the origin, of start less
 * path on face less path. A share needs gaps to show in: with little face-to-path the balls cannot tell.
 * Errors in face and path, one standard deviation each in degrees, shift the slope (both hold the path's):
 * by the method of moments the shift is n (σ_p² − share (σ_f² + σ_p²)) / Σ gap². It is not taken out, since
 * a device's errors are known roughly at best; the interval is made wider by it.
 */
export function fitStartShare(
  balls: readonly ShareBall[],
  error: { readonly faceAngleDeg: number; readonly clubPathDeg: number } = NO_ERROR,
): StartShare {
  const count = balls.length;
  const { ballsAtLeast, faceToPathAtLeastDeg, widestInterval } = SHARE_DEFAULTS;
  if (count < ballsAtLeast)
    return {
      share: null,
      count,
      reason: `${ballsAtLeast} balls with face, path and start are needed`,
    };
  const faceToPaths = balls.map((b) => b.faceAngleDeg - b.clubPathDeg);
  const leads = balls.map((b) => b.startDirectionDeg - b.clubPathDeg);
  const squares = faceToPaths.reduce((sum, faceToPath) => sum + faceToPath * faceToPath, 0);
  if (!(squares > count * faceToPathAtLeastDeg ** 2)) {
    return {
      share: null,
      count,
      reason: 'face and path lie too close together in these balls to tell',
    };
  }
  const share =
    faceToPaths.reduce((sum, faceToPath, i) => sum + faceToPath * leads[i]!, 0) / squares;
  const residual = faceToPaths.reduce(
    (sum, faceToPath, i) => sum + (leads[i]! - share * faceToPath) ** 2,
    0,
  );
  const [face, path] = [error.faceAngleDeg ** 2, error.clubPathDeg ** 2];
  const shift = Math.abs(count * (path - share * (face + path))) / squares;
  const half = tQuantile(0.975, count - 1) * Math.sqrt(residual / (count - 1) / squares) + shift;
  const [low, high] = [share - half, share + half];
  if (high - low > widestInterval)
    return { share: null, count, reason: 'the balls scatter too much to tell' };
  const schools = START_SCHOOLS.map((school) => {
    const own = shareHeld(school, balls);
    return { school, share: own, ruledOut: own < low || own > high };
  });
  return { share, low, high, count, schools };
}
