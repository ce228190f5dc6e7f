/** Which side the player swings from. */
export const HANDS = ['right', 'left'] as const;
export type Hand = (typeof HANDS)[number];

/** +1 for a right-hander, −1 for a left-hander: the factor that mirrors a horizontal sign. */
export const handSign = (hand: Hand): 1 | -1 => (hand === 'left' ? -1 : 1);

/** −0 printed or compared as 0. */
export const plusZero = (value: number): number => (value === 0 ? 0 : value);

/** Returns the same horizontal quantity seen by a right-hander: positive in-to-out, open, push, fade. */
export const asRightHanded = (value: number, hand: Hand): number =>
  plusZero(value * handSign(hand));
