/**
 * The balls a plan flies: the player's own round their middle, or, of a handful or an eye's taps, as many that scatter as is believed.
 * Taps that go both ways fly as they were tapped: no usual scatter is as wide.
 */
import type { AssumedDelivery } from '../inverse/complete.ts';
import type { ReadGroup } from '../reading/group.ts';
import { deviationsOf } from './belief.ts';
import type { Belief } from './belief.ts';
import { cloudAround, cloudOf } from './outcome.ts';
import type { Cloud } from './outcome.ts';

/** Fewer balls than this do not show how they scatter. */
const OWN_FROM = 5;

export function cloudFor(
  { group, views }: ReadGroup,
  { delivery, head }: AssumedDelivery,
  { scatter }: Belief,
  isTwoWay: boolean,
): Cloud {
  const counted = new Set(group.countedIds);
  const own = views.flatMap((view) =>
    counted.has(view.id) && view.delivery !== null ? [view.delivery.delivery] : [],
  );
  const isUsual = group.inferred?.byEye === true && !isTwoWay;
  if (isUsual || own.length < OWN_FROM) return cloudAround(delivery, head, deviationsOf(scatter));
  return cloudOf(delivery, head, own);
}
