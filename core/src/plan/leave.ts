import { RATES } from '../maths/rates.ts';
import type { Plan } from './plan.ts';

/** Why the direction is left: it is what was asked for, no change is proven to help, or the miss is scatter alone. */
export type LeaveReason = 'asked' | 'unproven' | 'scatter';

/** Returns why a plan leaves the direction. */
export function leaveReason(plan: Plan): LeaveReason {
  if (plan.isSaid && plan.wanted.shape !== 'straight') return 'asked';
  // Equal taps show no scatter of their own: the usual one is assumed of them.
  return plan.p >= RATES.leaveUnder || plan.isByEye ? 'unproven' : 'scatter';
}
