// A player whose swing is known: a pattern with scatter, warming up, tiring, mishits, and an answer to the drill under way.
import {
  findClub,
  findDrill,
  gaussian,
  headOf,
  plainDelivery,
  seededRandom,
  simulateShot,
  turnFace,
} from '@loxos/core';
import type { Club, Hand, Random } from '@loxos/core';

/** A pattern, as a right-hander's: path positive in-to-out, face positive open. Degrees, m/s. */
export interface Pattern {
  readonly club: string;
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly pathSdDeg: number;
  readonly faceSdDeg: number;
  readonly driverSpeedMps: number;
  /** How much further out-to-in the first balls are, and after how many balls half of that is gone. */
  readonly coldDeg: number;
  readonly warmAfterBalls: number;
  /** How much the scatter grows in a hundred balls, share. */
  readonly tiring: number;
  /** How many balls of a hundred are off the middle of the face. */
  readonly mishitsOf100: number;
  /** How much of what a drill asks for this player does, 0 to 1. */
  readonly gain: number;
}

const USUAL = {
  club: '7-iron',
  pathSdDeg: 1.6,
  faceSdDeg: 1.8,
  driverSpeedMps: 42,
  coldDeg: 1.5,
  warmAfterBalls: 6,
  tiring: 0.3,
  mishitsOf100: 6,
  gain: 0.7,
} as const;

/** Players that can be asked for. */
export const PATTERNS = {
  slicer: { ...USUAL, pathDeg: -6, faceDeg: -0.5 },
  puller: { ...USUAL, pathDeg: -4, faceDeg: -4 },
  pusher: { ...USUAL, pathDeg: 4, faceDeg: 4 },
  hooker: { ...USUAL, pathDeg: 5, faceDeg: 1 },
  steady: { ...USUAL, pathDeg: 0, faceDeg: 0, pathSdDeg: 1, faceSdDeg: 1.2 },
} as const satisfies Record<string, Pattern>;
export type PatternName = keyof typeof PATTERNS;

/** What a drill moves of somebody who does it fully, degrees (common practice, no source). */
const DRILL_DEG = 4;
const MISHIT_MM = 14;

/** What is under way, as the server tells a sender. */
export interface UnderWay {
  readonly hand: Hand;
  readonly drillId: string | null;
}

/** What a monitor measures of a ball: angles in degrees, positive right; speeds in m/s, lengths in m. */
export interface TrueBall {
  readonly club: Club;
  readonly clubPathDeg: number;
  readonly faceAngleDeg: number;
  readonly attackAngleDeg: number;
  readonly dynamicLoftDeg: number;
  readonly clubSpeedMps: number;
  readonly ballSpeedMps: number;
  readonly launchAngleDeg: number;
  readonly startDirectionDeg: number;
  readonly spinRateRpm: number;
  readonly spinAxisTiltDeg: number;
  readonly carryM: number;
  readonly offlineM: number;
  readonly strikeToeMm: number;
}

/** Somebody who hits one ball after the other. The same seed, asked the same, hits the same. */
export class SimulatedPlayer {
  private readonly random: Random;
  private balls = 0;

  constructor(
    private readonly pattern: Pattern,
    seed: number,
  ) {
    this.random = seededRandom(seed);
  }

  /** Hits the next ball. */
  hit({ hand, drillId }: UnderWay): TrueBall {
    const { pattern, random } = this;
    const club = findClub(pattern.club)!;
    const head = headOf(club);
    const sign = hand === 'left' ? -1 : 1;
    const cold = pattern.coldDeg * 2 ** (-this.balls / pattern.warmAfterBalls);
    const tired = 1 + (pattern.tiring * this.balls) / 100;
    const drill = drillId === null ? null : findDrill(drillId);
    const asked = pattern.gain * DRILL_DEG;
    const path =
      pattern.pathDeg -
      cold +
      asked * (drill?.movesPath ?? 0) +
      tired * pattern.pathSdDeg * gaussian(random);
    const face =
      pattern.faceDeg +
      asked * (drill?.movesFace ?? 0) +
      tired * pattern.faceSdDeg * gaussian(random);
    const isMishit = random() * 100 < pattern.mishitsOf100;
    const strikeToeMm =
      (isMishit ? MISHIT_MM * (random() < 0.5 ? -1 : 1) : 0) + 3 * gaussian(random);
    this.balls++;
    const plain = plainDelivery(club, hand, pattern.driverSpeedMps);
    const delivery = {
      ...turnFace(plain, head, sign * face - plain.faceAngleDeg),
      clubPathDeg: sign * path,
      clubSpeedMps: plain.clubSpeedMps * (1 + 0.015 * gaussian(random)),
      strikeToeMm,
    };
    const { launch, flight } = simulateShot(delivery, head);
    const { carryM, offlineM } = flight;
    const { clubPathDeg, faceAngleDeg, attackAngleDeg, dynamicLoftDeg, clubSpeedMps } = delivery;
    const swing = { clubPathDeg, faceAngleDeg, attackAngleDeg, dynamicLoftDeg, clubSpeedMps };
    return { club, ...swing, ...launch, carryM, offlineM, strikeToeMm };
  }
}
