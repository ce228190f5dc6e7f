import { printLaunchFile } from '@loxos/core';
import type { BallQuantity, Hand, MeasuredBall, Unit } from '@loxos/core';

/** How a monitor writes its file. All invented: each spells the same facts its own way. */
export interface Dialect {
  readonly extension: 'csv' | 'tsv';
  readonly print: (balls: readonly MeasuredBall[], hand: Hand) => string;
}

const CLUB_AND_BALL: readonly BallQuantity[] = [
  'clubSpeedMps',
  'attackAngleDeg',
  'clubPathDeg',
  'faceAngleDeg',
  'faceToPathDeg',
  'dynamicLoftDeg',
  'ballSpeedMps',
  'launchAngleDeg',
  'startDirectionDeg',
  'spinRateRpm',
  'spinAxisTiltDeg',
  'carryM',
  'offlineM',
];
const WITH_STRIKE: readonly BallQuantity[] = [...CLUB_AND_BALL, 'strikeToeMm', 'strikeHighMm'];
const BALL_ONLY: readonly BallQuantity[] = [
  'ballSpeedMps',
  'launchAngleDeg',
  'startDirectionDeg',
  'spinRateRpm',
  'spinAxisTiltDeg',
  'carryM',
  'offlineM',
];

const imperial = (quantity: BallQuantity): Unit =>
  quantity.endsWith('Mps')
    ? 'mph'
    : quantity.endsWith('M') && quantity !== 'apexM'
      ? 'yd'
      : usual(quantity);
const metric = (quantity: BallQuantity): Unit =>
  quantity.endsWith('Mps') ? 'km/h' : usual(quantity);

function usual(quantity: BallQuantity): Unit {
  if (quantity.endsWith('Mps')) return 'm/s';
  if (quantity.endsWith('Mm')) return 'mm';
  if (quantity.endsWith('Rpm')) return 'rpm';
  return quantity.endsWith('Deg') ? 'deg' : 'm';
}

export const DIALECTS = {
  /** Commas, signed numbers, units in the names of the columns. */
  plain: {
    extension: 'csv',
    print: (balls, hand) =>
      printLaunchFile(balls, { hand, digits: 1, unitFor: imperial, columns: CLUB_AND_BALL }),
  },
  /** Semicolons, decimal commas, a row of units, sides as letters, path as I-O and O-I, strike. */
  lettered: {
    extension: 'csv',
    print: (balls, hand) =>
      printLaunchFile(balls, {
        hand,
        digits: 1,
        delimiter: ';',
        decimal: 'comma',
        sides: 'in-out',
        unitsIn: 'row',
        unitFor: metric,
        columns: WITH_STRIKE,
      }),
  },
  /** Tabs, sides as letters, the ball alone: no club data. */
  ballOnly: {
    extension: 'tsv',
    print: (balls, hand) =>
      printLaunchFile(balls, {
        hand,
        digits: 1,
        delimiter: '\t',
        sides: 'letters',
        unitFor: imperial,
        columns: BALL_ONLY,
      }),
  },
} as const satisfies Record<string, Dialect>;

export type DialectName = keyof typeof DIALECTS;
