/** What else is worth working on where the direction is left as it is: by how much it would tell, computed from the player's own balls. */
import { simulateShot } from '../flight/simulate.ts';
import { boundDelivery } from '../delivery/delivery.ts';
import type { ReadGroup } from '../reading/group.ts';
import { STRIKE_WINDOW_MM } from '../reading/strike.ts';
import type { FlightOptions } from '../flight/options.ts';

/** One thing worth more; m. */
export type Worth =
  /** Nobody looked where they are struck, or they are struck all over the face. */
  | { readonly kind: 'strike'; readonly isSeen: boolean }
  /** How far carries lie from their mean, one standard deviation. */
  | { readonly kind: 'distance'; readonly spreadM: number }
  /** Carry that a little more club speed gives. */
  | { readonly kind: 'speed'; readonly byMps: number; readonly gainM: number }
  | { readonly kind: 'start line' };

const WORTH_DEFAULTS = {
  /** Carries that lie further apart than this share of the mean are worth a word (common practice, no source). */
  spreadShare: 0.04,
  /** Club speed gained in a season of training, m/s (common practice, no source). */
  byMps: 1,
} as const;

/** Returns the things worth more, the most telling first. */
export function worthOf({ group }: ReadGroup, flight: FlightOptions): Worth[] {
  const { strikeToeMm: strike, carryM: carry } = group.figures;
  const { typical } = group;
  const isSprayed = strike !== undefined && strike.sd > STRIKE_WINDOW_MM;
  const isByEye = group.inferred?.byEye === true;
  const isApart =
    !isByEye && carry !== undefined && carry.sd > WORTH_DEFAULTS.spreadShare * carry.mean;
  const found: Worth[] = [];
  if (strike === undefined || isSprayed) found.push({ kind: 'strike', isSeen: isSprayed });
  if (isApart) found.push({ kind: 'distance', spreadM: carry.sd });
  const { byMps } = WORTH_DEFAULTS;
  if (typical !== null && !isByEye) {
    const { delivery, head } = typical;
    const carryAt = (more: number): number =>
      simulateShot(
        boundDelivery({ ...delivery, clubSpeedMps: delivery.clubSpeedMps + more }),
        head,
        flight,
      ).flight.carryM;
    found.push({ kind: 'speed', byMps, gainM: carryAt(byMps) - carryAt(0) });
  }
  return [...found, { kind: 'start line' }];
}
