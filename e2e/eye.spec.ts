import { expect, test } from './clock.ts';
import type { Locator, Page } from '@playwright/test';
import { expectAccessible, newLesson } from './academy.ts';

const PHONE = { width: 390, height: 844 } as const;

/** Presses Tab until something has the focus: what cannot be reached so cannot be used without a mouse. */
async function tabTo(page: Page, place: Locator, most = 400): Promise<void> {
  for (let i = 0; i < most; i++) {
    if (await place.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error('not reached by Tab');
}

const press = async (page: Page, place: Locator): Promise<void> => {
  await tabTo(page, place);
  await page.keyboard.press('Enter');
};

test('without a monitor the digits are the flight, and the reading says what the eye can’t tell', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Seen By Eye');
  await page.goto(`/lessons/${id}/watch`);
  const pad = page.getByRole('region', { name: 'By eye' });
  await expect(pad).toContainText('Choose the club first');
  await pad.getByLabel('Club seen').selectOption('7-iron');
  await pad.getByRole('button', { name: /starts left,\s*bends right/ }).click();
  // 1, on the pad or in the row: starts left, bends right.
  for (let i = 0; i < 2; i++) await page.keyboard.press('Numpad1');
  for (let i = 0; i < 2; i++) await page.keyboard.press('1');
  await expect(page.getByText('5 balls in this lesson')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Read', exact: true }).click();
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText('Pull-fades, all 5. They start about 3° left');
  await expect(reading).toContainText('back right');
  await expect(reading).toContainText(/these balls can’t tell|From the flight: /);
  await expect(reading).not.toContainText('ball to ball');
  await expect(page.getByRole('cell', { name: /by eye/ }).first()).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(reading).toContainText('Four balls, all pull-fades');
});

test('an eye-only lesson through all six steps by keys alone', async ({ page, request }) => {
  const id = await newLesson(request, 'Keys Alone', 'left');
  await page.goto(`/lessons/${id}/read`);
  await expect(page.getByRole('heading', { name: 'Keys Alone' })).toBeVisible();
  // Set: the feet line by its own button.
  await page.keyboard.press('1');
  const more = page.getByRole('button', { name: 'Feet line: more' });
  await press(page, more);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('group', { name: 'Feet line' })).toContainText('1° R');
  // Watch: a baseline begun by T, the club typed, eight balls on the number pad.
  await page.keyboard.press('2');
  const bar = page.getByRole('region', { name: 'Block' }).filter({ visible: true });
  await page.keyboard.press('t');
  await expect(bar).toContainText('Baseline');
  await tabTo(page, page.getByLabel('Club seen'));
  await page.keyboard.type('d');
  await expect(page.getByLabel('Club seen')).toHaveValue('driver');
  const bends = page.getByRole('group', { name: 'Bends by' });
  await tabTo(page, bends.getByLabel('a little'));
  await page.keyboard.press('ArrowRight');
  await expect(bends.getByLabel('much')).toBeChecked();
  // 1: starts left, bends right; much holds until it is said otherwise.
  for (let i = 0; i < 8; i++) await page.keyboard.press('Numpad1');
  await expect(bar.getByLabel('8 balls')).toBeVisible();
  // Read: ball by ball, one left out and taken back in.
  await press(page, page.getByRole('link', { name: 'Read', exact: true }));
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('all 8');
  await page.keyboard.press('j');
  await page.keyboard.press('x');
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('all 7');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('all 8');
  // Work: the first drill is given and logged.
  await page.keyboard.press('4');
  await press(page, page.getByRole('button', { name: 'Give it' }).first());
  await press(page, page.getByRole('button', { name: 'Good', exact: true }));
  await expect(page.getByText('1 of 1 good')).toBeVisible();
  // Prove: the drill's balls, and what they say.
  await page.keyboard.press('t');
  await expect(bar).toContainText('Drill:');
  await page.keyboard.press('2');
  await expect(page.getByLabel('Club seen')).toHaveValue('driver');
  for (let i = 0; i < 8; i++) await page.keyboard.press('Numpad5');
  await expect(bar.getByLabel('8 balls')).toBeVisible();
  await press(page, page.getByRole('link', { name: 'Prove', exact: true }));
  await expect(page.locator('[data-verdict]')).toContainText(/8 .*, then none/);
  // Send: the link.
  await page.keyboard.press('6');
  await expect(page.getByLabel('First point')).not.toHaveValue('');
  await press(page, page.getByRole('button', { name: 'Make the link' }));
  await expect(page.getByRole('link', { name: /\/p\// })).toBeVisible();
});

test('an eye-only lesson through all six steps in one hand', async ({ page, request }) => {
  const id = await newLesson(request, 'One Thumb');
  await page.setViewportSize(PHONE);
  await page.goto(`/lessons/${id}/watch`);
  const step = (name: string) =>
    page
      .getByRole('navigation', { name: 'Steps of the lesson' })
      .getByRole('link', { name, exact: true })
      .click();
  const pad = page.getByRole('region', { name: 'By eye' });
  await pad.getByLabel('Club seen').selectOption('driver');
  const much = pad.getByRole('group', { name: 'Bends by' }).getByText('much');
  const slice = pad.getByRole('button', { name: /starts straight,\s*bends right/ });
  await much.click();
  for (let i = 0; i < 6; i++) await slice.click();
  await expect(page.getByText('6 balls in this lesson')).toBeVisible();
  await step('Read');
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Slices, all 6');
  await step('Work');
  await page.getByRole('button', { name: 'Give it' }).first().click();
  const good = page.getByRole('button', { name: 'Good', exact: true });
  await good.click();
  const box = (await good.boundingBox())!;
  expect([box.y > 0, box.y + box.height < PHONE.height - 64, box.height >= 48]).toEqual([
    true,
    true,
    true,
  ]);
  await step('Prove');
  // One block is not two: it says so, and says what to do.
  await expect(page.locator('main')).toContainText(/block/i);
  await step('Send');
  await page.getByRole('button', { name: 'Make the link' }).click();
  await expect(page.getByRole('link', { name: /\/p\// })).toBeVisible();
  await step('Set');
  await expect(page.getByRole('img', { name: 'Set-up from above' })).toBeVisible();
  await expectAccessible(page);
});
