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
  await pad.getByRole('button', { name: '7 iron' }).click();
  await pad.getByRole('button', { name: /starts left,\s*bends right/ }).click();
  await expect(pad.getByRole('status', { name: 'The ball tapped last' })).toContainText(
    'Starts left, bends right.',
  );
  // 1, on the pad or in the row: starts left, bends right.
  for (let i = 0; i < 2; i++) await page.keyboard.press('Numpad1');
  for (let i = 0; i < 2; i++) await page.keyboard.press('1');
  await expect(page.getByText('5 balls in this lesson')).toBeVisible();
  await expectAccessible(page);
  // While the digits are the pad, Alt and a digit is the step.
  await page.keyboard.press('Alt+Digit3');
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText('All 5 start left and bend back right.');
  await expect(reading).toContainText(/these balls can’t tell|From the flight: /);
  await expect(reading).not.toContainText(/\d m\b/);
  await expect(reading).not.toContainText('ball to ball');
  await expect(page.getByRole('cell', { name: /by eye/ }).first()).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(reading).toContainText('Four balls, all start left and bend back right.');
});

test('how much they bend is asked where that decides, and answered in one touch for all', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Asked How Much');
  await page.goto(`/lessons/${id}/watch`);
  const pad = page.getByRole('region', { name: 'By eye' });
  await pad.getByRole('button', { name: '7 iron' }).click();
  for (let i = 0; i < 8; i++) await page.keyboard.press('Digit1');
  await expect(page.getByText('8 balls in this lesson')).toBeVisible();
  await page.keyboard.press('Alt+Digit3');
  const asked = page.getByRole('group', { name: 'How much do they bend?' });
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText('How much do they bend right?');
  await expect(reading).toContainText('A little: leave it. Much: ');
  await expectAccessible(page);
  await asked.getByRole('button', { name: 'Much' }).click();
  await expect(reading).toContainText('Pull-slices, all 8');
  await expect(asked).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(asked).toBeVisible();
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
  await expect(page.getByRole('region', { name: 'By eye' })).toBeVisible();
  await page.keyboard.press('c');
  const driver = page.getByRole('button', { name: 'Driver', exact: true });
  await expect(driver).toHaveAttribute('aria-pressed', 'true');
  // Starts left, bends right much: one key a ball, and a second one for a strike.
  for (let i = 0; i < 8; i++) await page.keyboard.press('Shift+Digit1');
  await expect(bar.getByLabel('8 balls')).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('status', { name: 'The ball tapped last' })).toHaveText(
    'Ball 8: Starts left, bends far right, thin.',
  );
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
  await expect(driver).toHaveAttribute('aria-pressed', 'true');
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
  await pad.getByRole('button', { name: 'Driver', exact: true }).click();
  const slice = pad.getByRole('button', { name: /starts straight,\s*bends right/ });
  const place = (await slice.boundingBox())!;
  // The pad is whole in view, clear of the steps.
  expect(place.y + place.height).toBeLessThan(PHONE.height - 64);
  // One touch a ball, far out: much.
  for (let i = 0; i < 6; i++)
    await slice.click({ position: { x: place.width / 2, y: place.height - 8 } });
  await expect(pad.getByRole('status', { name: 'The ball tapped last' })).toHaveText(
    'Ball 6: Starts on line, bends far right.',
  );
  await expectAccessible(page);
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
