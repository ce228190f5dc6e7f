import { expect, test } from './clock.ts';
import { demoFile, expectAccessible, newLesson } from './academy.ts';

async function withBalls(
  request: Parameters<typeof newLesson>[0],
  name: string,
  hand: 'right' | 'left' = 'right',
) {
  const id = await newLesson(request, name, hand);
  const file = demoFile(hand === 'left' ? 'lettered-semicolons.csv' : 'plain-commas.csv');
  await request.post(`/api/lessons/${id}/files`, { multipart: { file } });
  return id;
}

test('the straight puller is told it is the path, not the face', async ({ page, request }) => {
  const id = await withBalls(request, 'Straight Puller');
  await page.goto(`/lessons/${id}`);
  await expect(page).toHaveURL(/read$/);
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText(/^Straight pulls, 12 of 14: they start [78]° left/);
  await expect(reading).toContainText('Square to each other, so it flies straight, left.');
});

test('a left-hander reads left-handed words, and stands right of the ball', async ({
  page,
  request,
}) => {
  const id = await withBalls(request, 'Left Fader', 'left');
  await page.goto(`/lessons/${id}/read`);
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText('back left');
  await expect(reading).toContainText(/Pull-(fade|slice)s/);
  await expect(reading).toContainText('out-to-in');
  await expectAccessible(page);
});

test('the whole list by keyboard: choose, leave out, undo, edit, delete', async ({
  page,
  request,
}) => {
  const id = await withBalls(request, 'Keyboard Only');
  await page.goto(`/lessons/${id}/read`);
  const chosen = page.locator('tr[aria-selected=true]');
  await expect(chosen).toContainText('1');
  await page.keyboard.press('j');
  await page.keyboard.press('j');
  await page.keyboard.press('k');
  await expect(page.getByRole('button', { name: 'Choose ball 2', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.keyboard.press('x');
  await expect(chosen).toContainText('left out');
  await page.keyboard.press('Control+z');
  await expect(chosen).not.toContainText('left out');
  await page.keyboard.press('e');
  await page.getByLabel(/^Face angle/).fill('12 R');
  await page.keyboard.press('Enter');
  await expect(chosen).toContainText('12.0° R');
  await page.keyboard.press('Delete');
  await expect(page.getByRole('button', { name: 'Choose ball 2', exact: true })).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'Choose ball 2', exact: true })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});

test('a ball typed in by hand is stored, and a bad figure is said where it stands', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Typed In');
  await page.goto(`/lessons/${id}/read`);
  await expect(page.getByRole('heading', { name: 'Typed In' })).toBeVisible();
  await page.keyboard.press('b');
  await page.getByLabel('Club', { exact: true }).selectOption('7-iron');
  await page.getByLabel(/^Face angle/).fill('99 R');
  await page.getByLabel(/^Club path/).fill('3 L');
  await page.getByRole('button', { name: 'Add the ball' }).click();
  await expect(page.getByRole('alert')).toContainText('outside what face angle can be');
  await page.getByLabel(/^Face angle/).fill('1 R');
  await page.getByRole('button', { name: 'Add the ball' }).click();
  const stored = page
    .getByRole('region', { name: 'Table of balls' })
    .getByRole('cell', { name: '3.0° L' })
    .first();
  await expect(stored).toBeVisible();
  await expect(page.getByText('All stored')).toBeVisible();
  await page.reload();
  await expect(stored).toBeVisible();
});

test('what is done while the server is away is kept, said, and stored when it is back', async ({
  page,
  request,
}) => {
  const id = await withBalls(request, 'Server Away');
  await page.goto(`/lessons/${id}/read`);
  await expect(page.getByRole('button', { name: 'Choose ball 1', exact: true })).toBeVisible();
  await page.route('**/api/changes', (route) => route.abort());
  await page.keyboard.press('x');
  await expect(page.getByText('1 change not yet stored')).toBeVisible();
  await page.reload();
  await expect(page.getByText('1 change not yet stored')).toBeVisible();
  await expect(page.locator('tr[aria-selected=true]')).toContainText('left out');
  await page.unroute('**/api/changes');
  await expect(page.getByText('All stored')).toBeVisible({ timeout: 15_000 });
});

test('a new player and lesson, all by hand', async ({ page }) => {
  await page.goto('/players');
  await page.getByRole('button', { name: 'New player' }).first().click();
  await page.getByRole('button', { name: 'Add the player' }).click();
  await expect(page.getByRole('alert')).toContainText('Write the player’s name.');
  await page.getByRole('textbox', { name: 'Name' }).fill('Nell Harbour');
  await page.getByText('Left', { exact: true }).click();
  await page.getByRole('button', { name: 'Add the player' }).click();
  await expect(page.getByRole('heading', { name: 'Nell Harbour' })).toBeVisible();
  await expect(page.getByText('left-handed')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'New lesson' }).first().click();
  await page.getByRole('button', { name: 'Open the lesson' }).click();
  await expect(page).toHaveURL(/watch$/);
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Nell Harbour/ })).toBeVisible();
});

test('the reading fits a phone, and the palette goes anywhere', async ({ page, request }) => {
  const id = await withBalls(request, 'Phone Sized');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/lessons/${id}/read`);
  await expect(page.getByRole('region', { name: 'Reading' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.keyboard.press('/');
  await page.getByPlaceholder(/Go to a place/).fill('settings');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible();
  await expectAccessible(page);
});
