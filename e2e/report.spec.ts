import { execFileSync } from 'node:child_process';
import { expect, test } from './clock.ts';
import { expectAccessible, expectNothingWider } from './academy.ts';
import { followed } from './seasons.ts';

const MENDED = [-6, -6, -6, -6, -6, 0, 0, 0, 0, 0];

for (const [hand, theme] of [
  ['right', 'light'],
  ['left', 'dark'],
] as const)
  test(`a report from the record to the player’s phone and to paper, ${hand}-handed, ${theme}`, async ({
    page,
    request,
    browser,
  }) => {
    const id = await followed(request, `Reported ${hand}`, hand, MENDED);
    await page.emulateMedia({ colorScheme: theme });
    await page.goto(`/players/${id}/record`);
    // A goal first: it stands in the report.
    await page.getByRole('button', { name: 'A goal' }).click();
    await page.getByLabel(/^How much/).fill('0');
    await page.getByRole('button', { name: 'Set the goal' }).click();
    await expect(page.getByRole('region', { name: 'Goals' })).toContainText(/within .* of square/);
    await page.getByRole('link', { name: 'Report', exact: true }).click();
    const preview = page.getByRole('region', { name: 'What the player will see' });
    await expect(preview).toContainText(/Your clubface is .* over your last 5 visits/);
    await expect(preview.getByRole('img', { name: /from visit to visit/ })).toBeVisible();
    await expect(preview).toContainText(/within .* of square by/);
    await page.getByLabel('Third sentence').fill('A good half year.');
    await page.getByLabel('What comes next').fill('Keep the rails.');
    await page.getByLabel('What comes next').blur();
    await expect(preview).toContainText('A good half year.');
    await expectAccessible(page);
    // The PDF, read back by an independent program: two pages at most.
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'PDF' }).click(),
    ]);
    const pdf = await file.path();
    const text = execFileSync('pdftotext', ['-layout', pdf, '-'], { encoding: 'utf8' });
    expect(text).toContain('A good half year.');
    expect(text).toContain('What became of the numbers');
    const about = execFileSync('pdfinfo', [pdf], { encoding: 'utf8' });
    expect(Number(/Pages:\s+(\d+)/.exec(about)?.[1])).toBeLessThanOrEqual(2);
    await page.getByRole('button', { name: 'Make the link' }).click();
    const link = page.getByRole('link', { name: /\/p\// });
    const href = (await link.getAttribute('href'))!;
    const phone = await browser.newContext({
      viewport: { width: 390, height: 844 },
      colorScheme: theme,
    });
    const given = await phone.newPage();
    await given.goto(href);
    await expect(given.getByRole('heading', { name: `Reported ${hand}` })).toBeVisible();
    await expect(given.getByText('A good half year.')).toBeVisible();
    await expect(given.getByRole('img', { name: /from visit to visit/ })).toBeVisible();
    await expectNothingWider(given);
    await expectAccessible(given);
    await given.getByLabel('A word back to your coach').fill('Thank you');
    await given.getByRole('button', { name: 'Send it' }).click();
    await expect(given.getByText('Your coach has everything.')).toBeVisible();
    await phone.close();
    await page.reload();
    await expect(page.getByRole('list', { name: 'Wrote back' })).toContainText('Thank you');
    // What was written over is still there.
    await expect(page.getByLabel('Third sentence')).toHaveValue('A good half year.');
  });
