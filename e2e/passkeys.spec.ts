/** Passkeys with a device that Chromium plays, at an address with a name. */
import { expect, test } from './clock.ts';
import type { Browser, Page } from '@playwright/test';
import { expectAccessible } from './academy.ts';

/** The same server by its name: a passkey is for no IP address. */
const byName = (baseURL: string): string => baseURL.replace('127.0.0.1', 'localhost');

/** A browser in which nobody has signed in, with a device that makes sure who holds it. */
async function withDevice(browser: Browser, baseURL: string): Promise<Page> {
  const context = await browser.newContext({
    baseURL: byName(baseURL),
    storageState: { cookies: [], origins: [] },
  });
  const page = await context.newPage();
  const devtools = await context.newCDPSession(page);
  await devtools.send('WebAuthn.enable');
  await devtools.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  });
  return page;
}

async function signOut(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Sign in with a passkey' })).toBeVisible();
}

test('a passkey is made on a device, and signs in with nothing typed', async ({
  browser,
  baseURL,
}) => {
  const page = await withDevice(browser, baseURL!);
  await page.goto('/enter');
  await page.getByRole('button', { name: 'Go in as the owner of the demo' }).click();
  // The Day invites to it.
  const invitation = page.getByRole('group', { name: 'Passkey' });
  await expect(invitation).toBeVisible();
  await expectAccessible(page);
  await invitation.getByRole('button', { name: 'Make a passkey' }).click();
  await expect(invitation).toBeHidden();
  await page.goto('/account');
  const made = page.getByRole('list', { name: 'Your passkeys' }).getByText(/not used yet/);
  await expect(made).toBeVisible();
  // A second on the same device is refused in words.
  await page.getByRole('button', { name: 'Make a passkey on this device' }).click();
  await expect(page.getByText('This device has a passkey of yours already.')).toBeVisible();
  await expectAccessible(page);

  await signOut(page);
  await page.goto('/enter?to=/doors');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
  await expect(page.getByRole('heading', { name: 'Record of doors' })).toBeVisible();
  await expect(page.getByText(/signed in with a passkey$/).first()).toBeVisible();
  await expect(page.getByText(/made a passkey$/).first()).toBeVisible();
  await expectAccessible(page);

  // Taken away, it signs nobody in.
  await page.goto('/account');
  await page.getByRole('button', { name: 'Take it away' }).click();
  await expect(made).toBeHidden();
  await signOut(page);
  await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
  await expect(page.getByText(/This passkey signs nobody in here/)).toBeVisible();
  await page.context().close();
});

test('what the policy keeps from running is told to the server', async ({ page }) => {
  await page.goto('/settings');
  const report = page.waitForResponse((answer) => answer.url().endsWith('/api/policy-reports'));
  await page.evaluate(() => {
    const script = document.createElement('script');
    script.src = 'https://elsewhere.example/x.js';
    document.head.append(script);
  });
  expect((await report).status()).toBe(204);
});
