import { headOf } from '../delivery/club.ts';
import { flyBall } from '../flight/flight.ts';
import type { FlightOptions } from '../flight/options.ts';
import { simulateShot } from '../flight/simulate.ts';
import type { SimulatedShot } from '../flight/simulate.ts';
import type { BallLaunch } from '../impact/launch.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import type { Hand } from '../line/hand.ts';
import { degToRad } from '../units/units.ts';
import { CANNOT_TELL, agreementOf } from './agreement.ts';
import type { Agreement } from './agreement.ts';
import type { DeviceAccuracy } from './accuracy.ts';
import type { LessonBall } from './ball.ts';
import type { Bands } from './bands.ts';
import { clubOrUsual, deliveryOf } from './delivery.ts';
import { eyeAccuracy } from './eye.ts';
import type { AssumedDelivery } from './delivery.ts';
import { solveDelivery } from './solve.ts';
import type { SolvedDelivery } from './solve.ts';
import type { SourcedFigure } from './figure.ts';
import { nameShot } from './names.ts';
import type { NamingSchool, ShotName } from './names.ts';

/** A ball with its missing figures completed by the model, named and checked against it. */
export interface BallView {
  readonly id: string;
  readonly ball: LessonBall;
  readonly faceAngleDeg: number | null;
  readonly clubPathDeg: number | null;
  readonly faceToPathDeg: number | null;
  readonly start: SourcedFigure | null;
  readonly carry: SourcedFigure | null;
  readonly offline: SourcedFigure | null;
  readonly curve: SourcedFigure | null;
  readonly name: ShotName | null;
  readonly delivery: AssumedDelivery | null;
  /** Face and path were read backwards from the ball, not measured. */
  readonly inferred: boolean;
  /** Why face and path could not be read backwards; null where they could, or were measured. */
  readonly notInferred: string | null;
  readonly modelled: SimulatedShot | null;
  readonly agreement: Agreement;
  /** Whether it counts in averages. */
  readonly counts: boolean;
}

export interface ViewContext {
  readonly hand: Hand;
  readonly bands: Bands;
  readonly naming: NamingSchool;
  readonly flight: FlightOptions;
  readonly accuracy: DeviceAccuracy;
}

/** The launch of a row that holds all of it, or null. */
export function measuredLaunch(ball: MeasuredBall): BallLaunch | null {
  const { ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg } = ball;
  if (ballSpeedMps === null || launchAngleDeg === null || startDirectionDeg === null) return null;
  if (spinRateRpm === null || spinAxisTiltDeg === null) return null;
  return { ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg };
}

const first = (...figures: readonly (SourcedFigure | null)[]): SourcedFigure | null =>
  figures.find((figure) => figure !== null) ?? null;
const measured = (value: number | null): SourcedFigure | null =>
  value === null ? null : { value, from: 'measured' };

/** Curve from where it started and landed, when all three were measured. */
function curveFromLanding(ball: MeasuredBall): SourcedFigure | null {
  const { startDirectionDeg, carryM, offlineM } = ball;
  if (startDirectionDeg === null || carryM === null || offlineM === null) return null;
  const start = degToRad(startDirectionDeg);
  const value = offlineM * Math.cos(start) - carryM * Math.sin(start);
  return { value, from: 'measured' };
}

/** Where the ball landed when start and curve were seen but not the offline distance. */
function offlineFromCurve(ball: MeasuredBall): SourcedFigure | null {
  const { startDirectionDeg, carryM, curveM } = ball;
  if (startDirectionDeg === null || carryM === null || curveM === null) return null;
  const start = degToRad(startDirectionDeg);
  return { value: (curveM + carryM * Math.sin(start)) / Math.cos(start), from: 'measured' };
}

/** How sure a ball's figures are: a monitor's, or the eye's. */
export const accuracyFor = (ball: LessonBall, monitor: DeviceAccuracy): DeviceAccuracy =>
  ball.seen === 'eye' ? { ...monitor, ...eyeAccuracy(ball.carryM ?? 150) } : monitor;

/** Face and path of a ball that came without them, from its launch; null where they were measured. */
function readBackwards(ball: LessonBall, context: ViewContext): SolvedDelivery | null {
  if (ball.faceAngleDeg !== null && ball.clubPathDeg !== null) return null;
  const { hand, flight, accuracy } = context;
  const known = {
    ...(ball.attackAngleDeg !== null && { attackAngleDeg: ball.attackAngleDeg }),
    ...(ball.strikeToeMm !== null && { strikeToeMm: ball.strikeToeMm }),
  };
  return solveDelivery(ball, headOf(clubOrUsual(ball.club)), {
    hand,
    flight,
    accuracy: accuracyFor(ball, accuracy),
    intervals: false,
    ...known,
  });
}

/** The ball with the face and path read backwards in their places. */
function withSolved(ball: LessonBall, solved: SolvedDelivery | null): LessonBall {
  if (solved === null || solved.delivery === null) return ball;
  const { faceAngleDeg, clubPathDeg, dynamicLoftDeg, clubSpeedMps } = solved.delivery;
  return {
    ...ball,
    faceAngleDeg,
    clubPathDeg,
    faceToPathDeg: faceAngleDeg - clubPathDeg,
    dynamicLoftDeg: ball.dynamicLoftDeg ?? dynamicLoftDeg,
    clubSpeedMps: ball.clubSpeedMps ?? clubSpeedMps,
  };
}

/** Completes, names and checks one ball. */
export function viewBall(given: LessonBall, id: string, context: ViewContext): BallView {
  const solved = readBackwards(given, context);
  const inferred = solved !== null && solved.delivery !== null;
  const ball = withSolved(given, solved);
  const launch = measuredLaunch(ball);
  const flown = launch === null ? null : flyBall(launch, context.flight);
  const delivery = deliveryOf(ball, context.hand);
  const modelled =
    delivery === null ? null : simulateShot(delivery.delivery, delivery.head, context.flight);
  const figure = (
    own: SourcedFigure | null,
    of: 'carryM' | 'offlineM' | 'curveM',
  ): SourcedFigure | null =>
    first(
      own,
      flown && { value: flown[of], from: 'flight' },
      modelled && { value: modelled.flight[of], from: 'model' },
    );
  const start = first(
    measured(ball.startDirectionDeg),
    modelled && { value: modelled.launch.startDirectionDeg, from: 'model' },
  );
  const carry = figure(measured(ball.carryM), 'carryM');
  const curve = figure(first(measured(ball.curveM), curveFromLanding(ball)), 'curveM');
  const offline = figure(first(measured(ball.offlineM), offlineFromCurve(ball)), 'offlineM');
  const name =
    start === null || curve === null || carry === null
      ? null
      : nameShot(
          {
            startDirectionDeg: start.value,
            curveM: curve.value,
            carryM: carry.value,
            hand: context.hand,
          },
          context.bands,
          context.naming,
        );
  // A delivery read off the ball agrees with it by its making.
  const agreement = inferred
    ? CANNOT_TELL
    : agreementOf(ball, { start, curve, carry }, modelled, delivery, context);
  const keep = ball.keep ?? 'auto';
  return {
    id,
    ball: given,
    faceAngleDeg: ball.faceAngleDeg,
    clubPathDeg: ball.clubPathDeg,
    faceToPathDeg: ball.faceToPathDeg ?? gapOf(ball),
    start,
    carry,
    offline,
    curve,
    name,
    delivery,
    inferred,
    notInferred: solved?.reason ?? null,
    modelled,
    agreement,
    counts: keep === 'in' || (keep === 'auto' && !agreement.suspect),
  };
}

const gapOf = ({ faceAngleDeg, clubPathDeg }: MeasuredBall): number | null =>
  faceAngleDeg === null || clubPathDeg === null ? null : faceAngleDeg - clubPathDeg;
