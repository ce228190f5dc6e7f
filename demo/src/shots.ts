import {
  EMPTY_BALL,
  findClub,
  gaussian,
  headOf,
  plainDelivery,
  simulateShot,
  turnFace,
} from '@loxos/core';
import type { BallQuantity, Hand, MeasuredBall, Random } from '@loxos/core';

/** How a player delivers a club: middle and spread of each angle, degrees, positive right. */
export interface Swing {
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly pathSpreadDeg: number;
  readonly faceSpreadDeg: number;
  /** Where on the face, mm to the toe, and its spread. */
  readonly strikeToeMm?: number;
  readonly strikeSpreadMm: number;
}

export interface Block {
  readonly club: string;
  readonly balls: number;
  readonly swing: Swing;
  /** What the block was, once tagged. */
  readonly tag?: {
    readonly block: 'baseline' | 'drill' | 'toned' | 'play';
    readonly drillId?: string;
  };
}

/** A monitor's own error in each figure, one standard deviation, in the unit of the name. */
const MONITOR_ERROR: Partial<Record<BallQuantity, number>> = {
  clubSpeedMps: 0.2,
  attackAngleDeg: 0.4,
  clubPathDeg: 0.4,
  faceAngleDeg: 0.4,
  dynamicLoftDeg: 0.5,
  ballSpeedMps: 0.2,
  launchAngleDeg: 0.2,
  startDirectionDeg: 0.25,
  spinRateRpm: 90,
  spinAxisTiltDeg: 1,
  carryM: 0.8,
  offlineM: 0.6,
};

export interface Striker {
  readonly hand: Hand;
  readonly driverSpeedMps: number;
}

/** One ball of a block as a monitor shows it: the core's own forward model, scattered and misread. */
function hit(player: Striker, block: Block, random: Random): MeasuredBall {
  const club = findClub(block.club)!;
  const around = (middle: number, spread: number): number => middle + spread * gaussian(random);
  const { swing } = block;
  const head = headOf(club);
  const plain = plainDelivery(club, player.hand, player.driverSpeedMps);
  const turned = turnFace(plain, head, around(swing.faceDeg, swing.faceSpreadDeg));
  const delivery = {
    ...turned,
    clubSpeedMps: around(plain.clubSpeedMps, 0.5),
    attackAngleDeg: around(plain.attackAngleDeg, 0.7),
    clubPathDeg: around(swing.pathDeg, swing.pathSpreadDeg),
    dynamicLoftDeg: around(turned.dynamicLoftDeg, 0.8),
    strikeToeMm: around(swing.strikeToeMm ?? 0, swing.strikeSpreadMm),
    strikeHighMm: around(plain.strikeHighMm, swing.strikeSpreadMm * 0.6),
  };
  const { launch, flight } = simulateShot(delivery, head);
  const { hand: _hand, ...angles } = delivery;
  const exact: MeasuredBall = {
    ...EMPTY_BALL,
    ...angles,
    ballSpeedMps: launch.ballSpeedMps,
    launchAngleDeg: launch.launchAngleDeg,
    startDirectionDeg: launch.startDirectionDeg,
    spinRateRpm: launch.spinRateRpm,
    spinAxisTiltDeg: launch.spinAxisTiltDeg,
    carryM: flight.carryM,
    offlineM: flight.offlineM,
    apexM: flight.apexM,
    club: club.id,
    clubText: club.label,
  };
  const misread = Object.entries(MONITOR_ERROR).map(([name, error]) => {
    const value = exact[name as BallQuantity];
    return [name, value === null ? null : around(value, error)] as const;
  });
  const seen: MeasuredBall = { ...exact, ...Object.fromEntries(misread) };
  const gap = seen.faceAngleDeg! - seen.clubPathDeg!;
  return { ...seen, faceToPathDeg: gap, carryM: Math.max(0, seen.carryM!) };
}

/** Returns the balls of some blocks, hit from `from` (minutes after midnight), about one every 40 s. */
export function hitBlocks(
  player: Striker,
  blocks: readonly Block[],
  random: Random,
  from: number,
): MeasuredBall[] {
  let second = from * 60;
  return blocks.flatMap((block) =>
    Array.from({ length: block.balls }, () => {
      second += 30 + Math.floor(random() * 25);
      const two = (n: number): string => String(n).padStart(2, '0');
      const hitAt = `${two(Math.floor(second / 3600))}:${two(Math.floor(second / 60) % 60)}:${two(second % 60)}`;
      return { ...hit(player, block, random), hitAt };
    }),
  );
}
