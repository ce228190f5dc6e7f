// The day the interface tests are on: the same in server, demo, browser and the tests themselves.
import { test as base } from '@playwright/test';
import { clockShiftMs, shiftDate } from '../scripts/clock.mjs';

export { expect } from '@playwright/test';

/** Now, as the server and every page have it. */
export const now = (): Date => new Date(Date.now() + clockShiftMs());

/** A test whose pages go by that clock, whatever opens them. */
export const test = base.extend<object, { ticking: void }>({
  ticking: [
    async ({ browser }, use) => {
      const open = browser.newContext.bind(browser);
      browser.newContext = async (options) => {
        const context = await open(options);
        await context.addInitScript(`(${shiftDate.toString()})(${clockShiftMs()})`);
        return context;
      };
      await use();
    },
    { scope: 'worker', auto: true },
  ],
});
