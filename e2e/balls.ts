// Launch files of players with a known swing, flown by the core.
import {
  EMPTY_BALL,
  findClub,
  gaussian,
  headOf,
  plainDelivery,
  printLaunchFile,
  seededRandom,
  simulateShot,
  turnFace,
} from '@loxos/core';
import type { Hand, MeasuredBall } from '@loxos/core';

/** Path and face as a right-hander's; a left-hander is the mirror image. */
export interface SwingBlock {
  readonly balls: number;
  readonly path: number;
  readonly face: number;
  readonly faceSd?: number;
  readonly toeMm?: number;
}

/** A session with one club, as a file with letters for sides and no strike. */
export function launchText(
  hand: Hand,
  clubId: string,
  blocks: readonly SwingBlock[],
  seed = 12,
): string {
  const random = seededRandom(seed);
  const club = findClub(clubId)!;
  const head = headOf(club);
  const turn = hand === 'left' ? -1 : 1;
  const plain = plainDelivery(club, hand, 43);
  const balls = blocks.flatMap(({ balls: count, path, face, faceSd = 0.7, toeMm = 0 }) =>
    Array.from({ length: count }, (_, index): MeasuredBall => {
      // A wide scatter alternates sides, so that few balls are two-way for certain.
      const side = faceSd > 2 ? (index % 2 === 0 ? 1 : -1) * faceSd : faceSd * gaussian(random);
      const delivery = {
        ...turnFace(plain, head, turn * (face + side)),
        clubPathDeg: turn * (path + 0.7 * gaussian(random)),
        strikeToeMm: toeMm,
      };
      const { launch, flight } = simulateShot(delivery, head);
      const { hand: _hand, strikeToeMm: _toe, strikeHighMm: _high, ...angles } = delivery;
      return {
        ...EMPTY_BALL,
        ...angles,
        ballSpeedMps: launch.ballSpeedMps,
        startDirectionDeg: launch.startDirectionDeg,
        launchAngleDeg: launch.launchAngleDeg,
        spinRateRpm: launch.spinRateRpm,
        spinAxisTiltDeg: launch.spinAxisTiltDeg,
        carryM: flight.carryM,
        offlineM: flight.offlineM,
        clubText: club.label,
      };
    }),
  );
  return printLaunchFile(balls, { sides: 'letters', hand, digits: 2 });
}

export const fileOf = (text: string, name = 'session.csv') => ({
  name,
  mimeType: 'text/csv',
  buffer: Buffer.from(text),
});
