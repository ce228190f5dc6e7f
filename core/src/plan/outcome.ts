/**
 * What the next balls would do: the player's own balls with a move applied, flown by the model. The mean
 * moves, the scatter is kept (each ball's own deviation, and its mirror image, so that a handful of balls does
 * not pass its odd ball off as a habit), the loft follows the face.
 */
import { boundDelivery } from '../delivery/delivery.ts';
import type { Delivery } from '../delivery/delivery.ts';
import type { ClubHead } from '../delivery/head.ts';
import { turnFace } from '../delivery/turn.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';
import { mean } from '../maths/statistics.ts';
import type { Bands } from '../reading/bands.ts';
import { nameShot } from '../reading/names.ts';
import type { Landed } from './surface.ts';
import type { WantedNumbers } from './wanted.ts';

/** The middle of what balls do. Degrees and m, positive right. */
export interface Middle {
  readonly startDeg: number;
  readonly curveM: number;
  readonly offlineM: number;
  readonly carryM: number;
  /** Mean distance from where the ball was meant to finish, the ruled-out side counted double, m. */
  readonly missM: number;
}

/** Computed, never measured. */
export interface Outcome extends Middle {
  /** Share of balls that finish within the acceptable width. */
  readonly shareInWindow: number;
  /** The commonest name, and its share. */
  readonly name: string;
  readonly nameShare: number;
  /** Where each would land, for drawing. */
  readonly landings: readonly { readonly carryM: number; readonly offlineM: number }[];
}

/** The balls of a plan: their mean delivery and how each lies from it. */
export interface Cloud {
  readonly head: ClubHead;
  readonly typical: Delivery;
  /** Deviations of each ball from the typical one, with their mirror images. */
  readonly spread: readonly Deviation[];
}
export interface Deviation {
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly loftDeg: number;
  readonly attackDeg: number;
  readonly speedMps: number;
  readonly toeMm: number;
}

/** Balls of which the scatter is taken; more tell it no better. */
const MOST_BALLS = 30;
/** Local error allowed to a step, m and m/s: the landing is then right to a few cm, of metres that are asked for. */
const STEP_ERROR = 1e-2;

/** Returns a cloud whose balls lie round the typical one as given. */
export const cloudAround = (
  typical: Delivery,
  head: ClubHead,
  spread: readonly Deviation[],
): Cloud => ({ head, typical, spread });

export function cloudOf(typical: Delivery, head: ClubHead, deliveries: readonly Delivery[]): Cloud {
  const own = deliveries.slice(0, MOST_BALLS).map((d): Deviation => ({
    pathDeg: d.clubPathDeg - typical.clubPathDeg,
    faceDeg: d.faceAngleDeg - typical.faceAngleDeg,
    loftDeg: d.dynamicLoftDeg - typical.dynamicLoftDeg,
    attackDeg: d.attackAngleDeg - typical.attackAngleDeg,
    speedMps: d.clubSpeedMps - typical.clubSpeedMps,
    toeMm: d.strikeToeMm - typical.strikeToeMm,
  }));
  const mirrored = own.map((d): Deviation => ({
    pathDeg: -d.pathDeg,
    faceDeg: -d.faceDeg,
    loftDeg: -d.loftDeg,
    attackDeg: -d.attackDeg,
    speedMps: -d.speedMps,
    toeMm: -d.toeMm,
  }));
  return { head, typical, spread: [...own, ...mirrored] };
}

/** Where face and path are to be on average; `toeMm` and `turnDeg` (everything turns) where they change. */
export interface Placement {
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly toeMm?: number;
  readonly turnDeg?: number;
}

function deliveriesAt({ head, typical, spread }: Cloud, at: Placement): Delivery[] {
  const placed = {
    ...turnFace(typical, head, at.faceDeg - typical.faceAngleDeg),
    clubPathDeg: at.pathDeg,
    strikeToeMm: at.toeMm ?? typical.strikeToeMm,
  };
  return spread.map((d) =>
    boundDelivery({
      ...placed,
      clubPathDeg: placed.clubPathDeg + d.pathDeg,
      faceAngleDeg: placed.faceAngleDeg + d.faceDeg,
      dynamicLoftDeg: placed.dynamicLoftDeg + d.loftDeg,
      attackAngleDeg: placed.attackAngleDeg + d.attackDeg,
      clubSpeedMps: Math.max(1, placed.clubSpeedMps + d.speedMps),
      strikeToeMm: placed.strikeToeMm + d.toeMm,
    }),
  );
}

/** Returns a ball turned with everything about the player: what aiming elsewhere does. */
export function turned(ball: Landed, byDeg: number): Landed {
  if (byDeg === 0) return ball;
  const [sine, cosine] = [Math.sin((byDeg * Math.PI) / 180), Math.cos((byDeg * Math.PI) / 180)];
  return {
    startDeg: ball.startDeg + byDeg,
    curveM: ball.curveM,
    carryM: ball.carryM * cosine - ball.offlineM * sine,
    offlineM: ball.carryM * sine + ball.offlineM * cosine,
  };
}

/** Returns a miss in m: distance from the finish, doubled on the side that is ruled out. */
export function missOf(offlineM: number, { finishM, ruledOut }: WantedNumbers): number {
  const off = offlineM - finishM;
  const doubled = (ruledOut === 'never left' && off < 0) || (ruledOut === 'never right' && off > 0);
  return Math.abs(off) * (doubled ? 2 : 1);
}

function flyAt(cloud: Cloud, at: Placement, flight: FlightOptions): Landed[] {
  const options = { ...flight, stepError: STEP_ERROR };
  return deliveriesAt(cloud, at).map((delivery) => {
    const { launch, flight: flown } = simulateShot(delivery, cloud.head, options);
    return turned(
      {
        startDeg: launch.startDirectionDeg,
        curveM: flown.curveM,
        carryM: flown.carryM,
        offlineM: flown.offlineM,
      },
      at.turnDeg ?? 0,
    );
  });
}

export const middleOf = (balls: readonly Landed[], wanted: WantedNumbers): Middle => {
  const of = (pick: (ball: Landed) => number): number => mean(balls.map(pick));
  return {
    startDeg: of((b) => b.startDeg),
    curveM: of((b) => b.curveM),
    offlineM: of((b) => b.offlineM),
    carryM: of((b) => b.carryM),
    missM: of((b) => missOf(b.offlineM, wanted)),
  };
};

function commonName(
  balls: readonly Landed[],
  hand: Delivery['hand'],
  bands: Bands,
): { name: string; nameShare: number } {
  const counts = new Map<string, number>();
  for (const { startDeg, curveM, carryM } of balls) {
    const { name } = nameShot({ startDirectionDeg: startDeg, curveM, carryM, hand }, bands);
    counts.set(name, (counts.get(name) ?? 0) + 1);
  }
  const [name, count] = [...counts].sort((a, b) => b[1] - a[1])[0] ?? ['', 0];
  return { name, nameShare: balls.length === 0 ? 0 : count / balls.length };
}

/** Returns what the player's balls would do with their mean there. */
export function outcomeAt(
  cloud: Cloud,
  at: Placement,
  wanted: WantedNumbers,
  bands: Bands,
  flight: FlightOptions,
): Outcome {
  const balls = flyAt(cloud, at, flight);
  const inside = balls.filter(
    ({ offlineM }) => Math.abs(offlineM - wanted.finishM) <= wanted.halfWidthM,
  );
  return {
    ...middleOf(balls, wanted),
    shareInWindow: inside.length / Math.max(1, balls.length),
    ...commonName(balls, cloud.typical.hand, bands),
    landings: balls
      .slice(0, balls.length / 2)
      .map(({ carryM, offlineM }) => ({ carryM, offlineM })),
  };
}
