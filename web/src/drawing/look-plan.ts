import type { CauseLinkId, Hand } from '@loxos/core';
import { hairline } from './marks.ts';
import { PERSON_REACH, person } from './person.ts';
import type { PersonPart } from './person.ts';
import type { Box, Shape } from './shape.ts';

/** What of the player a link is looked for at. */
const LOOK_AT: Readonly<Record<CauseLinkId, PersonPart>> = {
  'head-bias': 'club',
  sleeve: 'club',
  lie: 'club',
  'leading-edge': 'club',
  'toe-at-top': 'club',
  'ball-position': 'ball',
  aim: 'feet',
  'feet-line': 'feet',
  'hip-line': 'hips',
  'lead-hip': 'hips',
  'shoulder-line': 'shoulders',
  'back-turn': 'chest',
  chest: 'chest',
  'side-bend': 'chest',
  'grip-strength': 'hands',
  'grip-hold': 'hands',
  'lead-wrist': 'hands',
  forearms: 'elbow',
  'lead-elbow': 'elbow',
  'eye-line': 'head',
  distance: 'gap',
};

/** Returns what of the drawing is shown: the whole player, on their own side of the line. */
export function lookBox(hand: Hand): Box {
  const { player, away, half } = PERSON_REACH;
  return [hand === 'right' ? -player : -away, -half, player + away, 2 * half];
}

/** Returns a player from above at address, the target up, with the part to look at in amber. */
export const lookPlan = (link: CauseLinkId, hand: Hand): Shape[] => [
  hairline(-PERSON_REACH.half, PERSON_REACH.half, 0.8),
  ...person({ hand, look: LOOK_AT[link] }),
];
