/**
 * Least squares by Levenberg (1944) and Marquardt (1963, J. SIAM 11:431) for the handful of unknowns of a delivery.
 * Steps are damped by the diagonal of JᵀJ; the search takes one-sided differences, which change how fast it comes
 * there and not where, the covariance central ones. Matrices are flat, row after row.
 */
export interface FitProblem {
  /** How many residuals there are. */
  readonly count: number;
  /** Writes the weighted residuals at x; false where the model has no answer there. */
  readonly residuals: (x: Float64Array, out: Float64Array) => boolean;
  readonly start: readonly number[];
  /** Half step of the differences for each unknown. */
  readonly steps: readonly number[];
}

export interface Fit {
  readonly x: Float64Array;
  /** Sum of squared residuals. */
  readonly cost: number;
  /** (JᵀJ)⁻¹ at x: the covariance when residuals are in standard deviations; null when singular or not wanted. */
  readonly covariance: Float64Array | null;
  /** Whether it came to rest; false where the steps ran out first. */
  readonly isConverged: boolean;
}

const MOST_ITERATIONS = 40;
/** A step that changes every unknown by less than this many of its half steps ends the search. */
const SMALLEST_STEP = 1e-4;
const FIRST_DAMPING = 1e-3;
const LEAST_DAMPING = 1e-12;
const MOST_DAMPING = 1e9;
const SMALLEST_PIVOT = 1e-14;

/**
 * Turns the left n × n of an n × `width` matrix into the identity by Gauss and Jordan with partial pivoting, so that
 * what stood to its right is solved for it; false when it is singular.
 */
export function eliminate(m: Float64Array, n: number, width: number): boolean {
  for (let column = 0; column < n; column++) {
    let pivot = column;
    for (let row = column + 1; row < n; row++)
      if (Math.abs(m[row * width + column]!) > Math.abs(m[pivot * width + column]!)) pivot = row;
    const largest = m[pivot * width + column]!;
    if (!(Math.abs(largest) > SMALLEST_PIVOT)) return false;
    for (let k = column; k < width; k++) {
      const value = m[pivot * width + k]! / largest;
      m[pivot * width + k] = m[column * width + k]!;
      m[column * width + k] = value;
    }
    for (let row = 0; row < n; row++) {
      if (row === column) continue;
      const factor = m[row * width + column]!;
      for (let k = column; k < width; k++) m[row * width + k]! -= factor * m[column * width + k]!;
    }
  }
  return true;
}

function costOf(r: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < r.length; i++) sum += r[i]! * r[i]!;
  return sum;
}

/** Writes the columns of the Jacobian at x, where the residuals are `r` (null: central differences); false without an answer. */
function jacobian(
  { residuals, steps, count }: FitProblem,
  x: Float64Array,
  r: Float64Array | null,
  columns: Float64Array,
): boolean {
  const above = new Float64Array(count);
  const below = r ?? new Float64Array(count);
  for (let j = 0; j < x.length; j++) {
    const at = x[j]!;
    const step = steps[j]!;
    x[j] = at + step;
    let isThere = residuals(x, above);
    if (r === null) {
      x[j] = at - step;
      isThere = residuals(x, below) && isThere;
    }
    x[j] = at;
    if (!isThere) return false;
    const span = r === null ? 2 * step : step;
    for (let i = 0; i < count; i++) columns[j * count + i] = (above[i]! - below[i]!) / span;
  }
  return true;
}

/** JᵀJ beside `right` columns more, which are left at 0. */
function normalOf(columns: Float64Array, n: number, count: number, right: number): Float64Array {
  const width = n + right;
  const normal = new Float64Array(n * width);
  for (let a = 0; a < n; a++) {
    for (let b = 0; b < n; b++) {
      let sum = 0;
      for (let i = 0; i < count; i++) sum += columns[a * count + i]! * columns[b * count + i]!;
      normal[a * width + b] = sum;
    }
  }
  return normal;
}

function covarianceOf(problem: FitProblem, x: Float64Array): Float64Array | null {
  const n = x.length;
  const columns = new Float64Array(n * problem.count);
  if (!jacobian(problem, x, null, columns)) return null;
  const normal = normalOf(columns, n, problem.count, n);
  for (let i = 0; i < n; i++) normal[i * 2 * n + n + i] = 1;
  if (!eliminate(normal, n, 2 * n)) return null;
  return Float64Array.from({ length: n * n }, (_, at) => {
    const row = Math.floor(at / n);
    return normal[row * 2 * n + n + (at % n)]!;
  });
}

/**
 * Returns the least-squares answer from `start`, with its covariance unless that is not wanted; or null
 * when the model has no answer along the way.
 */
export function leastSquares(problem: FitProblem, withCovariance = true): Fit | null {
  const { steps, residuals, count } = problem;
  const n = problem.start.length;
  const width = n + 1;
  let x = Float64Array.from(problem.start);
  let next = new Float64Array(n);
  let r = new Float64Array(count);
  let nextR = new Float64Array(count);
  const columns = new Float64Array(n * count);
  if (!residuals(x, r)) return null;
  let cost = costOf(r);
  let damping = FIRST_DAMPING;
  for (let tried = 0; tried < MOST_ITERATIONS && damping < MOST_DAMPING; tried++) {
    if (!jacobian(problem, x, r, columns)) return null;
    const normal = normalOf(columns, n, count, 1);
    for (let j = 0; j < n; j++) {
      let slope = 0;
      for (let i = 0; i < count; i++) slope -= columns[j * count + i]! * r[i]!;
      normal[j * width + n] = slope;
    }
    let isBetter = false;
    while (!isBetter && damping < MOST_DAMPING) {
      const damped = normal.slice();
      for (let j = 0; j < n; j++) damped[j * width + j]! *= 1 + damping;
      if (!eliminate(damped, n, width)) return null;
      let isSmall = true;
      for (let j = 0; j < n; j++) {
        const step = damped[j * width + n]!;
        if (!(Math.abs(step) < SMALLEST_STEP * steps[j]!)) isSmall = false;
        next[j] = x[j]! + step;
      }
      if (isSmall) return answer(problem, { x, cost, isConverged: true }, withCovariance);
      const nextCost = residuals(next, nextR) ? costOf(nextR) : Infinity;
      isBetter = nextCost < cost;
      if (isBetter) {
        [x, next, r, nextR, cost] = [next, x, nextR, r, nextCost];
        damping = Math.max(damping / 10, LEAST_DAMPING);
      } else damping *= 10;
    }
  }
  // No step makes it better however small: it is where it can be. Otherwise its time was up.
  const isConverged = damping >= MOST_DAMPING;
  return answer(problem, { x, cost, isConverged }, withCovariance);
}

const answer = (
  problem: FitProblem,
  found: Omit<Fit, 'covariance'>,
  withCovariance: boolean,
): Fit => ({ ...found, covariance: withCovariance ? covarianceOf(problem, found.x) : null });
