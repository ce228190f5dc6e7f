/** The balls a plan flies: the player's own round their middle, or, of a handful or an eye's taps, as many that scatter as is believed. */
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
): Cloud {
  const counted = new Set(group.countedIds);
  const own = views.flatMap((view) =>
    counted.has(view.id) && view.delivery !== null ? [view.delivery.delivery] : [],
  );
  if (group.inferred?.byEye === true || own.length < OWN_FROM)
    return cloudAround(delivery, head, deviationsOf(scatter));
  return cloudOf(delivery, head, own);
}
