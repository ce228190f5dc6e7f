/**
 * Where the balls of a period land, at standard conditions: each flown again from its launch through the same still
 * air, so that a warm day and a cold one compare. The pattern is the ellipse of their covariance; the share on a fairway
 * is counted, with its interval.
 */
import type { ClubKind } from '../delivery/head.ts';
import { flyBall } from '../flight/flight.ts';
import { proportionOf } from '../maths/proportion.ts';
import type { Proportion } from '../maths/proportion.ts';
import { mean } from '../maths/statistics.ts';
import type { WantedNumbers } from '../plan/wanted.ts';
import type { RecordBalls, RecordFigure } from './lesson-record.ts';
import { ownOf } from './visit.ts';
import type { Visit } from './visit.ts';

/** Balls from which a pattern is one. */
export const PATTERN_AT_LEAST = 5;
/** Flown at most: the last ones. */
export const LANDINGS_AT_MOST = 300;

export interface Landing {
  readonly carryM: number;
  readonly offlineM: number;
}

export interface LandingPattern {
  readonly landings: readonly Landing[];
  readonly middle: Landing;
  /** Standard deviations along the axes of the ellipse, the longer first, m. */
  readonly axesM: readonly [number, number];
  /** Where the longer axis points from the target line, degrees, positive right, from −90 to 90. */
  readonly turnDeg: number;
}

const LAUNCH = [
  'ballSpeedMps',
  'launchAngleDeg',
  'startDirectionDeg',
  'spinRateRpm',
  'spinAxisTiltDeg',
] as const satisfies readonly RecordFigure[];

/** Where a ball lands in standard air; what it is said to have where its launch is not known; null for neither. */
function landingOf({ figures }: RecordBalls, n: number): Landing | null {
  const [ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg] =
    LAUNCH.map((name) => figures[name][n]!) as [number, number, number, number, number];
  const launch = { ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg };
  if (!Object.values(launch).some(Number.isNaN)) {
    const { carryM, offlineM } = flyBall(launch);
    return { carryM, offlineM };
  }
  const [carryM, offlineM] = [figures.carryM[n]!, figures.offlineM[n]!];
  return Number.isNaN(carryM) || Number.isNaN(offlineM) ? null : { carryM, offlineM };
}

/** The ellipse of landings; null for fewer than five. */
export function patternOf(landings: readonly Landing[]): LandingPattern | null {
  if (landings.length < PATTERN_AT_LEAST) return null;
  const carryM = mean(landings.map((one) => one.carryM));
  const offlineM = mean(landings.map((one) => one.offlineM));
  let [cc, oo, co] = [0, 0, 0];
  for (const one of landings) {
    const [c, o] = [one.carryM - carryM, one.offlineM - offlineM];
    cc += c * c;
    oo += o * o;
    co += c * o;
  }
  const of = landings.length - 1;
  [cc, oo, co] = [cc / of, oo / of, co / of];
  const [middle, apart] = [(cc + oo) / 2, Math.hypot((cc - oo) / 2, co)];
  const turn = Math.atan2(2 * co, cc - oo) / 2;
  return {
    landings,
    middle: { carryM, offlineM },
    axesM: [Math.sqrt(middle + apart), Math.sqrt(Math.max(0, middle - apart))],
    turnDeg: (turn * 180) / Math.PI,
  };
}

/** Where the last own balls of some visits with a kind of club land in standard air. */
export function landingsOf(visits: readonly Visit[], kind: ClubKind, club?: string): Landing[] {
  const balls = visits.flatMap((visit) =>
    ownOf(visit, kind)
      .filter((n) => club === undefined || visit.balls.clubOf(n) === club)
      .map((n) => ({ balls: visit.balls, n })),
  );
  return balls.slice(-LANDINGS_AT_MOST).flatMap(({ balls: of, n }) => landingOf(of, n) ?? []);
}

/** The share of landings beyond the accepted width on the side that is ruled out; null where none is. */
export function onRuledOutSide(
  landings: readonly Landing[],
  { ruledOut, finishM, halfWidthM }: WantedNumbers,
): Proportion | null {
  if (ruledOut === 'either') return null;
  const side = ruledOut === 'never left' ? -1 : 1;
  const isThere = ({ offlineM }: Landing): boolean => side * (offlineM - finishM) > halfWidthM;
  return proportionOf(landings.filter(isThere).length, landings.length);
}

/** The share of landings on a fairway of such a width round the target line, m. */
export const onFairway = (landings: readonly Landing[], widthM: number): Proportion | null =>
  proportionOf(
    landings.filter(({ offlineM }) => Math.abs(offlineM) <= widthM / 2).length,
    landings.length,
  );
