import { edit } from './edit.ts';
import { expect, test } from './clock.ts';
import type { Browser, Page } from '@playwright/test';
import { ballsOf, expectAccessible, newLesson, pieceOf } from './academy.ts';

/** A browser in which nobody has signed in. */
async function nobody(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  return context.newPage();
}

async function invited(page: Page, name: string, role: string): Promise<string> {
  await page.goto('/people');
  await page.getByRole('textbox', { name: /Invite somebody/ }).fill(name);
  await page.getByLabel('as', { exact: true }).selectOption(role);
  await page.getByRole('button', { name: 'Make the link' }).click();
  return (await page.getByRole('link', { name: /\/join#/ }).getAttribute('href'))!;
}

async function join(page: Page, link: string, name: string, email: string): Promise<void> {
  await page.goto(link);
  await page.getByLabel('Your name').fill(name);
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel(/Password/).fill('seven grey herons');
  await page.getByRole('button', { name: 'Join' }).click();
  await expect(page.getByRole('heading', { name: /^Today/ })).toBeVisible();
}

test('nobody sees anything before signing in, and then goes where they meant to', async ({
  browser,
}) => {
  const page = await nobody(browser);
  await page.goto('/players');
  await expect(page).toHaveURL(/\/enter\?to=%2Fplayers$/);
  await expect(page.getByRole('button', { name: 'Go in as the owner of the demo' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Go in as the owner of the demo' }).click();
  await expect(page.getByRole('heading', { name: 'Players' })).toBeVisible();
  await page.context().close();
});

test('what is personal stays with the coach, what to mind is told, and what is kept is said', async ({
  page,
  browser,
  request,
}) => {
  const fields = { name: 'Rhea Quill', hand: 'left', bodyNotes: 'Stiff hip since a fall' };
  const id = await edit(request, 'player.add', { fields });
  const link = await invited(page, 'Ines Moor', 'assistant');
  const theirs = await nobody(browser);
  await join(theirs, link, 'Ines Moor', 'ines@saltmarsh.example');
  await theirs.goto(`/players/${id}`);
  await expect(theirs.getByText('To mind: hip, stiff.')).toBeVisible();
  await expect(theirs.getByText(/since a fall/)).toBeHidden();
  await theirs.goto('/kept');
  await expect(theirs.getByText(/which parts of the body to mind/)).toBeVisible();
  await expectAccessible(theirs);
  await theirs.context().close();

  // An owner erases where it is told, on a phone.
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/kept');
  await page.getByLabel('Player', { exact: true }).selectOption('Rhea Quill');
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Erase Rhea Quill/ }).click();
  await page.getByLabel(/write the name/).fill('Rhea Quill');
  await page.getByRole('button', { name: 'Erase for good' }).click();
  await expect(page.getByText('Everything of Rhea Quill is erased')).toBeVisible();
  await expect(page.getByRole('option', { name: 'Rhea Quill' })).toHaveCount(0);
  expect((await request.get(`/api/players/${id}`)).status()).toBe(404);
});

test('a key signs in once', async ({ browser, baseURL, playwright }) => {
  // Of whoever signed in just now: others are asked for their password.
  const fresh = await playwright.request.newContext({
    baseURL: baseURL!,
    storageState: { cookies: [], origins: [] },
  });
  await fresh.post('/api/sessions/demo');
  const made = await fresh.post('/api/account/keys', { data: {} });
  const { token } = (await made.json()) as { token: string };
  await fresh.dispose();
  const page = await nobody(browser);
  await page.goto(`/enter#${token}`);
  await expect(page.getByRole('heading', { name: /^Today/ })).toBeVisible();
  await page.context().close();
  const second = await nobody(browser);
  await second.goto(`/enter#${token}`);
  await expect(second.getByText(/This key was used or has ended/)).toBeVisible();
  await second.context().close();
});

test('an assistant joins by a link, logs balls, and changes no plan', async ({
  page,
  browser,
  request,
}) => {
  const id = await newLesson(request, 'Logged By Another');
  const link = await invited(page, 'Una Fell', 'assistant');
  await expectAccessible(page);
  const theirs = await nobody(browser);
  await theirs.goto(link);
  await expect(theirs.getByText('Una Fell, you are invited as an assistant.')).toBeVisible();
  await expectAccessible(theirs);
  await join(theirs, link, 'Una Fell', 'una@saltmarsh.example');
  await theirs.goto(`/lessons/${id}/set`);
  await expect(theirs.getByText(/the plan is changed by a coach/)).toBeVisible();
  await expect(theirs.getByLabel(/^Target/)).toBeDisabled();
  await theirs.goto(`/lessons/${id}/watch`);
  const pad = theirs.getByRole('region', { name: 'By eye' });
  await pad.getByRole('button', { name: '7 iron' }).click();
  await pad.getByRole('button', { name: /starts left,\s*bends right/ }).click();
  await expect(theirs.getByText('1 ball in this lesson')).toBeVisible();
  await theirs.getByText('All stored').waitFor();
  expect(await ballsOf(request, id)).toHaveLength(1);
  // The link is used up.
  await theirs.context().close();
  const late = await nobody(browser);
  await late.goto(link);
  await expect(late.getByText(/This link was used or has ended/)).toBeVisible();
  await late.context().close();
});

test('whoever is signed out meanwhile keeps what is in hand, and it is stored once they are back', async ({
  page,
  browser,
  request,
}) => {
  const id = await newLesson(request, 'Signed Out Meanwhile');
  const link = await invited(page, 'Rhys Gale', 'coach');
  const theirs = await nobody(browser);
  await join(theirs, link, 'Rhys Gale', 'rhys@saltmarsh.example');
  await theirs.goto(`/lessons/${id}/set`);
  await expect(theirs.getByLabel(/^Target/)).toBeVisible();
  await theirs.context().clearCookies();
  await theirs.getByLabel(/^Target/).fill('the oak');
  await theirs.getByLabel(/^Target/).blur();
  const out = theirs.getByRole('link', { name: '▲ Signed out: sign in' });
  await expect(out).toBeVisible();
  await expect(theirs.getByLabel(/^Target/)).toHaveValue('the oak');
  await out.click();
  await theirs.getByLabel('E-mail').fill('rhys@saltmarsh.example');
  await theirs.getByLabel(/Password/).fill('seven grey herons');
  await theirs.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(theirs).toHaveURL(new RegExp(`/lessons/${id}/set$`));
  await expect(theirs.getByText('All stored')).toBeVisible();
  const part = async () => (await pieceOf<{ value: object }[]>(request, id, 'parts'))[0]?.value;
  await expect.poll(part).toMatchObject({ target: 'the oak' });
  await theirs.goto('/account');
  await expectAccessible(theirs);
  await theirs.getByRole('button', { name: 'Sign out' }).click();
  await expect(theirs).toHaveURL(/\/enter$/);
  const left = await theirs.evaluate(() => localStorage.getItem('loxos.account'));
  expect(left).toBeNull();
  await theirs.context().close();
});
