/** The numbers a plan is decided by. */
export const PLAN_DEFAULTS = {
  /** Routes this near to each other in mean miss tie, as a share of it: the one of fewer stages stands. */
  tieShare: 0.15,
  /** Balls from which more can be counted on. */
  tellsFrom: 3,
  /** A gain below this is none, m. */
  smallestGainM: 0.5,
  /**
   * Standard errors a gain must beat: one where the balls finish about where they are meant to, so that a
   * usable shape is left alone; half of one where they do not, since then something is to be done.
   */
  errorsWhenNear: 1,
  errorsWhenAway: 0.5,
  /** Balls on which the lean of a gain is computed. */
  leanBalls: 6,
  /** Half the acceptable width: beyond it on average the balls finish away. */
  awayShare: 0.5,
  /** Balls to each side beyond the acceptable width that make a miss two-way, as a share, and how many balls at least. */
  twoWayShare: 0.25,
  twoWayBalls: 8,
} as const;
