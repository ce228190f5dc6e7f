const MOST_TRIES = 60;

/**
 * Where `valueOf` passes zero between `low` and `high`, at which its signs differ, to within `error` of its argument.
 * Regula falsi with the Illinois rule (Dowell & Jarratt 1971, BIT 11:168): an end kept twice counts half.
 */
export function rootOf(
  valueOf: (at: number) => number,
  low: number,
  high: number,
  error: number,
): number {
  let [from, to] = [low, high];
  let fromValue = valueOf(from);
  let toValue = valueOf(to);
  const isRising = fromValue < 0;
  let at = to;
  for (let n = 0; n < MOST_TRIES && to - from > error; n++) {
    const guess = from + (fromValue * (to - from)) / (fromValue - toValue);
    if (Math.abs(guess - at) < error) return guess;
    at = guess;
    const value = valueOf(at);
    if (value < 0 === isRising) {
      from = at;
      fromValue = value;
      toValue /= 2;
    } else {
      to = at;
      toValue = value;
      fromValue /= 2;
    }
  }
  return at;
}
