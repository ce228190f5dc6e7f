import { edit } from './edit.ts';
import { expect, test } from './clock.ts';
import type { APIRequestContext, Locator, Page } from '@playwright/test';
import { expectAccessible, newLesson } from './academy.ts';
import { fileOf, launchText } from './balls.ts';

const DESK = { width: 1280, height: 800 } as const;
const PHONE = { width: 390, height: 844 } as const;
/** The bar of steps at the bottom edge, px. */
const BAR_PX = 64;

/** A lesson in the middle of things: a baseline, a drill given and hit, a page to send. */
async function midLesson(request: APIRequestContext, name: string, hand: 'right' | 'left') {
  const id = await newLesson(request, name, hand);
  const begin = (kind: string, drillId?: string) =>
    edit(request, 'block.add', { of: id, fields: { kind, drillId } });
  const hit = (path: number, seed: number) =>
    request.post(`/api/lessons/${id}/files`, {
      multipart: {
        file: fileOf(
          launchText(hand, '7-iron', [{ balls: 9, path, face: 0 }], seed),
          `${seed}.csv`,
        ),
      },
    });
  await begin('baseline');
  await hit(-6.5, 3);
  await begin('drill', 'overhang');
  await hit(-2, 4);
  await edit(request, 'part.set', { id: `${id}.work`, fields: { drillIds: ['overhang'] } });
  return id;
}

const boxOf = async (place: Locator) => (await place.first().boundingBox())!;

/** Whether a place begins within the first screen, and enough of it to be read. */
async function expectInView(page: Page, what: string, place: Locator, least = 40) {
  const { height } = page.viewportSize()!;
  await expect(place.first(), what).toBeVisible();
  const box = await boxOf(place);
  expect([what, box.y >= 0, Math.min(box.y + box.height, height) - box.y >= least]).toEqual([
    what,
    true,
    true,
  ]);
}

/** Words that are cut by the box they stand in. */
const cutTexts = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const cut: string[] = [];
    for (const element of document.querySelectorAll<HTMLElement>(
      'button, label, h1, h2, h3, p, a, th, td, dt, dd, legend, span, b, option:checked',
    )) {
      if (element.offsetParent === null || element.textContent?.trim() === '') continue;
      const style = getComputedStyle(element);
      if (style.overflowX === 'visible' || element.classList.contains('sr-only')) continue;
      // What may be longer than its place says so with dots, and is whole in its title or its own page.
      if (style.textOverflow === 'ellipsis') continue;
      if (element.scrollWidth > element.clientWidth + 1) cut.push(element.textContent.trim());
    }
    return cut;
  });

/** Pairs of words in one drawing that lie over each other. */
const overlappingLabels = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const pairs: string[] = [];
    for (const svg of document.querySelectorAll('svg')) {
      const texts = [...svg.querySelectorAll('text')].map((text) => ({
        words: text.textContent ?? '',
        box: text.getBoundingClientRect(),
      }));
      texts.forEach(({ words, box }, index) => {
        for (const other of texts.slice(index + 1)) {
          const across = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left);
          const down = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top);
          if (across > 2 && down > box.height * 0.35) pairs.push(`${words} / ${other.words}`);
        }
      });
    }
    return pairs;
  });

const STEPS = ['set', 'watch', 'read', 'work', 'prove', 'send'] as const;

for (const hand of ['right', 'left'] as const) {
  test(`on a desk the answer, its picture and the next action are in view at once, ${hand}-handed`, async ({
    page,
    request,
  }) => {
    const id = await midLesson(request, `Desk ${hand}`, hand);
    await page.setViewportSize(DESK);
    const open = async (step: string) => {
      await page.goto(`/lessons/${id}/${step}`);
      await page.waitForLoadState('networkidle');
      expect([step, await cutTexts(page)]).toEqual([step, []]);
      expect([step, await overlappingLabels(page)]).toEqual([step, []]);
      if (hand === 'right') await expectAccessible(page);
    };
    await open('read');
    await expectInView(page, 'finding', page.getByRole('region', { name: 'Reading' }));
    await expectInView(page, 'slant', page.getByRole('img', { name: /^At impact/ }), 150);
    await expectInView(page, 'flight', page.getByRole('img', { name: /^Flight of ball/ }), 150);
    await expectInView(page, 'next', page.getByRole('link', { name: /Work on it|To the work/ }));
    await open('work');
    const first = page.getByRole('region', { name: 'What first' });
    await expectInView(page, 'move', first);
    await expectInView(page, 'next balls', first.getByRole('img', { name: /^After/ }), 150);
    await expectInView(page, 'log', page.getByRole('button', { name: 'Good', exact: true }));
    await open('prove');
    await expectInView(page, 'verdict', page.locator('[data-verdict]'), 30);
    await expectInView(page, 'landings', page.getByRole('img', { name: /^Landings/ }), 200);
    await expectInView(page, 'next block', page.getByRole('button', { name: /^Next:/ }));
    await open('send');
    await expectInView(page, 'point', page.getByLabel('First point'));
    await expectInView(page, 'preview', page.getByRole('region', { name: /player will see/ }), 200);
    await expectInView(page, 'link', page.getByRole('button', { name: 'Make the link' }));
    await open('set');
    await expectInView(page, 'drawing', page.getByRole('img', { name: 'Set-up from above' }), 200);
    await open('watch');
    await expectInView(page, 'drop', page.getByText('Drop the launch file here'), 20);
  });
}

test('on a phone there are two lines of chrome above and a bar of steps below', async ({
  page,
  request,
}) => {
  const id = await midLesson(request, 'Phone Chrome', 'left');
  await page.setViewportSize(PHONE);
  for (const step of STEPS) {
    await page.goto(`/lessons/${id}/${step}`);
    await page.waitForLoadState('networkidle');
    const steps = await boxOf(page.getByRole('navigation', { name: 'Steps of the lesson' }));
    expect([step, steps.y + steps.height, steps.height <= 64]).toEqual([step, 844, true]);
    const head = await boxOf(page.getByRole('banner').last());
    expect([step, head.y + head.height <= 96 + 1]).toEqual([step, true]);
    expect([step, await cutTexts(page)]).toEqual([step, []]);
    expect([step, await overlappingLabels(page)]).toEqual([step, []]);
    expect([step, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([
      step,
      PHONE.width,
    ]);
  }
  await page.goto(`/lessons/${id}/work`);
  for (const name of ['Good', 'touched the rod']) {
    const box = await boxOf(page.getByRole('button', { name, exact: true }));
    expect([name, box.y + box.height < 844 - BAR_PX, box.height >= 48]).toEqual([name, true, true]);
  }
});

test('a block is begun on a phone, and balls are moved between blocks by selecting them', async ({
  page,
  request,
}) => {
  const id = await midLesson(request, 'Moves Blocks', 'right');
  await page.setViewportSize(PHONE);
  await page.goto(`/lessons/${id}/read`);
  const bar = page.getByRole('region', { name: 'Block' }).filter({ visible: true });
  await bar.getByRole('button').first().click();
  await page
    .getByRole('dialog')
    .locator('label', { hasText: /^Play$/ })
    .click();
  await page.getByLabel('Note').fill('on the course side');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Begin it' }).click();
  await expect(bar).toContainText('Play');
  await expect(bar.getByLabel('0 balls')).toBeVisible();
  await page.getByRole('button', { name: 'Select' }).click();
  await page.getByRole('checkbox').nth(1).check();
  await page.getByRole('button', { name: 'Move', exact: true }).click();
  await expect(bar.getByLabel('2 balls')).toBeVisible();
  await page.getByRole('button', { name: 'Undo: 2 balls moved' }).click();
  await expect(bar.getByLabel('0 balls')).toBeVisible();
});

test('two thousand balls stay usable: only the rows in view are drawn', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Two Thousand');
  const text = launchText('right', '7-iron', [{ balls: 2000, path: -4, face: 0 }]);
  await request.post(`/api/lessons/${id}/files`, { multipart: { file: fileOf(text) } });
  await page.setViewportSize(DESK);
  await page.goto(`/lessons/${id}/read`);
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('of 2000', {
    timeout: 60_000,
  });
  const rows = page.getByRole('region', { name: 'Table of balls' }).getByRole('row');
  expect(await rows.count()).toBeLessThan(80);
  for (let i = 0; i < 30; i++) await page.keyboard.press('j');
  await expect(page.getByRole('button', { name: 'Choose ball 31', exact: true })).toBeVisible();
  await expect(page.getByRole('figure', { name: 'Drawings' })).toContainText('Ball 31:');
});

for (const theme of ['light', 'dark'] as const) {
  test(`a toast is in our type and on our paper, ${theme}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: theme });
    await page.goto('/settings');
    await page.getByRole('button', { name: 'Save a copy' }).click();
    const toast = page.getByText('A copy is saved');
    await expect(toast).toBeVisible();
    const { paper, sheet, font } = await toast.evaluate((element) => {
      const box = getComputedStyle(element.closest('[data-sonner-toast]')!);
      const probe = document.createElement('i');
      probe.style.color = 'var(--sheet)';
      document.body.append(probe);
      const sheet = getComputedStyle(probe).color;
      probe.remove();
      return { paper: box.backgroundColor, sheet, font: box.fontFamily };
    });
    expect(paper).toBe(sheet);
    expect(font).toContain('Atkinson');
    await expectAccessible(page);
  });
}
