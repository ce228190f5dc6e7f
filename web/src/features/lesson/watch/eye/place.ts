import type { EyeWay } from '@loxos/core';

export type Way = -1 | 0 | 1;

/** What a touch of the pad says of a ball. */
export interface Touch {
  readonly start: EyeWay;
  readonly bend: EyeWay;
}

/** How far in from the pad's outer edge a touch says much, as a share of a place; Pad.tsx draws it. */
const EDGE_SHARE = 0.34;

/** Where a place was touched, as shares of its width from the left and its height from the top. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

const SIDES = { [-1]: 'left', 1: 'right' } as const;

const wayOf = (way: Way, isMuch: boolean): EyeWay => {
  if (way === 0) return 0;
  return isMuch ? ((2 * way) as EyeWay) : SIDES[way];
};

/** Returns whether a touch lies at the outer edge of its place: the lesser end where it goes left or up, else the greater. */
const isOuter = (way: Way, share: number): boolean =>
  way < 0 ? share < EDGE_SHARE : share > 1 - EDGE_SHARE;

/** Returns what a touch says: the side, and how much only where it lies far out; `spot` is null where no finger touched. */
export const touched = (start: Way, bend: Way, spot: Spot | null): Touch => ({
  start: wayOf(start, spot !== null && isOuter(start, spot.x)),
  bend: wayOf(bend, spot !== null && isOuter(bend, spot.y)),
});

/** Returns what a key with Shift says: much of the bend; of a ball that does not bend, of the start. */
export const keyedMuch = (start: Way, bend: Way): Touch => ({
  start: wayOf(start, bend === 0),
  bend: wayOf(bend, true),
});

/** Rows of a number pad from the top: 7 8 9 bend left, 4 5 6 not at all, 1 2 3 right. */
export const keyOf = (start: Way, bend: Way): string =>
  String((bend < 0 ? 7 : bend === 0 ? 4 : 1) + start + 1);
