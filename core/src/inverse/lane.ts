/**
 * Shape lanes: the face and path a club needs to start a ball on a mark and finish it where wanted, and
 * how far each degree moves the ball. The forward model solved for two unknowns, so that a driver's lane
 * is not a mid iron's. The player aims along the path, which turns everything and leaves the loft alone, and
 * turns the club in the hands against it, which the loft follows: with the same club a draw leaves lower than
 * a fade.
 */

import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { turnFace } from '../delivery/turn.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';
import { fitDelivery } from './fit-delivery.ts';

export interface WantedShape {
  /** Start mark, degrees, positive right of the target line. */
  readonly startDeg: number;
  /** Where it should finish, m from the target line; 0 returns to the target. */
  readonly finishOfflineM: number;
}

export interface Lane {
  readonly faceAngleDeg: number;
  readonly clubPathDeg: number;
  readonly dynamicLoftDeg: number;
  readonly carryM: number;
  readonly curveM: number;
  readonly apexM: number;
  /** Where between target (0) and path (1) the face points; null when the path is on the target. */
  readonly faceShare: number | null;
}

const EXACT_SD = 1e-3;

/** Returns the lane for a shape; null when no face and path of this club give it. */
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
      start: {
        ...turnFace(base, head, base.clubPathDeg - base.faceAngleDeg),
        faceAngleDeg: shape.startDeg,
        clubPathDeg: shape.startDeg,
      },
      unknown: ['faceAngleDeg', 'clubPathDeg'],
      priors: [],
      loftFollows: 'faceToPath',
      flight,
    },
    false,
  );
  if (fitted === null || fitted.misfit > 10) return null;
  const { faceAngleDeg, clubPathDeg, dynamicLoftDeg } = fitted.delivery;
  const { carryM, curveM, apexM } = simulateShot(fitted.delivery, head, flight).flight;
  const faceShare = Math.abs(clubPathDeg) < 0.05 ? null : faceAngleDeg / clubPathDeg;
  return { faceAngleDeg, clubPathDeg, dynamicLoftDeg, carryM, curveM, apexM, faceShare };
}

/** How far a degree moves the ball at landing, m a degree, positive right. */
export interface Sensitivity {
  readonly offlinePerFaceM: number;
  readonly offlinePerPathM: number;
  /** Path held, face moved: m of curve for each degree of face to path. */
  readonly curvePerFaceToPathM: number;
}

const HALF_DEGREE = 0.5;

export function sensitivityOf(
  base: Delivery,
  head: ClubHead,
  flight: FlightOptions = {},
): Sensitivity {
  const face = (by: number) => simulateShot(turnFace(base, head, by), head, flight).flight;
  const path = (by: number) =>
    simulateShot({ ...base, clubPathDeg: base.clubPathDeg + by }, head, flight).flight;
  const [open, shut] = [face(HALF_DEGREE), face(-HALF_DEGREE)];
  return {
    offlinePerFaceM: open.offlineM - shut.offlineM,
    offlinePerPathM: path(HALF_DEGREE).offlineM - path(-HALF_DEGREE).offlineM,
    curvePerFaceToPathM: open.curveM - shut.curveM,
  };
}
