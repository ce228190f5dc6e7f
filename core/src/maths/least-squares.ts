/**
 * Least squares by Levenberg (1944) and Marquardt (1963, J. SIAM 11:431), with central differences,
 * for the handful of unknowns of a delivery. Steps are damped by the diagonal of JᵀJ.
 */
export interface FitProblem {
  /** Weighted residuals at x, or null where the model has no answer there. */
  readonly residuals: (x: readonly number[]) => readonly number[] | null;
  readonly start: readonly number[];
  /** Half step of the central difference for each unknown. */
  readonly steps: readonly number[];
}

export interface Fit {
  readonly x: readonly number[];
  /** Sum of squared residuals. */
  readonly cost: number;
  /** (JᵀJ)⁻¹ at x: the covariance when residuals are in standard deviations; null when singular. */
  readonly covariance: readonly (readonly number[])[] | null;
  readonly iterations: number;
}

export const FIT_DEFAULTS = {
  iterations: 40,
  /** A step that changes every unknown by less than this many of its half steps ends the search. */
  smallestStep: 1e-4,
  firstDamping: 1e-3,
  mostDamping: 1e9,
} as const;

const costOf = (r: readonly number[]): number => r.reduce((sum, value) => sum + value * value, 0);

/** Solves A·x = b by Gauss with partial pivoting; null when A is singular. */
export function solveLinear(
  a: readonly (readonly number[])[],
  b: readonly number[],
): number[] | null {
  const n = b.length;
  const m = a.map((row, i) => [...row, b[i]!]);
  for (let column = 0; column < n; column++) {
    let pivot = column;
    for (let row = column + 1; row < n; row++) {
      if (Math.abs(m[row]![column]!) > Math.abs(m[pivot]![column]!)) pivot = row;
    }
    if (!(Math.abs(m[pivot]![column]!) > 1e-14)) return null;
    [m[column], m[pivot]] = [m[pivot]!, m[column]!];
    for (let row = 0; row < n; row++) {
      if (row === column) continue;
      const factor = m[row]![column]! / m[column]![column]!;
      for (let k = column; k <= n; k++) m[row]![k]! -= factor * m[column]![k]!;
    }
  }
  return m.map((row, i) => row[n]! / row[i]!);
}

export function invert(a: readonly (readonly number[])[]): number[][] | null {
  const n = a.length;
  const columns = a.map((_, j) =>
    solveLinear(
      a,
      Array.from({ length: n }, (_row, i) => (i === j ? 1 : 0)),
    ),
  );
  if (columns.some((column) => column === null)) return null;
  return a.map((_, i) => columns.map((column) => column![i]!));
}

/** Columns of the Jacobian; null where a neighbour has no answer. */
function jacobian({ residuals, steps }: FitProblem, x: readonly number[]): number[][] | null {
  const columns: number[][] = [];
  for (let j = 0; j < x.length; j++) {
    const at = (sign: number) => residuals(x.map((v, i) => (i === j ? v + sign * steps[j]! : v)));
    const [above, below] = [at(1), at(-1)];
    if (above === null || below === null) return null;
    columns.push(above.map((value, i) => (value - below[i]!) / (2 * steps[j]!)));
  }
  return columns;
}

const product = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, i) => sum + value * b[i]!, 0);

/**
 * The least-squares answer from `start`, with its covariance unless that is not wanted; or null
 * when the model has no answer along the way.
 */
export function leastSquares(problem: FitProblem, withCovariance = true): Fit | null {
  const { steps, residuals } = problem;
  let x = [...problem.start];
  let r = residuals(x);
  if (r === null) return null;
  let damping: number = FIT_DEFAULTS.firstDamping;
  let iterations = 0;
  while (iterations < FIT_DEFAULTS.iterations && damping < FIT_DEFAULTS.mostDamping) {
    iterations++;
    const columns = jacobian(problem, x);
    if (columns === null) return null;
    const normal = columns.map((a) => columns.map((b) => product(a, b)));
    const gradient = columns.map((column) => -product(column, r!));
    let improved = false;
    let small = false;
    while (!improved && damping < FIT_DEFAULTS.mostDamping) {
      const damped = normal.map((row, i) => row.map((v, j) => (i === j ? v * (1 + damping) : v)));
      const step = solveLinear(damped, gradient);
      if (step === null) return null;
      small = step.every((s, i) => Math.abs(s) < FIT_DEFAULTS.smallestStep * steps[i]!);
      const next = x.map((value, i) => value + step[i]!);
      const nextR = small ? null : residuals(next);
      if (small) break;
      if (nextR !== null && costOf(nextR) < costOf(r)) {
        [x, r, improved] = [next, nextR, true];
        damping = Math.max(damping / 10, 1e-12);
      } else damping *= 10;
    }
    if (small) break;
  }
  const columns = withCovariance ? jacobian(problem, x) : null;
  const covariance =
    columns === null ? null : invert(columns.map((a) => columns.map((b) => product(a, b))));
  return { x, cost: costOf(r), covariance, iterations };
}
