import { expect, test } from './clock.ts';
import { ballsOf, demoFile, drop, expectAccessible, newLesson } from './academy.ts';

test('from the day, a dropped file becomes a reading in words and a drawing', async ({ page }) => {
  await page.goto('/');
  await page
    .getByRole('link', { name: /Hollis Quay/ })
    .first()
    .click();
  await expect(page).toHaveURL(/watch$/);
  await drop(page, demoFile('hollis-quay-check.csv'));
  await expect(page.getByText('22 balls added.').first()).toBeVisible();
  await page.getByRole('link', { name: 'Read the balls' }).click();
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText('7 iron');
  await expect(reading).toContainText('Straight balls, 7 of 12');
  await page.getByRole('button', { name: /^7 iron/ }).click();
  await expect(reading).toContainText('Face to path lies between');
  await expect(page.getByRole('img', { name: /At impact: face/ }).first()).toBeVisible();
  await expect(
    page.getByRole('img', { name: /Flight of ball 1 from above: carry \d+ yd/ }),
  ).toBeVisible();
  await expectAccessible(page);
});

test('the same file twice adds nothing and says so', async ({ page, request }) => {
  const id = await newLesson(request, 'Twice Dropped');
  await page.goto(`/lessons/${id}/watch`);
  await drop(page, demoFile('plain-commas.csv'));
  await expect(page.getByText('14 balls added.').first()).toBeVisible();
  await drop(page, demoFile('plain-commas.csv'));
  await expect(
    page.getByText(/already in the lesson as “plain-commas.csv”. Nothing was added/),
  ).toBeVisible();
  await expect(page.getByText('14 balls in this lesson')).toBeVisible();
});

test('bad rows are shown with the column and why, and nothing else is lost', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Bad Rows');
  await page.goto(`/lessons/${id}/watch`);
  await page.getByLabel('Launch file').setInputFiles(demoFile('with-mistakes.csv'));
  await expect(
    page.getByText('11 balls added, 3 rows refused: see why below.').first(),
  ).toBeVisible();
  await expect(
    page.getByText(/Column “Club speed \(mph\)”: "fast" is not a number/).first(),
  ).toBeVisible();
  await expect(page.getByText(/17 cells under 15 column names/).first()).toBeVisible();
  await expectAccessible(page);
  // Taken back, then undone by dropping it again.
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByText('11 balls in this lesson')).toBeHidden();
});

test('a long file says how far it is, and stopped adds nothing', async ({ page, request }) => {
  const id = await newLesson(request, 'Long File');
  const row = (i: number): string => `7 iron,${(i % 40) / 10},-2.0,14${i % 10}.${i % 7}`;
  const rows = Array.from({ length: 50_000 }, (_, i) => row(i));
  const file = {
    name: 'long.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`Club,Face angle,Club path,Carry (m)\n${rows.join('\n')}\n`),
  };
  await page.goto(`/lessons/${id}/watch`);
  await page.getByLabel('Launch file').setInputFiles(file);
  await expect(page.getByText(/\d % of its balls/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('“long.csv” was stopped: nothing of it is added.')).toBeVisible();
  expect(await ballsOf(request, id)).toEqual([]);
});

test('days that could be either way round are asked, and a part’s new lesson is on its own', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Two Parts');
  const rows = [
    'Two Parts,03/04/2026 9:05 PM,7 iron,1,-2',
    'New Comer,05/04/2026 10:12,7 iron,2,-1',
  ];
  await page.goto(`/lessons/${id}/watch`);
  await page.getByLabel('Launch file').setInputFiles({
    name: 'parts.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`Player,Time,Club,Face angle,Club path\n${rows.join('\n')}\n`),
  });
  await page.getByText('The day: 3 April 2026').click();
  await page.getByLabel(/Where the balls of Two Parts/).selectOption('here');
  await page.getByLabel(/Where the balls of New Comer/).selectOption('new');
  await page.getByRole('button', { name: 'Bring the file in' }).click();
  await expect(page.getByText('1 ball added, 1 row of others left.').first()).toBeVisible();
  await expect(
    page.getByText(/The file says 3 April 2026, which is not the day of this lesson/),
  ).toBeVisible();
  await expect
    .poll(async () => {
      const lessons = JSON.stringify(await (await request.get('/api/lessons')).json());
      return /"startsAt":"2026-04-05T/.test(lessons);
    })
    .toBe(true);
});

test('a file that is no launch data is refused in words', async ({ page, request }) => {
  const id = await newLesson(request, 'No Launch Data');
  await page.goto(`/lessons/${id}/watch`);
  await page.getByLabel('Launch file').setInputFiles({
    name: 'photo.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from([0x89, 0x50, 0, 0, 1]),
  });
  await expect(page.getByText(/“photo.csv” was not taken/)).toBeVisible();
  await expect(page.getByText(/Export the session as CSV/)).toBeVisible();
});

test('a left-hander’s signed file asks what plus means before any ball counts', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Lefty Signs', 'left');
  await page.goto(`/lessons/${id}/watch`);
  await page.getByRole('button', { name: 'Paste rows' }).click();
  await page
    .getByRole('textbox', { name: 'Rows' })
    .fill('Club,Face angle,Club path\n7i,1.0,-4.0\n7i,1.5,-3.5\n7i,0.8,-4.2\n');
  await page.getByRole('button', { name: 'Bring them in' }).click();
  await expect(page.getByRole('heading', { name: /leaves something open/ })).toBeVisible();
  await page.getByText('Face and path turn with the hand').click();
  await page.getByRole('button', { name: 'Bring the file in' }).click();
  await page.getByRole('link', { name: 'Read the balls' }).click();
  const reading = page.getByRole('region', { name: 'Reading' });
  // For a left-hander plus 1 open is left of the target, and minus 4 out-to-in is right of it.
  await expect(reading).toContainText(/Face 1° open, path 4° out-to-in/);
  await expect(reading).toContainText('open to the path');
  await expect(reading).toContainText('bend');
  await expect(page.getByRole('cell', { name: /fade|slice/i }).first()).toBeVisible();
});
