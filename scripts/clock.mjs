// One clock for server, demo, tests and browser: where LOXOS_CLOCK names a moment (ISO), theirs begins there and runs on.
// Node is given it by `--import`, Jest before each suite, the browser before each page.

/** Moves `Date` by so many ms. It names nothing outside itself: the browser is given its text. */
export function shiftDate(byMs) {
  const Real = Date;
  globalThis.Date = new Proxy(Real, {
    construct: (target, args, newTarget) =>
      Reflect.construct(target, args.length === 0 ? [Real.now() + byMs] : args, newTarget),
    get: (target, name) =>
      name === 'now' ? () => Real.now() + byMs : Reflect.get(target, name, target),
  });
}

/** How far the clock is moved, ms: the same in every process that the first one starts. 0 where no moment is named. */
export function clockShiftMs(env = process.env) {
  const { LOXOS_CLOCK: at } = env;
  if (at === undefined || at === '') return 0;
  env.LOXOS_CLOCK_SHIFT_MS ??= String(Date.parse(at) - Date.now());
  return Number(env.LOXOS_CLOCK_SHIFT_MS);
}
