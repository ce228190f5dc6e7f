/** Cells a unit, and where the table gives way to `**`: below, a power under 1 is too steep for it. */
const CELLS = 1024;
const LOWEST = 0.01;
const HIGHEST = 1;
/** Coefficients of a cell. */
const TERMS = 4;

const tables = new Map<number, Float64Array>();

/**
 * x^exponent on [LOWEST, HIGHEST] as cubic Taylor polynomials about the middles of equal cells: relative error
 * below 1e-8 from 0.03 on (3e-9 measured at 0.03, 5e-12 at 0.2, for the exponent 0.4), at a fifth of the cost.
 */
export function powerTable(exponent: number): Float64Array {
  const known = tables.get(exponent);
  if (known !== undefined) return known;
  const table = new Float64Array(TERMS * (CELLS * HIGHEST + 1));
  for (let cell = 0; cell <= CELLS * HIGHEST; cell++) {
    const x = (cell + 0.5) / CELLS;
    let term = x ** exponent;
    for (let n = 0; n < TERMS; n++) {
      table[TERMS * cell + n] = term;
      term *= (exponent - n) / ((n + 1) * x);
    }
  }
  tables.set(exponent, table);
  return table;
}

/** x^exponent by the table of that exponent, where it reaches. */
export function powerOf(x: number, exponent: number, table: Float64Array): number {
  if (!(x >= LOWEST && x <= HIGHEST)) return x ** exponent;
  const cell = Math.floor(x * CELLS);
  const d = x - (cell + 0.5) / CELLS;
  const at = TERMS * cell;
  return table[at]! + d * (table[at + 1]! + d * (table[at + 2]! + d * table[at + 3]!));
}
