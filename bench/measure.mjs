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
