import type { Unit } from '../units/units.ts';
import type { SideKind } from './side.ts';

/**
 * The quantities a launch file may hold. Horizontal quantities (`side`) are positive right of the
 * target line for both hands once read. `min` and `max` bound what a golf ball or club can do, in
 * the unit of the name; a figure outside is refused with its row.
 */
export interface QuantityInfo {
  readonly label: string;
  readonly unit: Unit;
  /** Units the column may be in; the first is taken when `assumed` is true and none is given. */
  readonly units: readonly Unit[];
  /** Whether a column without a unit is safely in the first unit (degrees, rev/min, mm). */
  readonly assumed: boolean;
  /** How the sign behaves. */
  readonly side: SideKind;
  /** Whether a struck ball can have none of it: where it cannot, 0 says that nothing was measured. */
  readonly canBeZero: boolean;
  readonly min: number;
  readonly max: number;
}

const SPEEDS: readonly Unit[] = ['mph', 'km/h', 'm/s'];
const LENGTHS: readonly Unit[] = ['yd', 'm', 'ft'];
const HEIGHTS: readonly Unit[] = ['ft', 'yd', 'm'];
const DEGREES: readonly Unit[] = ['deg', 'rad'];
const RATES: readonly Unit[] = ['rpm', 'rev/s', 'rad/s'];
const SMALL: readonly Unit[] = ['mm', 'cm', 'in'];

const angle = (
  label: string,
  side: QuantityInfo['side'],
  min: number,
  max: number,
  canBeZero = true,
): QuantityInfo => ({
  label,
  unit: 'deg',
  units: DEGREES,
  assumed: true,
  side,
  min,
  max,
  canBeZero,
});
const speed = (label: string, max: number): QuantityInfo => ({
  label,
  unit: 'm/s',
  units: SPEEDS,
  assumed: false,
  side: 'none',
  min: 0,
  max,
  canBeZero: false,
});
const length = (
  label: string,
  side: QuantityInfo['side'],
  min: number,
  max: number,
  units = LENGTHS,
): QuantityInfo => ({
  label,
  unit: 'm',
  units,
  assumed: false,
  side,
  min,
  max,
  canBeZero: side !== 'none',
});
const rate = (label: string, side: QuantityInfo['side'], min: number): QuantityInfo => ({
  label,
  unit: 'rpm',
  units: RATES,
  assumed: true,
  side,
  min,
  max: 20_000,
  canBeZero: side !== 'none',
});
const strike = (label: string, side: QuantityInfo['side'], most: number): QuantityInfo => ({
  label,
  unit: 'mm',
  units: SMALL,
  assumed: true,
  side,
  min: -most,
  max: most,
  canBeZero: true,
});

export const QUANTITIES = {
  clubSpeedMps: speed('Club speed', 80),
  attackAngleDeg: angle('Attack angle', 'high', -30, 30),
  clubPathDeg: angle('Club path', 'club', -45, 45),
  faceAngleDeg: angle('Face angle', 'club', -45, 45),
  faceToPathDeg: angle('Face to path', 'club', -60, 60),
  dynamicLoftDeg: angle('Dynamic loft', 'none', -10, 80, false),
  spinLoftDeg: angle('Spin loft', 'none', 0, 90, false),
  swingDirectionDeg: angle('Swing direction', 'club', -45, 45),
  swingPlaneDeg: angle('Swing plane', 'none', 20, 90, false),
  strikeToeMm: strike('Strike towards the toe', 'toe', 60),
  strikeHighMm: strike('Strike above the middle', 'high', 40),
  ballSpeedMps: speed('Ball speed', 110),
  launchAngleDeg: angle('Launch angle', 'none', -30, 85),
  startDirectionDeg: angle('Start direction', 'ball', -60, 60),
  spinRateRpm: rate('Spin rate', 'none', 0),
  spinAxisTiltDeg: angle('Spin axis', 'ball', -90, 90),
  backSpinRpm: rate('Back spin', 'none', -20_000),
  sideSpinRpm: rate('Side spin', 'ball', -20_000),
  carryM: length('Carry', 'none', 0, 450),
  totalM: length('Total distance', 'none', 0, 550),
  offlineM: length('Offline', 'ball', -250, 250),
  curveM: length('Curve', 'ball', -250, 250),
  apexM: length('Apex height', 'none', 0, 100, HEIGHTS),
  descentAngleDeg: angle('Descent angle', 'none', -10, 90, false),
  flightTimeS: {
    label: 'Flight time',
    unit: 's',
    units: ['s', 'ms'],
    assumed: true,
    side: 'none',
    min: 0,
    max: 20,
    canBeZero: false,
  },
} as const satisfies Readonly<Record<string, QuantityInfo>>;

export type Quantity = keyof typeof QUANTITIES;
export const QUANTITY_NAMES = Object.keys(QUANTITIES) as readonly Quantity[];
export const infoOf = (quantity: Quantity): QuantityInfo => QUANTITIES[quantity];

/** A quantity kept with a ball; back and side spin become spin rate and axis. */
export type BallQuantity = Exclude<Quantity, 'backSpinRpm' | 'sideSpinRpm'>;
export const BALL_QUANTITIES = QUANTITY_NAMES.filter(
  (name): name is BallQuantity => name !== 'backSpinRpm' && name !== 'sideSpinRpm',
);

/** What a launch monitor or a coach's eye recorded of one ball; null where nothing was. */
export type BallFigures = { readonly [Q in BallQuantity]: number | null };

export interface MeasuredBall extends BallFigures {
  /** Id of a club of the standard bag, or null. */
  readonly club: string | null;
  /** The club as the file wrote it. */
  readonly clubText: string | null;
  /** The date or time as the file wrote it. */
  readonly hitAt: string | null;
}

export const EMPTY_FIGURES: BallFigures = Object.fromEntries(
  BALL_QUANTITIES.map((name) => [name, null]),
) as unknown as BallFigures;

export const EMPTY_BALL: MeasuredBall = {
  ...EMPTY_FIGURES,
  club: null,
  clubText: null,
  hitAt: null,
};
