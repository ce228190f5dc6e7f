import { edit } from './edit.ts';
import { expect, test } from './clock.ts';
import type { Page } from '@playwright/test';
import { ballsOf, expectAccessible, expectNothingWider, newLesson, openStep } from './academy.ts';

/** The demo’s bay, which hits a ball a second once it is sent somewhere. */
const bayIn = (page: Page) =>
  page.getByRole('region', { name: 'Bays' }).getByRole('listitem').filter({ hasText: 'simulated' });
const hit = (page: Page) => page.getByRole('region', { name: 'The ball just hit' });

// One bay, one lesson at a time.
test.describe.configure({ mode: 'serial' });

for (const [hand, size] of [
  ['right', { width: 1280, height: 800 }],
  ['left', { width: 390, height: 844 }],
] as const) {
  test(`a lesson with a live bay from baseline to proof, ${hand}-handed, ${size.width} wide`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize(size);
    const id = await newLesson(request, `Live ${hand}`, hand);
    await edit(request, 'block.add', { of: id, fields: { kind: 'baseline' } });
    await page.goto(`/lessons/${id}/watch`);
    await bayIn(page).getByRole('button', { name: 'Send its balls here' }).click();
    await expect(hit(page).getByRole('status')).toContainText(/^Starts .*\.$/);
    await expect(hit(page).getByText(/^[5-9] balls: start .* on average/)).toBeVisible();
    await expectNothingWider(page);
    await expectAccessible(page);
    // Across the bay it follows by itself, on a second page.
    const across = await page.context().newPage();
    await across.goto(`/lessons/${id}/across`);
    const view = across.getByRole('region', { name: 'Across the bay' });
    await expect(view.getByRole('status')).toHaveText(/^(Left|Right|On line), (bends|no bend)/);
    await expectNothingWider(across);
    await expectAccessible(across);
    await across.close();
    // What is read follows by itself, in a step that was opened before.
    await openStep(page, id, 'read');
    await expect(page.getByRole('region', { name: 'Reading' })).toContainText(/out-to-in/);
    await edit(request, 'block.add', { of: id, fields: { kind: 'drill', drillId: 'overhang' } });
    await expect
      .poll(async () => (await ballsOf<{ blockId: string }>(request, id)).length)
      .toBeGreaterThan(16);
    await openStep(page, id, 'watch');
    await bayIn(page).getByRole('button', { name: 'Hold it' }).click();
    await expect(bayIn(page).getByText(/^Bay 1 \(simulated\) Held: its balls wait/)).toBeVisible();
    await openStep(page, id, 'prove');
    await expect(page.locator('[data-verdict]')).toBeVisible();
    const balls = await ballsOf<{ ordinal: number; blockId: string }>(request, id);
    expect(balls.map(({ ordinal }) => ordinal)).toEqual(balls.map((_, n) => n + 1));
    expect(new Set(balls.map(({ blockId }) => blockId)).size).toBe(2);
    await openStep(page, id, 'watch');
    await bayIn(page).getByRole('button', { name: 'Not here any more' }).click();
    await expect(page.getByRole('region', { name: 'The ball just hit' })).toBeHidden();
  });
}
