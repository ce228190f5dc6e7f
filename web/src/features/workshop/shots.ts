import { headOf, simulateShot } from '@loxos/core';
import type { Delivery, SimulatedShot } from '@loxos/core';
import { clubOf, deliveryOf, flightOf } from '../../app/workshop-state.ts';
import type { Moved, WorkshopState } from '../../app/workshop-state.ts';

/** Which of the two deliveries is moved and told of. */
export type Which = 'now' | 'wanted';

export interface Flown {
  readonly delivery: Delivery;
  readonly shot: SimulatedShot;
}

/** Both deliveries flown; null where no second one is set. */
export interface Shots {
  readonly now: Flown;
  readonly wanted: Flown | null;
}

const PATH_POINTS = 40;

/** Returns the deliveries of a what-if, flown. */
export function shotsOf(state: WorkshopState): Shots {
  const head = headOf(clubOf(state));
  const fly = (of: Moved): Flown => {
    const delivery = deliveryOf(state, of);
    const options = { ...flightOf(state), pathPoints: PATH_POINTS };
    return { delivery, shot: simulateShot(delivery, head, options) };
  };
  return { now: fly(state.now), wanted: state.wanted === null ? null : fly(state.wanted) };
}
