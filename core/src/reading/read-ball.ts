import { playedClub } from '../delivery/bag.ts';
import { flyBall } from '../flight/flight.ts';
import { simulateShot } from '../flight/simulate.ts';
import type { SimulatedShot } from '../flight/simulate.ts';
import type { BallLaunch } from '../impact/launch.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import { deliveryOf } from '../inverse/complete.ts';
import type { AssumedDelivery } from '../inverse/complete.ts';
import { solveDelivery } from '../inverse/solve.ts';
import type { SolvedDelivery } from '../inverse/solve.ts';
import { degToRad } from '../units/units.ts';
import { CANNOT_TELL, agreementOf, measuredBend } from './agreement.ts';
import type { Agreement } from './agreement.ts';
import { cleanBall, isBendOpen } from './ball.ts';
import type { LessonBall } from './ball.ts';
import { accuracyFor, resolveContext } from './context.ts';
import type { ReadingContext, ResolvedContext } from './context.ts';
import type { SourcedFigure } from './figure.ts';
import { nameShot } from './names.ts';
import type { ShotName } from './names.ts';

/** Why a ball is not averaged; null where it is. */
export type LeftOut = 'coach' | 'demonstration' | 'mishit' | 'strike' | 'disagrees';

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
  /** Whether it counts in averages: by itself here, among its fellows once its group is read. */
  readonly counts: boolean;
  readonly leftOut: LeftOut | null;
}

/** Returns the launch of a row that holds all of it, or null. */
export function measuredLaunch(ball: MeasuredBall): BallLaunch | null {
  const { ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg } = ball;
  if (ballSpeedMps === null || launchAngleDeg === null || startDirectionDeg === null) return null;
  if (spinRateRpm === null || spinAxisTiltDeg === null) return null;
  return { ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg };
}

const first = (...figures: readonly (SourcedFigure | null)[]): SourcedFigure | null =>
  figures.find((figure) => figure !== null) ?? null;
const measured = (value: number | null | undefined): SourcedFigure | null =>
  value === null || value === undefined ? null : { value, from: 'measured' };

/** Returns where the ball landed when start and curve were seen but not the offline distance. */
function offlineFromCurve(ball: MeasuredBall): number | null {
  const { startDirectionDeg, carryM, curveM } = ball;
  if (startDirectionDeg === null || carryM === null || curveM === null) return null;
  const start = degToRad(startDirectionDeg);
  return (curveM + carryM * Math.sin(start)) / Math.cos(start);
}

/** Face and path of a ball that came without them, from its launch; null where they were measured. */
function readBackwards(ball: LessonBall, context: ResolvedContext): SolvedDelivery | null {
  if (ball.faceAngleDeg !== null && ball.clubPathDeg !== null) return null;
  const played = playedClub(ball.club, context.bag);
  if (played === null) return { delivery: null, reason: 'the club is not named' };
  return solveDelivery(ball, played.head, {
    hand: context.hand,
    flight: context.flight,
    club: played.club,
    player: context.player,
    accuracy: accuracyFor(ball, context.accuracy),
    intervals: false,
    ...(ball.attackAngleDeg !== null && { attackAngleDeg: ball.attackAngleDeg }),
    ...(ball.strikeToeMm !== null && { strikeToeMm: ball.strikeToeMm }),
    ...(ball.strikeHighMm !== null && { strikeHighMm: ball.strikeHighMm }),
  });
}

/** Returns the ball with the face and path read backwards in their places. */
function withSolved(ball: LessonBall, solved: SolvedDelivery | null): LessonBall {
  if (solved === null || solved.delivery === null) return ball;
  const { faceAngleDeg, clubPathDeg, attackAngleDeg, dynamicLoftDeg, clubSpeedMps } =
    solved.delivery;
  return {
    ...ball,
    faceAngleDeg,
    clubPathDeg,
    faceToPathDeg: faceAngleDeg - clubPathDeg,
    attackAngleDeg: ball.attackAngleDeg ?? attackAngleDeg,
    dynamicLoftDeg: ball.dynamicLoftDeg ?? dynamicLoftDeg,
    clubSpeedMps: ball.clubSpeedMps ?? clubSpeedMps,
  };
}

const faceToPathOf = ({ faceAngleDeg, clubPathDeg }: MeasuredBall): number | null =>
  faceAngleDeg === null || clubPathDeg === null ? null : faceAngleDeg - clubPathDeg;

/** Face or path from the other and the face to path, where a row holds two of the three. */
function completed(ball: LessonBall): LessonBall {
  const { faceAngleDeg: face, clubPathDeg: path, faceToPathDeg: faceToPath } = ball;
  if (faceToPath === null || (face === null) === (path === null)) return ball;
  return {
    ...ball,
    faceAngleDeg: face ?? path! + faceToPath,
    clubPathDeg: path ?? face! - faceToPath,
  };
}

/** Why this ball, looked at by itself, is not averaged. */
function leftOutOf({ keep = 'auto', block }: LessonBall, agreement: Agreement): LeftOut | null {
  if (block === 'demonstration' || keep === 'shown') return 'demonstration';
  if (keep === 'out') return 'coach';
  if (keep === 'in' || !agreement.suspect) return null;
  return agreement.strikeToeMm === null ? 'disagrees' : 'strike';
}

interface Figures {
  readonly start: SourcedFigure | null;
  readonly carry: SourcedFigure | null;
  readonly curve: SourcedFigure | null;
  readonly offline: SourcedFigure | null;
}

function figuresOf(
  ball: LessonBall,
  flown: ReturnType<typeof flyBall> | null,
  modelled: SimulatedShot | null,
  context: ResolvedContext,
): Figures {
  const landed = modelled?.flight.outcome === 'landed' ? modelled.flight : null;
  const figure = (
    own: number | null | undefined,
    of: 'carryM' | 'offlineM' | 'curveM',
  ): SourcedFigure | null =>
    first(
      measured(own),
      flown && { value: flown[of], from: 'flight' },
      landed && { value: landed[of], from: 'model' },
    );
  return {
    start: first(
      measured(ball.startDirectionDeg),
      landed && modelled && { value: modelled.launch.startDirectionDeg, from: 'model' },
    ),
    carry: figure(ball.carryM, 'carryM'),
    curve: figure(measuredBend(ball, context.accuracy)?.curveM, 'curveM'),
    offline: figure(ball.offlineM ?? offlineFromCurve(ball), 'offlineM'),
  };
}

function nameOf(
  { start, curve, carry }: Figures,
  ball: LessonBall,
  context: ResolvedContext,
): ShotName | null {
  if (start === null || curve === null || carry === null) return null;
  const { hand, bands, naming } = context;
  const shot = {
    startDirectionDeg: start.value,
    curveM: Math.max(-1000, Math.min(1000, curve.value)),
    carryM: carry.value,
    hand,
    isBendOpen: isBendOpen(ball),
  };
  return nameShot(shot, bands, naming);
}

/** Completes, names and checks one ball in a context already resolved. Never throws for a ball. */
export function viewBall(given: LessonBall, id: string, context: ResolvedContext): BallView {
  const clean = completed(cleanBall(given));
  const solved = readBackwards(clean, context);
  const inferred = solved !== null && solved.delivery !== null;
  const ball = withSolved(clean, solved);
  const launch = measuredLaunch(ball);
  const flown = launch === null ? null : flyBall(launch, context.flight);
  const assumed = deliveryOf(ball, context.hand, context.bag, context.player);
  const modelled =
    assumed === null ? null : simulateShot(assumed.delivery, assumed.head, context.flight);
  const figures = figuresOf(ball, flown, modelled, context);
  // A delivery read off the ball agrees with it by its making.
  const agreement =
    inferred || assumed === null || modelled === null
      ? CANNOT_TELL
      : agreementOf(
          {
            ball,
            assumed,
            modelled,
            flown:
              flown?.outcome === 'landed' && launch !== null
                ? { launch, curveM: flown.curveM, carryM: flown.carryM }
                : null,
          },
          accuracyFor(ball, context.accuracy),
          context.flight,
        );
  const leftOut = leftOutOf(clean, agreement);
  return {
    id,
    ball: clean,
    faceAngleDeg: ball.faceAngleDeg,
    clubPathDeg: ball.clubPathDeg,
    faceToPathDeg: ball.faceToPathDeg ?? faceToPathOf(ball),
    ...figures,
    name: nameOf(figures, clean, context),
    delivery: assumed,
    inferred,
    notInferred: solved?.reason ?? null,
    modelled,
    agreement,
    counts: leftOut === null,
    leftOut,
  };
}

/** Reads one ball by itself. Throws RangeMisuse for a bad context, never for a ball. */
export const readBall = (ball: LessonBall, context: ReadingContext, id?: string): BallView =>
  viewBall(ball, id ?? ball.id ?? '1', resolveContext(context));
