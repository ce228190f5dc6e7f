import { HANDS } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { RangeMisuse, requireInRange } from '../units/require.ts';

/**
 * The club at first touch. Angles in degrees, positive to the right of the target line seen from
 * above for both hands; attack and loft positive up; path is that of the middle of the face; face
 * angle and dynamic loft are those of the middle of the face (a bulged face points elsewhere at the
 * strike point). Strike offsets in mm from the middle of the face, toe and high positive.
 */
export interface Delivery {
  readonly hand: Hand;
  readonly clubSpeedMps: number;
  readonly attackAngleDeg: number;
  readonly clubPathDeg: number;
  readonly faceAngleDeg: number;
  readonly dynamicLoftDeg: number;
  readonly strikeToeMm: number;
  readonly strikeHighMm: number;
}

/** What a delivery's numbers may be; [min, max] in the unit of the name. */
export const DELIVERY_RANGES = {
  clubSpeedMps: [0, 90],
  attackAngleDeg: [-60, 60],
  clubPathDeg: [-60, 60],
  faceAngleDeg: [-80, 80],
  dynamicLoftDeg: [-20, 85],
  strikeToeMm: [-60, 60],
  strikeHighMm: [-40, 40],
} as const;

/** The same as a list, made once: every strike checks its delivery. */
const FIELDS = Object.entries(DELIVERY_RANGES).map(([field, [min, max]]) => ({
  field: field as keyof typeof DELIVERY_RANGES,
  parameter: `delivery.${field}`,
  min,
  max,
  unit: field.endsWith('Deg') ? 'degrees' : field.endsWith('Mm') ? 'mm' : 'm/s',
}));

/** Throws RangeMisuse naming the first field that is not a finite number in its range. */
export function requireDelivery(delivery: Delivery): Delivery {
  if (!HANDS.includes(delivery.hand)) {
    throw new RangeMisuse('delivery.hand', delivery.hand, "'right' or 'left'");
  }
  for (const { field, parameter, min, max, unit } of FIELDS) {
    requireInRange(parameter, delivery[field], min, max, unit);
  }
  return delivery;
}

/** Brings every number of a delivery into its range. */
export function bindDelivery(delivery: { -readonly [K in keyof Delivery]: Delivery[K] }): void {
  for (const { field, min, max } of FIELDS)
    delivery[field] = Math.min(max, Math.max(min, delivery[field]));
}

/** Returns the delivery with every number brought into its range: what a ball's odd figures are completed to. */
export function boundDelivery(delivery: Delivery): Delivery {
  const bounded = { ...delivery };
  bindDelivery(bounded);
  return bounded;
}
