import { expect, test } from './clock.ts';
import { demoFile, expectAccessible, newLesson } from './academy.ts';

test('a delivery is moved by dragging, by slider, by typing and by keys, and the words follow', async ({
  page,
}) => {
  await page.goto('/workshop?c=7-iron&f=0&p=0');
  const words = page.getByText(/it starts/);
  await expect(words).toContainText('A straight');
  const bar = page.getByRole('slider', { name: 'Face', exact: true });
  // Typing.
  await page.getByLabel(/^Path/).first().fill('-4');
  await expect(words).toContainText('out-to-in');
  await expect(words).toContainText('open to it');
  // Keys on the plan.
  await bar.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByLabel(/^Face/).first()).toHaveValue('-1.0');
  // Dragging the end of the bar round.
  const box = (await bar.boundingBox())!;
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await page.mouse.move(middle.x + 50, middle.y);
  await page.mouse.down();
  await page.mouse.move(middle.x + 50, middle.y + 20, { steps: 4 });
  await page.mouse.up();
  await expect
    .poll(async () => Number(await page.getByLabel(/^Face/).first().inputValue()))
    .toBeGreaterThan(2);
  // Slider.
  await page.getByRole('slider', { name: 'Path, slider' }).focus();
  await page.keyboard.press('Home');
  await expect(page.getByLabel(/^Path/).first()).toHaveValue('-15.0');
  // The state is in the address: loading it again shows the same.
  await expect(page).toHaveURL(/p=-15/);
  const before = await words.textContent();
  await page.reload();
  await expect(words).toHaveText(before!);
});

test('two deliveries side by side, and every panel says something', async ({ page }) => {
  await page.goto('/workshop?h=left&c=driver&f=-1&p=4');
  await expect(page.getByText(/it starts/)).toContainText('out-to-in');
  await page.getByRole('button', { name: 'Set a wanted beside it' }).click();
  await expect(page.getByText('Now and wanted are the same delivery.')).toBeVisible();
  await page.getByLabel(/^Path/).first().fill('0');
  await expect(page.getByText(/From now to wanted: path 4° further left/)).toBeVisible();
  await expect(page.getByText(/of the target line\. Shared out/)).toBeVisible();
  await page.getByRole('tab', { name: 'Bag' }).click();
  await expect(page.getByText(/longest club worth hitting is the/)).toBeVisible();
  await page.getByRole('tab', { name: 'Schools' }).click();
  await expect(page.getByText('path only')).toBeVisible();
  await page.getByRole('tab', { name: 'Lane' }).click();
  await expect(page.getByText(/^Face .*, path .*: it bends/)).toBeVisible();
  await page.getByRole('tab', { name: 'How' }).click();
  await expect(page.getByText(/two free rigid bodies/)).toBeVisible();
  await expectAccessible(page);
});

test('a typed figure out of range is said, and does no harm', async ({ page }) => {
  await page.goto('/workshop');
  await page.getByLabel(/^Face/).first().fill('400');
  await expect(page.getByRole('alert')).toContainText('From -15.0 to 15.0');
  await expect(page.getByText(/it starts/)).toContainText('A straight');
});

test('ball-only rows are read backwards, marked, and open in the Workshop', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Ball Only');
  await request.post(`/api/lessons/${id}/files`, {
    multipart: { file: demoFile('ball-only-tabs.tsv') },
  });
  await page.goto(`/lessons/${id}/read`);
  await page.getByRole('button', { name: /^Driver/ }).click();
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText('From the flight: face about');
  await expect(page.getByRole('cell', { name: /^~\d/ }).first()).toBeVisible();
  await page.getByRole('link', { name: 'What if' }).click();
  await expect(page).toHaveURL(/\/workshop\?/);
  await expect(page.getByText(/it starts/)).toContainText(/slice|fade/);
});
