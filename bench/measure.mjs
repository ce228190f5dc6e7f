/** Runs `work(i)` for about `seconds` after a warm-up; returns calls per second, best of three. */
export function rate(work, seconds = 0.7, batch = 20) {
  const once = () => {
    const start = performance.now();
    let calls = 0;
    let elapsed = 0;
    while (elapsed < seconds * 1000) {
      for (let i = 0; i < batch; i++) work(calls + i);
      calls += batch;
      elapsed = performance.now() - start;
    }
    return (calls / elapsed) * 1000;
  };
  once();
  return Math.max(once(), once(), once());
}

/** Median milliseconds of each of some works, done in turns `count` times after a warm-up. */
export function medianTimes(works, count) {
  const times = works.map(() => []);
  for (let turn = -count / 2; turn < count; turn++)
    works.forEach((work, i) => {
      const start = performance.now();
      work();
      if (turn >= 0) times[i].push(performance.now() - start);
    });
  return times.map((all) => all.sort((a, b) => a - b)[all.length >> 1]);
}

/** The loosest of `choices`, which tighten, from which on every worst error over `cases` stays within `allowed`. */
export function loosest(choices, cases, errorOf, allowed) {
  let found = null;
  for (const choice of [...choices].reverse()) {
    if (Math.max(...cases.map((c) => errorOf(choice, c))) > allowed) break;
    found = choice;
  }
  if (found === null) throw new Error('no choice reaches the accuracy asked for');
  return found;
}
