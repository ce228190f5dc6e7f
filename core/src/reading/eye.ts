import { usualClubOf } from '../delivery/club.ts';
import type { ClubHead } from '../delivery/head.ts';
import type { FlightOptions } from '../flight/options.ts';
import type { Hand } from '../line/hand.ts';
import type { DeviceAccuracy } from './accuracy.ts';
import { solveDelivery } from './solve.ts';
import type { SolvedDelivery } from './solve.ts';

/** A flight as a coach saw it. Degrees and m, positive right; each with how far the eye may be off. */
export interface SeenFlight {
  readonly hand: Hand;
  readonly startDeg: number;
  /** Where it landed from the target line, or how far it bent off its start line: one of the two. */
  readonly finishOfflineM?: number;
  readonly curveM?: number;
  readonly carryM?: number;
  readonly startSdDeg?: number;
  readonly finishSdM?: number;
  readonly carrySdM?: number;
  readonly flight?: FlightOptions;
}

/** How far a practised eye may be off, one standard deviation (common practice, no source). */
export const EYE_ACCURACY = { startSdDeg: 1.5, finishShare: 0.03, carryShare: 0.07 } as const;
/** The eye's errors for a ball of this carry, m, one standard deviation. */
export function eyeAccuracy(carryM: number): Partial<DeviceAccuracy> {
  const finishSdM = Math.max(1, EYE_ACCURACY.finishShare * carryM);
  return {
    startDirectionDeg: EYE_ACCURACY.startSdDeg,
    offlineM: finishSdM,
    curveM: finishSdM,
    carryM: Math.max(1, EYE_ACCURACY.carryShare * carryM),
  };
}

/** Driver speed of a player about whom nothing is known, m/s (common practice, no source). */
const UNKNOWN_DRIVER_SPEED_MPS = 42;

/**
 * Face and path from the eye alone, with intervals as wide as the eye's error makes them; null with a
 * reason where there is no such delivery.
 */
export function solveFromEye(seen: SeenFlight, head: ClubHead): SolvedDelivery {
  const { startDeg, finishOfflineM, curveM, carryM } = seen;
  if (finishOfflineM === undefined && curveM === undefined) {
    return { delivery: null, reason: 'say where it finished, or how far it bent' };
  }
  const usualCarryM = UNKNOWN_DRIVER_SPEED_MPS * usualClubOf(head).speedShare * 4;
  const eye = eyeAccuracy(carryM ?? usualCarryM);
  return solveDelivery(
    {
      startDirectionDeg: startDeg,
      ...(finishOfflineM === undefined ? { curveM: curveM! } : { offlineM: finishOfflineM }),
      ...(carryM !== undefined && { carryM }),
    },
    head,
    {
      hand: seen.hand,
      flight: seen.flight ?? {},
      accuracy: {
        ...eye,
        ...(seen.startSdDeg !== undefined && { startDirectionDeg: seen.startSdDeg }),
        ...(seen.finishSdM !== undefined && { offlineM: seen.finishSdM, curveM: seen.finishSdM }),
        ...(seen.carrySdM !== undefined && { carryM: seen.carrySdM }),
      },
    },
  );
}
