/** Some of a file's balls, with what the model needs to try their columns against each other. */
import { findClub, headOf } from '../../delivery/club.ts';
import type { Club } from '../../delivery/club.ts';
import { boundDelivery } from '../../delivery/delivery.ts';
import type { Delivery } from '../../delivery/delivery.ts';
import { standardHead } from '../../delivery/head.ts';
import type { ClubHead } from '../../delivery/head.ts';
import { UNKNOWN_PLAYER, plainDelivery } from '../../delivery/usual.ts';
import { flyBall } from '../../flight/flight.ts';
import { strike } from '../../impact/strike.ts';
import type { ShotLaunch } from '../../impact/strike.ts';
import type { Hand } from '../../line/hand.ts';
import { radToDeg } from '../../units/units.ts';
import type { Draft } from '../rows/row.ts';

export interface PhysicsRow {
  readonly ball: Draft['ball'];
  /** The gap the file itself gives, degrees; and its spin axis, whichever way it gives that. */
  readonly faceToPathDeg: number | null;
  readonly axisDeg: number | null;
  readonly club: Club | null;
  readonly head: ClubHead;
  /** A usual delivery with what the row has, its face and path apart. */
  readonly plain: Delivery;
  /** Whether an unmeasured strike may turn the ball on its own: a bulged head. */
  readonly mayGear: boolean;
  /** The launch that a face and a path give, and how a start and an axis fly, degrees: each made once. */
  readonly strikes: (faceAngleDeg: number, clubPathDeg: number) => ShotLaunch;
  readonly flies: (startDeg: number, axisDeg: number) => ReturnType<typeof flown>;
}

/** Ball speed over club speed where only the ball's is known (common practice, no source). */
export const USUAL_SMASH = 1.4;
/** So many balls are tried, spread over the file. */
const TRIED = 24;

const axisOf = ({ ball, backSpinRpm: back, sideSpinRpm: side }: Draft): number | null =>
  ball.spinAxisTiltDeg ??
  (back === null || side === null ? null : radToDeg(Math.atan2(side, Math.abs(back))));

/** Returns what is made of two angles, remembered: a choice of signs changes few of them. */
function madeOnce<T>(make: (a: number, b: number) => T) {
  const known = new Map<string, T>();
  return (a: number, b: number): T => {
    const key = `${a}|${b}`;
    const found = known.get(key);
    if (found !== undefined) return found;
    const made = make(a, b);
    known.set(key, made);
    return made;
  };
}

function rowOf(draft: Draft, hand: Hand): PhysicsRow {
  const { ball } = draft;
  const club = findClub(ball.club);
  const head = club === null ? standardHead('iron') : headOf(club);
  const plain = plainDelivery(club ?? findClub('7-iron')!, hand, UNKNOWN_PLAYER.driverSpeedMps);
  const speed =
    ball.clubSpeedMps ?? (ball.ballSpeedMps === null ? null : ball.ballSpeedMps / USUAL_SMASH);
  const row = {
    ball,
    faceToPathDeg: ball.faceToPathDeg,
    axisDeg: axisOf(draft),
    club,
    head,
    plain: {
      ...plain,
      clubSpeedMps: speed ?? plain.clubSpeedMps,
      attackAngleDeg: ball.attackAngleDeg ?? plain.attackAngleDeg,
      dynamicLoftDeg: ball.dynamicLoftDeg ?? plain.dynamicLoftDeg,
      strikeToeMm: ball.strikeToeMm ?? 0,
      strikeHighMm: ball.strikeHighMm ?? plain.strikeHighMm,
    },
    mayGear: head.kind !== 'iron' && head.kind !== 'wedge' && ball.strikeToeMm === null,
  };
  return {
    ...row,
    strikes: madeOnce((face, path) => struck(row, face, path)),
    flies: madeOnce((start, axis) => flown(row, start, axis)),
  };
}

/** So many of some at most, spread over them. */
export function someOf<T>(all: readonly T[], most: number): T[] {
  const step = Math.max(1, all.length / most);
  const count = Math.min(all.length, most);
  return Array.from({ length: count }, (_, i) => all[Math.floor(i * step)]!);
}

/** Balls to try, spread over the file. */
export const physicsRows = (drafts: readonly Draft[], hand: Hand): PhysicsRow[] =>
  someOf(drafts, TRIED).map((draft) => rowOf(draft, hand));

/** Returns the launch that the club's face and path give. */
export function struck(
  row: Pick<PhysicsRow, 'plain' | 'head'>,
  faceAngleDeg: number,
  clubPathDeg: number,
): ShotLaunch {
  return strike(boundDelivery({ ...row.plain, faceAngleDeg, clubPathDeg }), row.head);
}

/** Returns how a launch flies in still standard air; null where the row does not say enough of it, or it cannot be. */
function flown({ ball }: Pick<PhysicsRow, 'ball'>, startDeg: number, axisDeg: number) {
  const { ballSpeedMps, launchAngleDeg, spinRateRpm } = ball;
  if (ballSpeedMps === null || launchAngleDeg === null || spinRateRpm === null) return null;
  if (!(ballSpeedMps > 5 && ballSpeedMps < 110) || launchAngleDeg < -10 || launchAngleDeg > 80)
    return null;
  if (spinRateRpm > 15_000 || Math.abs(startDeg) > 60 || Math.abs(axisDeg) > 80) return null;
  const flight = flyBall({
    ballSpeedMps,
    launchAngleDeg,
    startDirectionDeg: startDeg,
    spinRateRpm,
    spinAxisTiltDeg: axisDeg,
  });
  return flight.outcome === 'landed' ? flight : null;
}
