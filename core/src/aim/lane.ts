/**
 * Shape lanes: the face and path a club needs to start a ball on a mark and finish it where wanted, and
 * how far each degree moves the ball. The forward model solved for two unknowns, so that a driver's lane
 * is not a mid iron's.
 */

import type { Club } from '../delivery/club.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';
import type { Hand } from '../line/hand.ts';
import { fitDelivery } from '../reading/fit-delivery.ts';

/** A usual full shot of a player with a club, along the line and in the middle. */
export function plainDelivery(club: Club, hand: Hand, driverSpeedMps: number): Delivery {
  return {
    hand,
    clubSpeedMps: driverSpeedMps * club.speedShare,
    attackAngleDeg: club.usualAttackDeg,
    clubPathDeg: 0,
    faceAngleDeg: 0,
    dynamicLoftDeg: club.usualDynamicLoftDeg,
    strikeToeMm: 0,
    strikeHighMm: 0,
  };
}

export interface WantedShape {
  /** Start mark, degrees, positive right of the target line. */
  readonly startDeg: number;
  /** Where it should finish, m from the target line; 0 returns to the target. */
  readonly finishOfflineM: number;
}

export interface Lane {
  readonly faceAngleDeg: number;
  readonly clubPathDeg: number;
  readonly carryM: number;
  readonly curveM: number;
  /** Where between target (0) and path (1) the face points; null when the path is on the target. */
  readonly faceShare: number | null;
}

const EXACT_SD = 1e-3;

/** The lane for a shape; null when no face and path of this club give it. */
export function laneFor(
  shape: WantedShape,
  base: Delivery,
  head: ClubHead,
  flight: FlightOptions = {},
): Lane | null {
  const fitted = fitDelivery(
    {
      observed: [
        { quantity: 'startDirectionDeg', value: shape.startDeg, sd: EXACT_SD },
        { quantity: 'offlineM', value: shape.finishOfflineM, sd: EXACT_SD },
      ],
      head,
      start: { ...base, faceAngleDeg: shape.startDeg, clubPathDeg: shape.startDeg },
      unknown: ['faceAngleDeg', 'clubPathDeg'],
      assumed: [],
      flight,
    },
    false,
  );
  if (fitted === null || fitted.misfit > 10) return null;
  const { faceAngleDeg, clubPathDeg } = fitted.delivery;
  const { carryM, curveM } = simulateShot(fitted.delivery, head, flight).flight;
  const faceShare = Math.abs(clubPathDeg) < 0.05 ? null : faceAngleDeg / clubPathDeg;
  return { faceAngleDeg, clubPathDeg, carryM, curveM, faceShare };
}

/** How far a degree moves the ball at landing, m a degree, positive right. */
export interface Sensitivity {
  readonly offlinePerFaceM: number;
  readonly offlinePerPathM: number;
  /** Path held, face moved: m of curve for each degree of face to path. */
  readonly curvePerGapM: number;
}

const HALF_DEGREE = 0.5;

export function sensitivityOf(
  base: Delivery,
  head: ClubHead,
  flight: FlightOptions = {},
): Sensitivity {
  const at = (changes: Partial<Delivery>) =>
    simulateShot({ ...base, ...changes }, head, flight).flight;
  const face = (by: number) => at({ faceAngleDeg: base.faceAngleDeg + by });
  const path = (by: number) => at({ clubPathDeg: base.clubPathDeg + by });
  const [open, shut] = [face(HALF_DEGREE), face(-HALF_DEGREE)];
  return {
    offlinePerFaceM: open.offlineM - shut.offlineM,
    offlinePerPathM: path(HALF_DEGREE).offlineM - path(-HALF_DEGREE).offlineM,
    curvePerGapM: open.curveM - shut.curveM,
  };
}
