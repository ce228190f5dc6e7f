import { expect, test } from './clock.ts';
import type { Locator, Page } from '@playwright/test';
import { expectAccessible, newLesson } from './academy.ts';

const file = (name: string, text: string) => ({
  name,
  mimeType: 'text/csv',
  buffer: Buffer.from(text),
});
const questions = (page: Page): Locator =>
  page.getByRole('region', { name: 'Questions about the file' });
const files = (page: Page): Locator => page.getByRole('region', { name: 'Files in this lesson' });
const drop = (page: Page, name: string, text: string): Promise<void> =>
  page.getByLabel('Launch file').setInputFiles(file(name, text));

/** A source nobody has seen: one name is unknown, one unit is missing. */
const ODD = (carry: number): string =>
  `Club,Face,Way of the head,Carry\n7i,1.5,-3,${carry}\n7i,-2,1,${carry + 2}\n`;

test('an unknown dialect is mapped by keyboard, and comes in unasked the second time', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Odd Dialect');
  await page.goto(`/lessons/${id}/watch`);
  await drop(page, 'odd.csv', ODD(140));
  const asked = questions(page);
  await expect(asked).toContainText('which unit “Carry” is in');
  await expect(asked.getByRole('button', { name: 'Bring the file in' })).toBeDisabled();
  await expectAccessible(page);
  // The unit by its radio, the column by its list: no mouse.
  await asked.getByRole('radio', { name: 'yards' }).focus();
  await page.keyboard.press('Space');
  const way = asked.getByLabel('What “Way of the head” holds');
  await way.focus();
  await page.keyboard.type('club path');
  await expect(way).toHaveValue('clubPathDeg');
  await expect(asked).toContainText(/-3 → 3(?:\.0)?° L/);
  await expect(asked).toContainText(/140 → 128(?:\.0)? m/);
  await asked.getByLabel(/^Call this source/).focus();
  await page.keyboard.type('Bay three');
  await asked.getByRole('button', { name: 'Bring the file in' }).focus();
  await page.keyboard.press('Enter');
  await expect(files(page)).toContainText('odd.csv');
  await expect(page.getByText('2 balls added.').first()).toBeVisible();
  // Its next file, in another lesson, asks nothing.
  const next = await newLesson(request, 'Odd Again');
  await page.goto(`/lessons/${next}/watch`);
  await drop(page, 'odd-2.csv', ODD(150));
  await expect(page.getByText('2 balls added.').first()).toBeVisible();
  await expect(questions(page)).toBeHidden();
  const balls = (await (await request.get(`/api/lessons/${next}/balls`)).json()) as {
    balls: { clubPathDeg: number; carryM: number }[];
  };
  expect(balls.balls[0]).toMatchObject({ clubPathDeg: -3 });
  expect(balls.balls[0]!.carryM).toBeCloseTo(150 * 0.9144, 6);
  // Settings tells of it, and forgets it.
  await page.goto('/settings');
  const sources = page.getByRole('region', { name: 'Sources of launch files' });
  await sources.getByText('Bay three').click();
  await expect(sources.getByLabel('What “Way of the head” holds')).toHaveValue('clubPathDeg');
  await expectAccessible(page);
  const one = sources.getByRole('listitem').filter({ hasText: 'Bay three' }).first();
  await one.getByRole('button', { name: 'Forget it' }).click();
  await expect(sources.getByText('Bay three')).toBeHidden();
});

test('a file of several players is split before anything is stored', async ({ page, request }) => {
  const id = await newLesson(request, 'Ada Split');
  await newLesson(request, 'Ben Split');
  await page.goto(`/lessons/${id}/watch`);
  const text =
    'Player,Club,Face,Path\nAda Split,7i,1,-3\nBen Split,7i,2,-2\nBen Split,7i,3,-1\nCy Split,7i,0,4\n';
  await drop(page, 'all.csv', text);
  const asked = questions(page);
  await asked.getByLabel('Where the balls of Ada Split go').selectOption('here');
  await asked
    .getByLabel('Where the balls of Ben Split go')
    .selectOption({ label: 'A new lesson of Ben Split' });
  await asked.getByLabel('Where the balls of Cy Split go').selectOption('new');
  await asked.getByRole('button', { name: 'Bring the file in' }).click();
  await expect(page.getByText('1 ball added, 3 rows of others left.').first()).toBeVisible();
  await expect(page.getByText('All stored')).toBeVisible();
  const lessons = (await (await request.get('/api/lessons')).json()) as {
    player: { name: string };
    ballCount: number;
  }[];
  const counts = (name: string): number[] =>
    lessons
      .filter(({ player }) => player.name === name)
      .map(({ ballCount }) => ballCount)
      .sort();
  expect(counts('Ada Split')).toEqual([1]);
  expect(counts('Ben Split')).toEqual([0, 2]);
  expect(counts('Cy Split')).toEqual([1]);
});

test('an answer that was wrong is put right later, and undone', async ({ page, request }) => {
  const id = await newLesson(request, 'Put Right');
  await page.goto(`/lessons/${id}/watch`);
  await drop(page, 'right.csv', 'Club,Face,Path,Carry\n7i,1,-3,140\n7i,2,-2,142\n');
  await questions(page).getByText('metres', { exact: true }).click();
  await questions(page).getByRole('button', { name: 'Bring the file in' }).click();
  await expect(page.getByText('2 balls added.').first()).toBeVisible();
  const carries = async (): Promise<number[]> => {
    const answer = await request.get(`/api/lessons/${id}/balls`);
    const { balls } = (await answer.json()) as { balls: { carryM: number }[] };
    return balls.map(({ carryM }) => Math.round(carryM * 100) / 100);
  };
  expect(await carries()).toEqual([140, 142]);
  await files(page).getByRole('button', { name: 'How it was read' }).click();
  const again = questions(page);
  await expect(again).toContainText('How “right.csv” was read');
  await again.getByLabel('Unit of “Carry”').selectOption('yd');
  await again.getByRole('button', { name: 'Read it again' }).click();
  await expect(page.getByText('2 balls read anew.').first()).toBeVisible();
  await page.getByText('What changed: carry').click();
  await expect(page.getByText('line 2 · Carry 140 → 128.02 m')).toBeVisible();
  await expect.poll(carries).toEqual([128.02, 129.84]);
  await page.keyboard.press('Control+z');
  await expect.poll(carries).toEqual([140, 142]);
});

test('a sign that contradicts the other columns is one question, with what mends it', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Turned Path');
  await page.goto(`/lessons/${id}/watch`);
  const rows = Array.from({ length: 10 }, (_, i) => {
    const [face, path] = [(i % 4) - 1.5, ((i * 3) % 5) * 1.2 - 3];
    return `7i,${face},${-path},${(face - path).toFixed(1)},${(0.8 * face + 0.2 * path).toFixed(1)}`;
  });
  await drop(
    page,
    'turned.csv',
    `Club,Face Angle,Club Path,Face to Path,Launch Direction\n${rows.join('\n')}\n`,
  );
  const asked = questions(page);
  await expect(asked).toContainText('The signs of “Club Path” contradict the other columns');
  await expect(asked.getByRole('radio', { name: /Turn the sign of “Club Path”/ })).toBeChecked();
  await asked.getByRole('button', { name: 'Bring the file in' }).click();
  await expect(page.getByText('10 balls added.').first()).toBeVisible();
});

test('every row of a file is there as it came, by what became of it', async ({ page, request }) => {
  const id = await newLesson(request, 'Every Row');
  await page.goto(`/lessons/${id}/watch`);
  await drop(page, 'rows.csv', 'Club,Face,Path\n7i,1,-3\n7i,wide,2\nAverage,1,-3\n');
  await expect(page.getByText('1 ball added, 1 row refused: see why below.').first()).toBeVisible();
  await files(page).getByText('Every row of the file, 1 refused').click();
  const rows = files(page).getByRole('list', { name: 'Rows of the file' });
  await expect(rows).toContainText('7i,wide,2');
  await files(page).getByText('a summary, not a ball 1').click();
  await expect(rows.getByRole('listitem')).toHaveCount(1);
  await expect(rows).toContainText('Average,1,-3');
});
