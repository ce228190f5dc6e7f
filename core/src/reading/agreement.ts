import { flyBall } from '../flight/flight.ts';
import type { FlightOptions } from '../flight/options.ts';
import type { SimulatedShot } from '../flight/simulate.ts';
import type { BallLaunch } from '../impact/launch.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import type { DeviceAccuracy } from '../inverse/accuracy.ts';
import type { AssumedDelivery } from '../inverse/complete.ts';
import { degToRad } from '../units/units.ts';
import {
  FURTHEST_STRIKE_MM,
  STRIKE_SCATTER_MM,
  checkImpact,
  isFarStrike,
  showsStrike,
  strikeOf,
  withDelivery,
} from './impact-check.ts';
import type { BallStrike, Departure, ImpactCheck } from './impact-check.ts';

export type AgreementVerdict =
  | 'agrees'
  | 'bent-more'
  | 'bent-less'
  | 'bent-otherwise'
  | 'started-elsewhere'
  | 'landed-elsewhere'
  | 'cannot-tell';

/** Whether the measured ball is the one its face and path should give. */
export interface Agreement {
  readonly verdict: AgreementVerdict;
  /** What start and axis leave unexplained; null where nothing was compared. */
  readonly impact: ImpactCheck | null;
  /** What was seen of its departure, for those that look again. */
  readonly departure: Departure | null;
  /** Landing less the flight of the measured launch, m, positive right, in standard deviations too. */
  readonly landing: { readonly leftM: number; readonly sds: number } | null;
  /** Where it was struck across the face, by its start and axis; null where that was measured or does not show. */
  readonly struck: BallStrike | null;
  /** A far strike that explains what is left over, mm, toe positive; null where none does. */
  readonly strikeToeMm: number | null;
  /** Beyond what the errors can make of it. */
  readonly suspect: boolean;
}

/** Points of chi-squared (NIST/SEMATECH handbook, table 1.3.6.7.4): a clean ball passes them 1 time in 100. */
export const AGREEMENT_LIMITS = {
  /** By figures compared, when only departure or only landing can be checked. */
  alone: [6.635, 6.635, 9.21],
  /** The same with 1 in 200 each, when both can. */
  both: [7.879, 7.879, 10.597],
} as const;

export const CANNOT_TELL: Agreement = {
  verdict: 'cannot-tell',
  impact: null,
  departure: null,
  landing: null,
  struck: null,
  strikeToeMm: null,
  suspect: false,
};

/** Tilt by which a flight is turned to see how its bend follows, degrees. */
const TILT_STEP_DEG = 3;

/** Metres of bend a degree of tilt makes of a launch. */
function bendPerTilt(launch: BallLaunch, curveM: number, flight: FlightOptions): number {
  const { ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg } = launch;
  const turned = flyBall(
    {
      ballSpeedMps,
      launchAngleDeg,
      startDirectionDeg,
      spinRateRpm,
      spinAxisTiltDeg: spinAxisTiltDeg + (spinAxisTiltDeg > 0 ? -TILT_STEP_DEG : TILT_STEP_DEG),
    },
    flight,
  );
  return Math.abs(turned.curveM - curveM) / TILT_STEP_DEG;
}

export interface Bend {
  /** Bend off the start line, m, positive right, as the row or its landing says. */
  readonly curveM: number;
  /** One standard deviation, m. */
  readonly sdM: number;
}

/** Bend that a row measured, as such or by its landing; null where neither was. */
export function measuredBend(ball: MeasuredBall, accuracy: DeviceAccuracy): Bend | null {
  if (ball.curveM !== null) return { curveM: ball.curveM, sdM: accuracy.curveM };
  const { startDirectionDeg, carryM, offlineM } = ball;
  if (startDirectionDeg === null || carryM === null || offlineM === null) return null;
  const start = degToRad(startDirectionDeg);
  const curveM = offlineM * Math.cos(start) - carryM * Math.sin(start);
  const byStart = carryM * degToRad(accuracy.startDirectionDeg);
  return { curveM, sdM: Math.hypot(accuracy.offlineM, byStart) };
}

/** Returns a bend at another length: a shorter ball bends less, by the square (small bends, constant turn). */
const atLength = (curveM: number, fromM: number, toM: number): number =>
  curveM * (toM / Math.max(fromM, 1)) ** 2;

function departureOf(
  ball: MeasuredBall,
  bend: Bend | null,
  modelled: SimulatedShot,
  accuracy: DeviceAccuracy,
  flight: FlightOptions,
): Departure {
  const base = { startDeg: ball.startDirectionDeg, startSdDeg: accuracy.startDirectionDeg };
  if (ball.spinAxisTiltDeg !== null) {
    return { ...base, tiltDeg: ball.spinAxisTiltDeg, tiltSdDeg: accuracy.spinAxisTiltDeg };
  }
  if (bend === null) return { ...base, tiltDeg: null, tiltSdDeg: 1 };
  const { launch, flight: flown } = modelled;
  const perTilt = bendPerTilt(launch, flown.curveM, flight);
  if (!(perTilt > 0)) return { ...base, tiltDeg: null, tiltSdDeg: 1 };
  const expectedM = atLength(flown.curveM, flown.carryM, ball.carryM ?? flown.carryM);
  const left = (bend.curveM - expectedM) / perTilt;
  return { ...base, tiltDeg: launch.spinAxisTiltDeg + left, tiltSdDeg: bend.sdM / perTilt };
}

/** Returns where it landed against the flight of its own measured launch: wind, or a bad reading. */
function landingOf(
  ball: MeasuredBall,
  bend: Bend | null,
  flown: { readonly launch: BallLaunch; readonly curveM: number; readonly carryM: number } | null,
  accuracy: DeviceAccuracy,
  flight: FlightOptions,
): Agreement['landing'] {
  if (flown === null || bend === null || flown.carryM < 1) return null;
  const perTilt = bendPerTilt(flown.launch, flown.curveM, flight);
  const expectedM = atLength(flown.curveM, flown.carryM, ball.carryM ?? flown.carryM);
  const bySpin = (flown.curveM * accuracy.spinRateRpm) / Math.max(500, flown.launch.spinRateRpm);
  const sd = Math.hypot(bend.sdM, perTilt * accuracy.spinAxisTiltDeg, bySpin);
  const leftM = bend.curveM - expectedM;
  return { leftM, sds: leftM / sd };
}

/** Squared distances beyond which errors alone do not explain a ball, by figures compared. */
export const limitsOf = (
  impact: ImpactCheck | null,
  landing: Agreement['landing'],
): readonly [number, number, number] =>
  impact !== null && landing !== null ? AGREEMENT_LIMITS.both : AGREEMENT_LIMITS.alone;

function verdictOf(impact: ImpactCheck, modelTiltDeg: number): AgreementVerdict {
  const { startLeftDeg, tiltLeftDeg } = impact;
  if (tiltLeftDeg === null || Math.abs(startLeftDeg ?? 0) > Math.abs(tiltLeftDeg)) {
    return 'started-elsewhere';
  }
  const seen = modelTiltDeg + tiltLeftDeg;
  if (seen * modelTiltDeg < 0) return 'bent-otherwise';
  return Math.abs(seen) > Math.abs(modelTiltDeg) ? 'bent-more' : 'bent-less';
}

export interface AgreementInput {
  readonly ball: MeasuredBall;
  readonly assumed: AssumedDelivery;
  readonly modelled: SimulatedShot;
  readonly flown: {
    readonly launch: BallLaunch;
    readonly curveM: number;
    readonly carryM: number;
  } | null;
}

/** Returns the strike, where it leaves nothing over that the monitor's errors do not make. */
function explainedBy(
  { toeMm }: BallStrike,
  {
    assumed,
    seen,
    limit2,
    accuracy,
  }: {
    readonly assumed: AssumedDelivery;
    readonly seen: Departure;
    readonly limit2: number;
    readonly accuracy: DeviceAccuracy;
  },
): number | null {
  if (Math.abs(toeMm) >= FURTHEST_STRIKE_MM) return null;
  const there = checkImpact(withDelivery(assumed, { strikeToeMm: toeMm }), seen, accuracy);
  return there !== null && there.distance2 <= limit2 ? toeMm : null;
}

/** Compares the measured ball with the model's for the same face and path, and its landing with its launch. */
export function agreementOf(
  { ball, assumed, modelled, flown }: AgreementInput,
  accuracy: DeviceAccuracy,
  flight: FlightOptions,
): Agreement {
  if (modelled.flight.outcome !== 'landed') return CANNOT_TELL;
  const bend = measuredBend(ball, accuracy);
  const seen = departureOf(ball, bend, modelled, accuracy, flight);
  const isMeasured = ball.strikeToeMm !== null;
  const impact = checkImpact(assumed, seen, accuracy, isMeasured ? 0 : STRIKE_SCATTER_MM);
  const struck =
    isMeasured || !showsStrike(assumed.head) ? null : strikeOf(assumed, seen, accuracy);
  const landing = landingOf(ball, bend, flown, accuracy, flight);
  if (impact === null && landing === null) return CANNOT_TELL;
  const limits = limitsOf(impact, landing);
  const limit2 = limits[impact?.figures === 2 ? 2 : 1];
  const isFar = struck !== null && isFarStrike(struck);
  if (impact !== null && (impact.distance2 > limit2 || isFar)) {
    return {
      verdict: verdictOf(impact, modelled.launch.spinAxisTiltDeg),
      impact,
      departure: seen,
      landing,
      struck,
      strikeToeMm: isFar ? explainedBy(struck, { assumed, seen, limit2, accuracy }) : null,
      suspect: true,
    };
  }
  const astray = landing !== null && landing.sds ** 2 > limits[1];
  const verdict = astray ? 'landed-elsewhere' : 'agrees';
  return { verdict, impact, departure: seen, landing, struck, strikeToeMm: null, suspect: astray };
}
