/**
 * Returns which of very many values a picture shows: the lowest and the highest of each stretch of them, in order, and the two
 * ends. What sticks out stays, and a picture of thousands is drawn as quickly as one of hundreds.
 */
export function thinned(values: readonly number[], most: number): number[] {
  if (values.length <= most) return values.map((_, n) => n);
  const stretches = Math.floor(most / 2);
  const kept = new Set([0, values.length - 1]);
  for (let stretch = 0; stretch < stretches; stretch++) {
    const from = Math.floor((stretch * values.length) / stretches);
    const to = Math.floor(((stretch + 1) * values.length) / stretches);
    let [low, high] = [from, from];
    for (let n = from; n < to; n++) {
      if (values[n]! < values[low]!) low = n;
      if (values[n]! > values[high]!) high = n;
    }
    kept.add(low);
    kept.add(high);
  }
  return [...kept].sort((a, b) => a - b);
}

/** Visits a chart draws at most of what is looked at. */
export const VISITS_DRAWN = 200;
