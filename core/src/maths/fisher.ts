/**
 * Whether a thing happens more often after than before, exactly: Fisher's test of a two-by-two table (Fisher 1935, *The Design of
 * Experiments*, ch. 2), and Boschloo's, which takes Fisher's for its statistic and does not fix both margins, so that it finds
 * more of the same changes at the same error rate (Boschloo 1970, Statistica Neerlandica 24:1, from memory).
 */
import type { Share } from './proportion.ts';

const LOG_FACTORIALS = [0];
function logFactorial(n: number): number {
  for (let k = LOG_FACTORIALS.length; k <= n; k++)
    LOG_FACTORIALS.push(LOG_FACTORIALS[k - 1]! + Math.log(k));
  return LOG_FACTORIALS[n]!;
}
const logChoose = (n: number, k: number): number =>
  logFactorial(n) - logFactorial(k) - logFactorial(n - k);

/** Fisher's one-sided p: so few after, or fewer, where nothing changed and so many had it in all. */
export function fisherFewer(before: Share, after: Share): number {
  const all = before.had + after.had;
  const total = logChoose(before.of + after.of, all);
  let p = 0;
  for (let had = Math.max(0, all - before.of); had <= after.had; had++)
    p += Math.exp(logChoose(after.of, had) + logChoose(before.of, all - had) - total);
  return Math.min(1, p);
}

/** Shares tried for the one that makes a table likeliest. */
const SHARES = 100;
/** Tables as unlikely as this one to rounding are as unlikely. */
const AS_UNLIKELY = 1 + 1e-9;

/** Boschloo's one-sided p that fewer have it after; at most Fisher's. */
export function boschlooFewer(before: Share, after: Share): number {
  const limit = fisherFewer(before, after) * AS_UNLIKELY;
  const tables: (readonly [number, number])[] = [];
  for (let b = 0; b <= before.of; b++)
    for (let a = 0; a <= after.of; a++)
      if (fisherFewer({ had: b, of: before.of }, { had: a, of: after.of }) <= limit)
        tables.push([b, a]);
  let most = 0;
  for (let i = 1; i < SHARES; i++) {
    const [hit, miss] = [Math.log(i / SHARES), Math.log(1 - i / SHARES)];
    const p = tables.reduce(
      (sum, [b, a]) =>
        sum +
        Math.exp(
          logChoose(before.of, b) +
            logChoose(after.of, a) +
            (a + b) * hit +
            (before.of + after.of - a - b) * miss,
        ),
      0,
    );
    most = Math.max(most, p);
  }
  return Math.min(1, most);
}
