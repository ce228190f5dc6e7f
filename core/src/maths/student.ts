/**
 * Quantiles of Student's t: the incomplete beta function by its continued fraction (Numerical Recipes, 3rd
 * ed., §6.4, from memory), inverted by bisection. Checked against the NIST table and simple-statistics.
 */

/** ln Γ(x) for x > 0 (Lanczos approximation, g = 7, n = 9; error below 1e-13 relative). */
function lnGamma(x: number): number {
  const c = [
    0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313,
    -176.61502916214059, 12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6,
    1.5056327351493116e-7,
  ];
  const z = x - 1;
  const t = z + 7.5;
  const sum = c.slice(1).reduce((s, value, i) => s + value / (z + i + 1), c[0]!);
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
}

const FRACTION_STEPS = 200;
const TINY = 1e-300;

/** Continued fraction of the incomplete beta function, by Lentz's method. */
function betaFraction(a: number, b: number, x: number): number {
  const safe = (value: number): number => (Math.abs(value) < TINY ? TINY : value);
  let c = 1;
  let d = 1 / safe(1 - ((a + b) * x) / (a + 1));
  let h = d;
  for (let m = 1; m <= FRACTION_STEPS; m++) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    for (const term of [even, odd]) {
      d = 1 / safe(1 + term * d);
      c = safe(1 + term / c);
      h *= d * c;
    }
    if (Math.abs(d * c - 1) < 1e-15) break;
  }
  return h;
}

/** Regularised incomplete beta function I_x(a, b), 0 ≤ x ≤ 1. */
function incompleteBeta(a: number, b: number, x: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  const front = Math.exp(
    lnGamma(a + b) - lnGamma(a) - lnGamma(b) + a * Math.log(x) + b * Math.log(1 - x),
  );
  return x < (a + 1) / (a + b + 2)
    ? (front * betaFraction(a, b, x)) / a
    : 1 - (front * betaFraction(b, a, 1 - x)) / b;
}

/** P(T ≤ t) for `degrees` > 0 degrees of freedom. */
export function tCumulative(t: number, degrees: number): number {
  const tail = incompleteBeta(degrees / 2, 0.5, degrees / (degrees + t * t)) / 2;
  return t > 0 ? 1 - tail : tail;
}

/** Degrees of freedom are taken down to the next of these: a table that grows as it is asked, never too narrow. */
const DEGREES_STEP = 0.05;
const MEMORY = new Map<number, Map<number, number>>();
const NEAR_ENOUGH = 1e-10;

/** Returns the point by Newton's steps kept inside a bracket (Numerical Recipes, 3rd ed., §9.4, from memory). */
function findPoint(p: number, degrees: number): number {
  let [low, high] = [0, 2];
  while (tCumulative(high, degrees) < p && high < 1e9) high *= 2;
  const scale = Math.exp(lnGamma((degrees + 1) / 2) - lnGamma(degrees / 2));
  const density = (t: number): number =>
    (scale / Math.sqrt(degrees * Math.PI)) * (1 + (t * t) / degrees) ** (-(degrees + 1) / 2);
  let t = (low + high) / 2;
  for (let i = 0; i < 80; i++) {
    const off = tCumulative(t, degrees) - p;
    if (off < 0) low = t;
    else high = t;
    const newton = t - off / density(t);
    const next = newton > low && newton < high ? newton : (low + high) / 2;
    if (Math.abs(next - t) < NEAR_ENOUGH) return next;
    t = next;
  }
  return t;
}

/** Returns the point that T stays below with probability `p`, 0.5 ≤ p < 1; `degrees` from 1, taken down to a step of 0.05. */
export function tQuantile(p: number, degrees: number): number {
  const key = Math.max(1, Math.floor(degrees / DEGREES_STEP + 1e-9)) * DEGREES_STEP;
  const table = MEMORY.get(p) ?? new Map<number, number>();
  MEMORY.set(p, table);
  const found = table.get(key);
  if (found !== undefined) return found;
  const point = findPoint(p, key);
  table.set(key, point);
  return point;
}
