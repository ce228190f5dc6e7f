// What a monitor says of its balls: see docs/live.md.
import { LIVE_VERSION, convert } from '@loxos/core';
import type { TrueBall } from './player.ts';

export const QUANTITIES = {
  clubPath: { unit: 'deg', plus: 'right' },
  faceAngle: { unit: 'deg', plus: 'right' },
  attackAngle: { unit: 'deg', plus: 'up' },
  dynamicLoft: { unit: 'deg' },
  clubSpeed: { unit: 'mph' },
  ballSpeed: { unit: 'mph' },
  launchAngle: { unit: 'deg' },
  startDirection: { unit: 'deg', plus: 'right' },
  spinRate: { unit: 'rpm' },
  spinAxisTilt: { unit: 'deg', plus: 'right' },
  carry: { unit: 'yd' },
  offline: { unit: 'yd', plus: 'right' },
} as const;

/** A ball as a message holds it. */
export interface SentBall {
  readonly sequence: number;
  readonly hitAt: string;
  readonly club: string;
  readonly figures: Readonly<Record<string, number>>;
}

/** Returns a ball as the monitor says it, in its own units, with as many digits as it shows. */
export function sentBall(sequence: number, hitAt: Date, ball: TrueBall): SentBall {
  const tenths = (value: number): number => Math.round(value * 10) / 10;
  return {
    sequence,
    hitAt: hitAt.toISOString(),
    club: ball.club.label,
    figures: {
      clubPath: tenths(ball.clubPathDeg),
      faceAngle: tenths(ball.faceAngleDeg),
      attackAngle: tenths(ball.attackAngleDeg),
      dynamicLoft: tenths(ball.dynamicLoftDeg),
      clubSpeed: tenths(convert(ball.clubSpeedMps, 'm/s', 'mph')),
      ballSpeed: tenths(convert(ball.ballSpeedMps, 'm/s', 'mph')),
      launchAngle: tenths(ball.launchAngleDeg),
      startDirection: tenths(ball.startDirectionDeg),
      spinRate: Math.round(ball.spinRateRpm),
      spinAxisTilt: tenths(ball.spinAxisTiltDeg),
      carry: tenths(convert(ball.carryM, 'm', 'yd')),
      offline: tenths(convert(ball.offlineM, 'm', 'yd')),
    },
  };
}

export const messageOf = (source: string, balls: readonly unknown[]) => ({
  version: LIVE_VERSION,
  source,
  quantities: QUANTITIES,
  balls,
});
