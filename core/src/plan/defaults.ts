/** The numbers a plan is decided by; how sure it must be is in `maths/rates.ts`. */
export const PLAN_DEFAULTS = {
  /** Routes this near to each other in mean miss tie, as a share of it: the one of fewer stages stands. */
  tieShare: 0.15,
  /** Balls from which anything is changed. */
  tellsFrom: 3,
  /** Balls up to which the basics are looked at first: grip, aim, ball position, posture. */
  fewBalls: 5,
  /** A gain below this is none, m, nor one below this share of the miss now. */
  smallestGainM: 0.5,
  smallestGainShare: 0.05,
  /** Balls to each side beyond the acceptable width that make a miss two-way, as a share, and how many balls at least. */
  twoWayShare: 0.25,
  twoWayBalls: 8,
  /** More balls than this are never asked for. */
  mostMore: 20,
} as const;
