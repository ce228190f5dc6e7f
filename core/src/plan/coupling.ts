/**
 * How much of a change of path a player's face follows: the slope of face on path over the balls, by least
 * squares, shrunken towards what players usually do (normal prior 0.5 ± 0.4, common practice, no source; the
 * conjugate normal posterior, Gelman et al., *Bayesian Data Analysis*, 3rd ed., §2.5, from memory). Few
 * balls, or a path that hardly varies, lean on the prior.
 */
import { NORMAL_975, mean } from '../maths/statistics.ts';

export const COUPLING_PRIOR = { slope: 0.5, sd: 0.4 } as const;
/** A face does not run away from the path, nor twice as far. */
const SLOPE_RANGE = [-0.3, 1.3] as const;
/** Spread of face round the line below which a slope would claim too much, degrees: a monitor's own. */
const LEAST_SCATTER_DEG = 0.5;
const BALLS_AT_LEAST = 4;

export interface Coupling {
  /** Degrees of face for each degree of path. */
  readonly slope: number;
  /** 95 % interval. */
  readonly low: number;
  readonly high: number;
  /** Balls it was read from; 0 where only the prior speaks. */
  readonly balls: number;
}

export interface FacePath {
  readonly faceDeg: number;
  readonly pathDeg: number;
}

const around = (slope: number, sd: number, balls: number): Coupling => {
  const bounded = Math.min(SLOPE_RANGE[1], Math.max(SLOPE_RANGE[0], slope));
  return { slope: bounded, low: slope - NORMAL_975 * sd, high: slope + NORMAL_975 * sd, balls };
};

/** Returns the coupling in measured balls; those read backwards say nothing of it and are not to be given. */
export function couplingOf(balls: readonly FacePath[]): Coupling {
  const { slope: prior, sd: priorSd } = COUPLING_PRIOR;
  const n = balls.length;
  if (n < BALLS_AT_LEAST) return around(prior, priorSd, 0);
  const [face, path] = [mean(balls.map((b) => b.faceDeg)), mean(balls.map((b) => b.pathDeg))];
  let [xx, xy, yy] = [0, 0, 0];
  for (const ball of balls) {
    const [x, y] = [ball.pathDeg - path, ball.faceDeg - face];
    xx += x * x;
    xy += x * y;
    yy += y * y;
  }
  if (!(xx > 1e-9)) return around(prior, priorSd, 0);
  const slope = xy / xx;
  const scatter = Math.max(LEAST_SCATTER_DEG ** 2, (yy - slope * xy) / (n - 2));
  const [own, usual] = [xx / scatter, 1 / priorSd ** 2];
  return around((slope * own + prior * usual) / (own + usual), Math.sqrt(1 / (own + usual)), n);
}
