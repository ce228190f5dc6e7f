/**
 * The plain score: the four things every full shot needs, and how many balls had each, and all four. Face and path
 * within their windows, strike near the middle, and the speed the player has with that club.
 */
import type { ClubKind } from '../delivery/head.ts';
import type { Share } from '../maths/proportion.ts';
import { median } from '../maths/statistics.ts';
import { STRIKE_WINDOW_MM } from '../reading/strike.ts';
import type { WantedNumbers } from '../plan/wanted.ts';
import type { RecordBalls } from './lesson-record.ts';
import { ownOf } from './visit.ts';
import type { Visit } from './visit.ts';

/** How far from the player's usual speed with a club the right speed goes, as a share (common practice, no source). */
export const SPEED_WINDOW_SHARE = 0.03;

export const PLAIN = ['face', 'strike', 'path', 'speed'] as const;
export type Plain = (typeof PLAIN)[number];

export interface PlainScore extends Readonly<Record<Plain, Share>> {
  /** Of the balls that say all that any of them says. */
  readonly all: Share;
}

interface Had {
  readonly balls: RecordBalls;
  readonly n: number;
}

/** Returns the usual club speed of each club, m/s, over all visits. */
function usualSpeeds(visits: readonly Visit[], kind: ClubKind): Map<string, number> {
  const speeds = new Map<string, number[]>();
  for (const visit of visits)
    for (const n of ownOf(visit, kind)) {
      const speed = visit.balls.figures.clubSpeedMps[n]!;
      const club = visit.balls.clubOf(n);
      if (!Number.isNaN(speed)) speeds.set(club, [...(speeds.get(club) ?? []), speed]);
    }
  return new Map([...speeds].map(([club, own]) => [club, median(own)]));
}

/** Scores visits of a kind of club against the wanted; the usual speeds are those of `all` visits. */
export function plainScorer(all: readonly Visit[], kind: ClubKind, wanted: WantedNumbers) {
  const speeds = usualSpeeds(all, kind);
  const within = (value: number, middle: number, window: number): boolean | null =>
    Number.isNaN(value) ? null : Math.abs(value - middle) <= window;
  const had: Readonly<Record<Plain, (ball: Had) => boolean | null>> = {
    face: ({ balls, n }) =>
      within(balls.figures.faceAngleDeg[n]!, wanted.faceDeg, wanted.windows.faceDeg),
    strike: ({ balls, n }) => within(balls.figures.strikeToeMm[n]!, 0, STRIKE_WINDOW_MM),
    path: ({ balls, n }) =>
      within(balls.figures.clubPathDeg[n]!, wanted.pathDeg, wanted.windows.pathDeg),
    speed: ({ balls, n }) => {
      const usual = speeds.get(balls.clubOf(n)) ?? NaN;
      return within(balls.figures.clubSpeedMps[n]!, usual, SPEED_WINDOW_SHARE * usual);
    },
  };
  return (visits: readonly Visit[]): PlainScore => {
    const balls = visits.flatMap((visit) =>
      ownOf(visit, kind).map((n) => {
        const ball = { balls: visit.balls, n };
        return PLAIN.map((name) => had[name](ball));
      }),
    );
    const share = (told: readonly (boolean | null)[]): Share => ({
      had: told.filter((has) => has === true).length,
      of: told.filter((has) => has !== null).length,
    });
    // What nothing measured says of no ball is not asked of any.
    const asked = PLAIN.map((_, i) => balls.some((ball) => ball[i] !== null));
    const whole = balls.map((ball) => {
      const own = ball.filter((_, i) => asked[i]);
      return own.length === 0 || own.includes(null) ? null : own.every((has) => has);
    });
    const [face, strike, path, speed] = PLAIN.map((_, i) => share(balls.map((ball) => ball[i]!)));
    return { face: face!, strike: strike!, path: path!, speed: speed!, all: share(whole) };
  };
}
