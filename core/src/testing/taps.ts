// What a coach's eye taps of balls that a known swing hit: an error of the eye that all balls share, and its own for each.
import { findClub, headOf } from '../delivery/club.ts';
import { EMPTY_BALL } from '../intake/quantities.ts';
import { ballOfTap, usualCarryM } from '../inverse/eye.ts';
import type { EyeWay } from '../inverse/eye.ts';
import { gaussian } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import type { LessonBall, SeenBy } from '../reading/ball.ts';
import { ballsOf } from './players.ts';
import type { SwingOf } from './players.ts';

/** How an eye errs, one standard deviation: what is the same for all balls of a visit, and what differs from ball to ball. */
export interface EyeOf {
  readonly sharedStartDeg?: number;
  readonly startDeg?: number;
  /** As a share of carry. */
  readonly sharedBend?: number;
  readonly bend?: number;
  readonly seen?: SeenBy;
  /** Whether it tells sides alone, and not how much. */
  readonly isSidesOnly?: boolean;
}

const wayOf = (value: number, little: number, much: number, isSideOnly: boolean): EyeWay => {
  const size = Math.abs(value);
  if (isSideOnly && size >= little) return value < 0 ? 'left' : 'right';
  const amount = size < little ? 0 : size < much ? 1 : 2;
  return ((value < 0 ? -amount : amount) + 0) as EyeWay;
};

/** Balls as tapped: where they started and bent, a little or much, and nothing else. */
export function tappedBalls(
  club: string,
  count: number,
  random: Random,
  swing: SwingOf,
  eye: EyeOf = {},
): LessonBall[] {
  const { sharedStartDeg = 1.2, startDeg = 0.7, sharedBend = 0.015, bend = 0.015 } = eye;
  const { isSidesOnly = false } = eye;
  const bag = findClub(club)!;
  const carryM = usualCarryM(bag, headOf(bag));
  const [startOff, bendOff] = [sharedStartDeg * gaussian(random), sharedBend * gaussian(random)];
  return ballsOf(club, count, random, { ...swing, misread: 0 }).map((ball, i): LessonBall => {
    const start = ball.startDirectionDeg!;
    const along = ball.carryM! * Math.sin((start * Math.PI) / 180);
    const curveM = ball.offlineM! * Math.cos((start * Math.PI) / 180) - along;
    const share = curveM / Math.max(1, ball.carryM!) + bendOff + bend * gaussian(random);
    const seenStart = start + startOff + startDeg * gaussian(random);
    const tap = {
      start: wayOf(seenStart, 1.5, 4.5, isSidesOnly),
      bend: wayOf(share, 0.0275, 0.0975, isSidesOnly),
    };
    return {
      ...EMPTY_BALL,
      ...ballOfTap(tap, carryM),
      id: `b${i + 1}`,
      club,
      clubText: bag.label,
      seen: eye.seen ?? 'eye',
    };
  });
}
