/**
 * How sure a thing must be to be said, in one place: every error rate of the product, and the simulation that holds it to it. A
 * rate is changed here and nowhere else.
 */
export const RATES = {
  /** Chance that a move gains by as much as matters, from which it is said outright, and as a try; under the last nothing gains (plan/decisions.test.ts). */
  doFrom: 0.95,
  tryFrom: 0.75,
  /** The same of a handful of balls. */
  tryFewFrom: 0.85,
  leaveUnder: 0.3,
  /** Share of the player's balls to one side, by an eye's count, whose one-sided lower bound must pass a half (plan/decisions.test.ts). */
  countSure: 0.95,
  /** A number is off, or within, by the interval of its mean at this level (plan/off.ts; reading/counts.test.ts). */
  interval: 0.95,
  /** That further balls settle a question, before their number is named (plan/decisions.test.ts). */
  ballsSettle: 0.75,
  /** That face to path is off, before a route begins with it. */
  faceToPathOff: 0.95,
  /** That a straight pull or push has its face off the path, before that is turned by itself (plan/decisions.test.ts). */
  faceToPathSure: 0.995,
  /**
   * Change of the figure that decides where nothing changed; the second and the rest together beside it, and after it has changed
   * (proof/proof.test.ts).
   */
  headline: 0.033,
  besideHeadline: 0.01,
  afterHeadline: 0.05,
  /** Share of those that each look spends while a block is being hit: ten looks are planned (alpha spending, Lan & DeMets 1983, Biometrika 70:659). */
  openShare: 0.3,
  /** Less scatter, and more, where nothing changed (proof/verdicts.test.ts). */
  tighter: 0.045,
  wider: 0.003,
  /** A useless drill credited to a player, over all drills and both figures (proof/effects.test.ts). */
  credited: 0.09,
  /** Fewer balls to one side, by an eye's count, where nothing changed (proof/verdicts.test.ts). */
  fewer: 0.04,
  more: 0.01,
} as const;
