import { STANDARD_BAG } from '../delivery/club.ts';
import { EMPTY_BALL } from '../intake/quantities.ts';
import { readBall } from './read-ball.ts';
import type { LessonBall } from './ball.ts';

/** Balls of every club with full rows, and with what the ball alone shows. */
const PROBES: readonly LessonBall[] = STANDARD_BAG.flatMap(({ id }, n) => {
  const ball = {
    ...EMPTY_BALL,
    club: id,
    ballSpeedMps: 60 - n,
    launchAngleDeg: 12 + n,
    startDirectionDeg: n - 6,
    spinRateRpm: 3000 + 400 * n,
    spinAxisTiltDeg: 9 - 2 * n,
    carryM: 190 - 8 * n,
    offlineM: 3 * n - 20,
  };
  return [ball, { ...ball, clubPathDeg: 4 - n, faceAngleDeg: n - 5, clubSpeedMps: 45 - n }];
});

/**
 * Returns a short text that another version of the model, or of how a ball is read, does not have: what was kept under another one
 * is out of date. It is of some balls' readings to nine digits, by the FNV-1a hash (Fowler, Noll & Vo).
 */
export function readingFingerprint(): string {
  const views = PROBES.map((ball) => readBall(ball, { hand: 'right' }));
  const text = JSON.stringify(views, (_, value: unknown) =>
    typeof value === 'number' ? value.toPrecision(9) : value,
  );
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++)
    hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash.toString(36);
}
