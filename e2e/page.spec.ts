import { edit, editAll } from './edit.ts';
import { gzipSync } from 'node:zlib';
import { addDaysIso, dayIn, ownZone } from '@loxos/core';
import { expect, now, test } from './clock.ts';
import type { APIRequestContext, Browser, Page } from '@playwright/test';
import { expectAccessible, newLesson, pieceOf } from './academy.ts';

test.use({ serviceWorkers: 'allow' });

/** Script of the first load, gzipped, bytes: what a phone at the range fetches before anything shows. */
const MOST_SCRIPT_BYTES = 60 * 1024;

const inDays = (days: number): string => addDaysIso(dayIn(now().toISOString(), ownZone()), days);

async function givenPage(request: APIRequestContext, name: string) {
  const lessonId = await newLesson(request, name, 'left');
  const fields = {
    points: ['Swing the club more from the inside.'],
    homework: [
      { date: inDays(0), what: 'Ten through the rails' },
      { date: inDays(3), what: 'Ten more' },
    ],
    nextLook: inDays(14),
  };
  await edit(request, 'part.set', { id: `${lessonId}.send`, fields });
  const made = await request.post(`/api/lessons/${lessonId}/pages`, { data: { days: 30 } });
  return { lessonId, token: ((await made.json()) as { token: string }).token };
}

/** A player’s phone: nobody is signed in on it. */
async function phone(browser: Browser): Promise<Page> {
  const context = await browser.newContext({
    storageState: { cookies: [], origins: [] },
    viewport: { width: 390, height: 844 },
  });
  return context.newPage();
}

test('a player’s page is small, has none of the coach’s app, and can be used by anyone', async ({
  browser,
  request,
}) => {
  const { token } = await givenPage(request, 'Small Page');
  const page = await phone(browser);
  const scripts: Promise<number>[] = [];
  page.on('response', (response) => {
    if (response.request().resourceType() !== 'script') return;
    // Its name says what is in it: a second visit asks for none of it.
    expect(response.headers()['cache-control']).toContain('immutable');
    scripts.push(response.body().then((body) => gzipSync(body).length));
  });
  await page.goto(`/p/${token}`);
  await expect(page.getByRole('heading', { name: 'Small Page' })).toBeVisible();
  await page.waitForLoadState('networkidle');
  const bytes = (await Promise.all(scripts)).reduce((sum, size) => sum + size, 0);
  expect(bytes).toBeGreaterThan(10_000);
  expect(bytes).toBeLessThan(MOST_SCRIPT_BYTES);
  await expectAccessible(page);
  await page.context().close();
});

test('once opened it works with the network gone, and what is done arrives once', async ({
  browser,
  request,
}) => {
  const { lessonId, token } = await givenPage(request, 'Range Without Net');
  const page = await phone(browser);
  await page.goto(`/p/${token}`);
  await expect(page.getByText('Your coach has everything.')).toBeVisible();
  await page.waitForFunction(() => navigator.serviceWorker.controller?.state === 'activated');
  await page.context().setOffline(true);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Range Without Net' })).toBeVisible();
  const boxes = page.getByRole('checkbox');
  await boxes.first().check();
  await page.getByLabel('A word back to your coach').fill('The rails feel narrow');
  await page.getByRole('button', { name: 'Send it' }).click();
  await expect(page.getByText(/2 things you did are kept on this phone/)).toBeVisible();
  await page.reload();
  await expect(boxes.first()).toBeChecked();
  // Sent by itself once the network is back.
  await page.context().setOffline(false);
  await expect(page.getByText('Your coach has everything.')).toBeVisible();
  const [given] = await pieceOf<object[]>(request, lessonId, 'pages');
  expect(given).toMatchObject({
    ticked: [inDays(0)],
    said: [{ text: 'The rails feel narrow' }],
  });
  await page.context().close();
});

test('what a player wrote back stands where the coach looks', async ({ page, request }) => {
  const { lessonId, token } = await givenPage(request, 'Wrote Back');
  const word = { id: crypto.randomUUID(), fields: { text: 'It starts left now' } };
  await editAll(request, 'word.add', [word], token);
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Wrote back' })).toContainText(
    'It starts left now',
  );
  await page.goto(`/lessons/${lessonId}/send`);
  await expect(page.getByRole('list', { name: 'Wrote back' })).toContainText('It starts left now');
});

test('a withdrawn page says so on the phone', async ({ browser, request }) => {
  const { lessonId, token } = await givenPage(request, 'Withdrawn Page');
  const [given] = await pieceOf<{ id: string }[]>(request, lessonId, 'pages');
  await edit(request, 'page.remove', { id: given!.id });
  const page = await phone(browser);
  await page.goto(`/p/${token}`);
  await expect(page.getByText(/Your coach has withdrawn this page/)).toBeVisible();
  await page.context().close();
});
