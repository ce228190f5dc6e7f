// A shot as the model's independent peers have it: the collision in matrices, the flight by a general-purpose solver.
import type { Shoot } from './players.ts';
import { collide, launchOf } from './collide.ts';
import { landWithOdex } from './odex-flight.ts';

/** Of a monitor's errors a hundredth: what the solver may be off. */
const TOLERANCE = 1e-6;

export const independentShot: Shoot = (delivery, head) => {
  const collision = collide(delivery, head);
  if (collision === null) throw new Error('the club misses the ball');
  const launch = launchOf(collision);
  return { launch, ...landWithOdex(launch, TOLERANCE) };
};
