import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';

/**
 * What a figure's side or its plus stands for. `right` and `left` are of the target line; `out` is in-to-out, open and
 * what follows from them (right for a right-hander), `in` out-to-in and closed; the others are what they say.
 */
export const SIDES = ['right', 'left', 'out', 'in', 'toe', 'heel', 'up', 'down'] as const;
export type Side = (typeof SIDES)[number];

/** How a quantity's sign behaves: none, left or right, the club's own sides, toe and heel, up and down. */
export type SideKind = 'none' | 'ball' | 'club' | 'toe' | 'high';

const OF_KIND: Readonly<Record<SideKind, readonly Side[]>> = {
  none: [],
  ball: ['right', 'left', 'out', 'in'],
  club: ['right', 'left', 'out', 'in'],
  toe: ['toe', 'heel'],
  high: ['up', 'down'],
};

/** Returns what plus may stand for in a column of this kind; the first is how Loxos keeps it. */
export const sidesOf = (kind: SideKind): readonly Side[] => OF_KIND[kind];

const OPPOSITE: Readonly<Record<Side, Side>> = {
  right: 'left',
  left: 'right',
  out: 'in',
  in: 'out',
  toe: 'heel',
  heel: 'toe',
  up: 'down',
  down: 'up',
};
export const oppositeOf = (side: Side): Side => OPPOSITE[side];

/** +1 where the side is plus in Loxos, −1 where it is minus; null where it turns with a hand that is not known. */
export function sideSign(side: Side, hand: Hand | null): 1 | -1 | null {
  if (side === 'right' || side === 'toe' || side === 'up') return 1;
  if (side === 'left' || side === 'heel' || side === 'down') return -1;
  if (hand === null) return null;
  return side === 'out' ? handSign(hand) : (-handSign(hand) as 1 | -1);
}
