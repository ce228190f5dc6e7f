/**
 * Where the balls of a period land, at standard conditions: each flown again from its launch through the same still
 * air, so that a warm day and a cold one compare. The share on a fairway is counted, with its interval.
 */
import type { ClubKind } from '../delivery/head.ts';
import { flyBall } from '../flight/flight.ts';
import { proportionOf } from '../maths/proportion.ts';
import type { Proportion } from '../maths/proportion.ts';
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

const LAUNCH = [
  'ballSpeedMps',
  'launchAngleDeg',
  'startDirectionDeg',
  'spinRateRpm',
  'spinAxisTiltDeg',
] as const satisfies readonly RecordFigure[];

/** Returns where a ball lands in standard air; what it is said to have where its launch is not known; null for neither. */
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

/** Returns where the last own balls of some visits with a kind of club land in standard air. */
export function landingsOf(visits: readonly Visit[], kind: ClubKind, club?: string): Landing[] {
  const balls = visits.flatMap((visit) =>
    ownOf(visit, kind)
      .filter((n) => club === undefined || visit.balls.clubOf(n) === club)
      .map((n) => ({ balls: visit.balls, n })),
  );
  return balls.slice(-LANDINGS_AT_MOST).flatMap(({ balls: of, n }) => landingOf(of, n) ?? []);
}

/** Returns the share of landings beyond the accepted width on the side that is ruled out; null where none is. */
export function onRuledOutSide(
  landings: readonly Landing[],
  { ruledOut, finishM, halfWidthM }: WantedNumbers,
): Proportion | null {
  if (ruledOut === 'either') return null;
  const side = ruledOut === 'never left' ? -1 : 1;
  const isThere = ({ offlineM }: Landing): boolean => side * (offlineM - finishM) > halfWidthM;
  return proportionOf(landings.filter(isThere).length, landings.length);
}

/** Returns the share of landings on a fairway of such a width round the target line, m. */
export const onFairway = (landings: readonly Landing[], widthM: number): Proportion | null =>
  proportionOf(
    landings.filter(({ offlineM }) => Math.abs(offlineM) <= widthM / 2).length,
    landings.length,
  );
