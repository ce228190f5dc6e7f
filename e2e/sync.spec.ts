import { edit } from './edit.ts';
import { expect, test } from './clock.ts';
import type { APIRequestContext, BrowserContext, Page } from '@playwright/test';
import { ballsOf, expectAccessible, newLesson, pieceOf } from './academy.ts';
import { fileOf, launchText } from './balls.ts';

test.use({ serviceWorkers: 'allow' });

const stored = (page: Page) => expect(page.getByText('All stored')).toBeVisible();
const target = (page: Page) => page.getByLabel(/^Target/);
async function write(page: Page, words: string): Promise<void> {
  await target(page).fill(words);
  await target(page).blur();
}
async function partOf(request: APIRequestContext, id: string, name: string) {
  type Part = { part: string; value: Record<string, unknown> };
  const parts = await pieceOf<Part[]>(request, id, 'parts');
  return parts.find(({ part }) => part === name)?.value;
}
const feet = (page: Page) => page.getByRole('button', { name: 'Feet line: more' });
/** Until the whole app is kept by the browser. */
const installed = (page: Page) =>
  page.waitForFunction(() => navigator.serviceWorker.controller?.state === 'activated');
/** A second device: another browser, with nothing of the first. */
async function otherDevice(context: BrowserContext, id: string): Promise<Page> {
  const other = await context.browser()!.newContext();
  const page = await other.newPage();
  await page.goto(`/lessons/${id}/set`);
  await expect(target(page)).toBeVisible();
  return page;
}

test('what is typed without a rest is there after the page was reloaded in the middle of it', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Typed Last');
  await page.goto(`/lessons/${id}/set`);
  await target(page).pressSequentially('the old oak', { delay: 5 });
  await page.reload();
  await expect(target(page)).toHaveValue('the old oak');
  await stored(page);
  expect(await partOf(request, id, 'setup')).toMatchObject({ target: 'the old oak' });
});

test('with the network gone a lesson goes on, opens anew after a reload, and is stored when it is back', async ({
  page,
  context,
  request,
}) => {
  const id = await newLesson(request, 'Gone Network');
  await page.goto(`/lessons/${id}/set`);
  await expect(target(page)).toBeVisible();
  await installed(page);
  // What the server said is kept within a few seconds.
  await page.waitForTimeout(3000);
  await context.setOffline(true);
  await write(page, 'the far oak');
  await expect(page.getByText('1 change not yet stored')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Gone Network' })).toBeVisible();
  await expect(target(page)).toHaveValue('the far oak');
  await expect(page.getByText('1 change not yet stored')).toBeVisible();
  await page.getByRole('link', { name: 'Read', exact: true }).click();
  await page.getByRole('button', { name: 'New ball' }).first().click();
  await page.getByLabel(/^Face angle/).fill('2 R');
  await page.getByLabel(/^Club path/).fill('3 L');
  await page.getByRole('button', { name: 'Add the ball' }).click();
  await expect(page.getByText('2 changes not yet stored')).toBeVisible();
  await expect(page.getByText('not yet stored').nth(1)).toBeVisible();
  await context.setOffline(false);
  await stored(page);
  expect(await partOf(request, id, 'setup')).toMatchObject({ target: 'the far oak' });
  expect(await ballsOf(request, id)).toMatchObject([{ faceAngleDeg: 2, clubPathDeg: -3 }]);
});

test('a player met and a lesson opened with the network gone are there at once, and stored later', async ({
  page,
  context,
  request,
}) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'New lesson' }).first()).toBeEnabled();
  await page.getByRole('button', { name: 'New lesson' }).first().click();
  await page.getByLabel('Player', { exact: true }).selectOption('new');
  await installed(page);
  await context.setOffline(true);
  await page.getByLabel('Name').fill('Met Offline');
  await page.getByRole('button', { name: 'Open the lesson' }).click();
  await expect(page.getByRole('heading', { name: 'Met Offline' })).toBeVisible();
  await expect(page.getByText('2 changes not yet stored')).toBeVisible();
  await context.setOffline(false);
  await stored(page);
  await expect(page.getByRole('heading', { name: 'Met Offline' })).toBeVisible();
  const players = (await (await request.get('/api/players')).json()) as { name: string }[];
  expect(players.filter(({ name }) => name === 'Met Offline')).toHaveLength(1);
});

test('a launch file dropped with the network gone is kept, and asks what it must when it is back', async ({
  page,
  context,
  request,
}) => {
  const id = await newLesson(request, 'Dropped Offline', 'left');
  await page.goto(`/lessons/${id}/watch`);
  await expect(page.getByRole('heading', { name: 'Drop the launch file here' })).toBeVisible();
  await installed(page);
  await page.waitForTimeout(3000);
  await context.setOffline(true);
  const balls = launchText('left', '7-iron', [{ balls: 8, path: -4, face: -1 }]);
  await page.getByLabel('Launch file').setInputFiles(fileOf(balls, 'range.csv'));
  await expect(page.getByText('1 change not yet stored')).toBeVisible();
  await page.reload();
  await expect(page.getByText(/“range.csv”/)).toBeVisible();
  await context.setOffline(false);
  await stored(page);
  const files = page.getByRole('region', { name: 'Files in this lesson' });
  await expect(files).toContainText('8 balls');
  // A file that leaves its signs open asks once it is read, also after a reload.
  await context.setOffline(true);
  const open = 'Club,Face,Path\n7i,2,-3\n7i,1,-4\n';
  await page.getByLabel('Launch file').setInputFiles(fileOf(open, 'open.csv'));
  await context.setOffline(false);
  const asked = page.getByRole('region', { name: 'Questions about the file' });
  await expect(asked).toBeVisible();
  await page.reload();
  await expect(asked).toContainText('“open.csv” leaves something open');
  await asked.getByText('Plus is right of the target, for everything').click();
  await asked.getByRole('button', { name: 'Bring the file in' }).click();
  await expect(files).toContainText('open.csv');
});

test('two devices that change different things both keep theirs; over one thing they are asked', async ({
  page,
  context,
  request,
}) => {
  const id = await newLesson(request, 'Two Devices');
  await page.goto(`/lessons/${id}/set`);
  await expect(target(page)).toBeVisible();
  const other = await otherDevice(context, id);
  await write(page, 'oak');
  await feet(other).click();
  await stored(page);
  await stored(other);
  expect(await partOf(request, id, 'setup')).toMatchObject({ target: 'oak', feetDeg: 0 });
  // The first still sees what it saw; the second changes what the first is about to change.
  await context.setOffline(true);
  await write(page, 'elm');
  await write(other, 'ash');
  await stored(other);
  await context.setOffline(false);
  const shelf = page.getByRole('button', { name: '▲ 1 not taken' });
  await expect(shelf).toBeVisible();
  expect(await partOf(request, id, 'setup')).toMatchObject({ target: 'ash' });
  await shelf.click();
  const dialog = page.getByRole('dialog', { name: 'Changes not taken' });
  await expect(dialog).toContainText('elm');
  await expect(dialog).toContainText('ash');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Keep mine' }).click();
  await expect(dialog).toContainText('Nothing is left here.');
  await expect.poll(async () => (await partOf(request, id, 'setup'))?.['target']).toBe('elm');
  await other.context().close();
});

test('two tabs of one browser lose nothing of each other, and send each change once', async ({
  page,
  context,
  request,
}) => {
  const id = await newLesson(request, 'Two Tabs');
  await page.goto(`/lessons/${id}/set`);
  const tab = await context.newPage();
  await tab.goto(`/lessons/${id}/set`);
  await expect(target(tab)).toBeVisible();
  await context.setOffline(true);
  await write(page, 'oak');
  await feet(tab).click();
  await feet(tab).click();
  await expect(page.getByText('3 changes not yet stored')).toBeVisible();
  await expect(tab.getByText('3 changes not yet stored')).toBeVisible();
  await context.setOffline(false);
  await stored(page);
  await stored(tab);
  expect(await partOf(request, id, 'setup')).toMatchObject({ target: 'oak', feetDeg: 1 });
  // The tab that sent is closed: the other sends what comes next.
  await page.close();
  await write(tab, 'elm');
  await stored(tab);
  expect(await partOf(request, id, 'setup')).toMatchObject({ target: 'elm', feetDeg: 1 });
  const history = (await (await request.get(`/api/lessons/${id}/history`)).json()) as unknown[];
  expect(history).toHaveLength(5);
});

test('what was changed is listed, and put back from the list', async ({ page, request }) => {
  const id = await newLesson(request, 'Put Back');
  for (const words of ['oak', 'elm'])
    await edit(request, 'part.set', { id: `${id}.setup`, fields: { target: words } });
  await page.goto(`/lessons/${id}/send`);
  await page.getByText('What was changed, 3').click();
  await page.getByRole('button', { name: 'Put back: set-up changed' }).first().click();
  await expect(page.getByText('What was changed, 4')).toBeVisible();
  expect(await partOf(request, id, 'setup')).toMatchObject({ target: 'oak' });
});
