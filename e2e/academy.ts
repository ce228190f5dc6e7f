import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import axe from 'axe-core';
import { expect, now } from './clock.ts';
import { edit } from './edit.ts';
import type { APIRequestContext, Page } from '@playwright/test';

/** A file that ships with the demo. */
export const demoFile = (name: string) => ({
  name,
  mimeType: 'text/csv',
  buffer: readFileSync(fileURLToPath(new URL(`../demo/files/${name}`, import.meta.url))),
});

/** A new player with a lesson of their own, so that tests do not meet. */
export async function newLesson(
  api: APIRequestContext,
  name: string,
  hand: 'right' | 'left' = 'right',
) {
  const of = await edit(api, 'player.add', { fields: { name, hand, lengthUnit: 'm' } });
  return edit(api, 'lesson.add', { of, fields: { startsAt: now().toISOString() } });
}

/** Opens a step of a lesson: by its link where the lesson is open, as a coach does. */
export async function openStep(page: Page, id: string, step: string): Promise<void> {
  if (!page.url().includes(`/lessons/${id}/`)) {
    await page.goto(`/lessons/${id}/${step}`);
    return;
  }
  const steps = page.getByRole('navigation', { name: 'Steps of the lesson' });
  await steps.locator(`a[href$="/${step}"]`).click();
  await page.waitForURL(`**/${step}`);
}

/** A piece of a lesson as the server has it: its balls, parts, pages and so on. */
export async function pieceOf<T>(api: APIRequestContext, id: string, piece: string): Promise<T> {
  return (await (await api.get(`/api/lessons/${id}/${piece}`)).json()) as T;
}
export const ballsOf = async <T = object>(api: APIRequestContext, id: string): Promise<T[]> =>
  (await pieceOf<{ balls: T[] }>(api, id, 'balls')).balls;

/** Drops a file on the page as a hand would. */
export async function drop(page: Page, file: ReturnType<typeof demoFile>) {
  const transfer = await page.evaluateHandle(
    ([name, text]) => {
      const data = new DataTransfer();
      data.items.add(new File([text!], name!, { type: 'text/csv' }));
      return data;
    },
    [file.name, file.buffer.toString('utf8')],
  );
  await page
    .getByText('Drop the launch file here')
    .dispatchEvent('drop', { dataTransfer: transfer });
}

const STANDARDS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** What keeps somebody out; the theme changes colours alone, so all else is looked at in one of them. */
async function barriersIn(page: Page, theme: 'light' | 'dark'): Promise<string[]> {
  await page.evaluate((t) => (document.documentElement.dataset['theme'] = t), theme);
  const found = await page.evaluate(
    async (only) => {
      await Promise.allSettled(
        document
          .getAnimations()
          .filter(({ effect }) => effect?.getComputedTiming().endTime !== Infinity)
          .map(({ finished }) => finished),
      );
      const { axe: finder } = window as unknown as { axe: typeof axe };
      const { violations } = await finder.run({ runOnly: only, resultTypes: ['violations'] });
      return violations.map(({ id, impact, nodes }) => ({ id, impact, html: nodes[0]?.html }));
    },
    theme === 'light' ? STANDARDS : ['color-contrast'],
  );
  return found
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, html }) => `${theme} ${id}: ${html}`);
}

/** No finding that keeps somebody out, in both themes. The page holds no frames, so the finder runs in it. */
export async function expectAccessible(page: Page) {
  await page.evaluate(axe.source);
  for (const theme of ['light', 'dark'] as const) expect(await barriersIn(page, theme)).toEqual([]);
}

/** Nothing is cut off at the side, nor scrolled to. */
export async function expectNothingWider(page: Page) {
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(page.viewportSize()!.width);
}
