// Players with a known swing and the monitor's stated errors: what statistical claims are tested on.
import { findClub, headOf } from '../delivery/club.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { turnFace } from '../delivery/turn.ts';
import { plainDelivery } from '../delivery/usual.ts';
import { simulateShot } from '../flight/simulate.ts';
import type { BallLaunch } from '../impact/launch.ts';
import { EMPTY_BALL } from '../intake/quantities.ts';
import { DEVICE_ACCURACY } from '../inverse/accuracy.ts';
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { gaussian } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import type { LessonBall } from '../reading/ball.ts';

/** A shot: what the ball leaves the club with, and where it lands. */
export type Shoot = (
  delivery: Delivery,
  head: ClubHead,
) => { readonly launch: BallLaunch; readonly carryM: number; readonly offlineM: number };

const byModel: Shoot = (delivery, head) => {
  const { launch, flight } = simulateShot(delivery, head);
  return { launch, carryM: flight.carryM, offlineM: flight.offlineM };
};

/** Path and face as a right-hander's: a left-hander is the mirror image. */
export interface SwingOf {
  readonly path: number;
  readonly face: number;
  readonly hand?: Hand;
  readonly driverSpeedMps?: number;
  readonly pathSd?: number;
  readonly faceSd?: number;
  /** How much of the path's scatter the face follows. */
  readonly coupling?: number;
  /** How much more loft and attack than is usual, degrees. */
  readonly loftBy?: number;
  readonly attackBy?: number;
  readonly toeMm?: number;
  readonly toeSdMm?: number;
  readonly highSdMm?: number;
  /** 0 for an exact monitor. */
  readonly misread?: number;
  /** What flies the ball: the model, or what it is held to. */
  readonly shoot?: Shoot;
}

/** Full monitor rows of a player with a club; the strike is not measured. */
export function ballsOf(club: string, count: number, random: Random, swing: SwingOf): LessonBall[] {
  const { hand = 'right', driverSpeedMps = 43, pathSd = 1.5, faceSd = 2 } = swing;
  const {
    coupling = 0,
    toeMm = 0,
    toeSdMm = 0,
    highSdMm = 0,
    misread = 1,
    loftBy = 0,
    attackBy = 0,
    shoot = byModel,
  } = swing;
  const bag = findClub(club)!;
  const head = headOf(bag);
  const usual = plainDelivery(bag, hand, driverSpeedMps);
  const plain = {
    ...usual,
    dynamicLoftDeg: usual.dynamicLoftDeg + loftBy,
    attackAngleDeg: usual.attackAngleDeg + attackBy,
  };
  const sign = handSign(hand);
  return Array.from({ length: count }, (_, index): LessonBall => {
    const pathOff = pathSd * gaussian(random);
    const faceOff = coupling * pathOff + faceSd * gaussian(random);
    const delivery = {
      ...turnFace(plain, head, sign * (swing.face + faceOff)),
      clubPathDeg: sign * (swing.path + pathOff),
      strikeToeMm: toeMm + toeSdMm * gaussian(random),
      strikeHighMm: plain.strikeHighMm + highSdMm * gaussian(random),
    };
    const { launch, carryM, offlineM } = shoot(delivery, head);
    const exact = { ...delivery, ...launch, carryM, offlineM };
    const seen = Object.fromEntries(
      Object.entries(DEVICE_ACCURACY).flatMap(([name, sd]) => {
        const value = (exact as unknown as Record<string, number | undefined>)[name];
        return value === undefined ? [] : [[name, value + misread * sd * gaussian(random)]];
      }),
    );
    return {
      ...EMPTY_BALL,
      ...seen,
      carryM: Math.max(0, (seen as { carryM: number }).carryM),
      id: `b${index + 1}`,
      club,
      clubText: bag.label,
    };
  });
}

/** The same numbers with an exact mean and a given scatter: what a table of expectations is made from. */
export function exactBalls(club: string, swing: SwingOf): LessonBall[] {
  const steps = [-1.4, -0.7, 0, 0.7, 1.4];
  const { pathSd = 1.5, faceSd = 2 } = swing;
  // Any random source: nothing is left to chance with no scatter and no misreading.
  const still = (): number => 0.5;
  return steps.flatMap((p, i) =>
    steps.map((f, j) => {
      const [ball] = ballsOf(club, 1, still, {
        ...swing,
        path: swing.path + pathSd * p,
        face: swing.face + faceSd * f,
        pathSd: 0,
        faceSd: 0,
        misread: 0,
      });
      return { ...ball!, id: `b${5 * i + j}` };
    }),
  );
}

/** More tries in `npm run soak` than in `npm test`. */
export const tries = (usual: number, soak: number): number =>
  (globalThis as { process?: { env: Record<string, string | undefined> } }).process?.env[
    'LOXOS_SOAK'
  ] === '1'
    ? soak
    : usual;
