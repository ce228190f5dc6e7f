import { RATES } from '../maths/rates.ts';
import type { Plan } from './plan.ts';

/**
 * Why the direction is left: the balls bend as was asked for, or are not clearly off that, no change is proven to help, or the miss is scatter
 * alone.
 */
export type LeaveReason = 'asked' | 'not off' | 'unproven' | 'scatter';

/** Returns whether the balls were seen to bend as much as the shape that was asked for does, on average. */
function isBentAsAsked({ seen }: Plan): boolean {
  const curve = seen.find(({ figure }) => figure === 'curveM');
  return curve !== undefined && curve.value >= curve.span[0] && curve.value <= curve.span[1];
}

/** Returns why a plan leaves the direction. */
export function leaveReason(plan: Plan): LeaveReason {
  if (plan.isSaid && plan.wanted.shape !== 'straight')
    return isBentAsAsked(plan) ? 'asked' : 'not off';
  // Equal taps show no scatter of their own: the usual one is assumed of them.
  return plan.p >= RATES.leaveUnder || plan.isByEye ? 'unproven' : 'scatter';
}
