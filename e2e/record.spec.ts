import { readFileSync } from 'node:fs';
import { expect, test } from './clock.ts';
import type { Page } from '@playwright/test';
import Papa from 'papaparse';
import { expectAccessible, expectNothingWider } from './academy.ts';
import { followed } from './seasons.ts';

const MENDED = [-6, -6, -6, -6, -6, 0, 0, 0, 0, 0];
const findings = (page: Page) => page.locator('[data-findings]');

for (const [hand, theme] of [
  ['right', 'light'],
  ['left', 'dark'],
] as const)
  test(`a record from Players to a past lesson and back, ${hand}-handed, ${theme}`, async ({
    page,
    request,
  }) => {
    const name = `Followed ${hand}`;
    const id = await followed(request, name, hand, MENDED);
    await page.emulateMedia({ colorScheme: theme });
    await page.goto(`/players/${id}`);
    await page.getByRole('link', { name: 'Record' }).click();
    await expect(findings(page)).toContainText(/Face to path: .* \(5 visits\)/);
    await expect(findings(page)).toContainText(
      /^(Path|Face to path) .* → .* since .* \(5 visits\)/,
    );
    const chart = page.getByRole('img', { name: /^Face to path, visit by visit/ });
    await expect(chart).toBeVisible();
    // The words, and the chart whole, before anybody scrolls.
    const box = (await chart.boundingBox())!;
    expect(box.y + box.height).toBeLessThan(800);
    await expectAccessible(page);
    await page.getByText('Path', { exact: true }).first().click();
    await expect(page.getByRole('img', { name: /^Path, visit by visit/ })).toBeVisible();
    await page.getByText('All 10 visits as a table').click();
    const row = page.getByRole('row').nth(-1);
    await expect(row).toContainText('open');
    await row.getByRole('link').click();
    await expect(page).toHaveURL(/\/lessons\/.*\/read$/);
    await page.goBack();
    await expect(page).toHaveURL(/figure=clubPathDeg/);
    await expect(page.getByRole('img', { name: /^Path, visit by visit/ })).toBeVisible();
  });

test('what a record shows can be taken along: CSV that a parser reads, PNG and SVG', async ({
  page,
  request,
}) => {
  const id = await followed(request, 'Takes It Along', 'right', [-4, -4, -4]);
  await page.goto(`/players/${id}/record`);
  const save = async (press: () => Promise<void>): Promise<Buffer> => {
    const [file] = await Promise.all([page.waitForEvent('download'), press()]);
    return readFileSync(await file.path());
  };
  await page.getByText('All 3 visits as a table').click();
  const csv = await save(() => page.getByRole('button', { name: 'Save as CSV' }).click());
  const { data, errors } = Papa.parse<Record<string, string>>(csv.toString(), { header: true });
  expect(errors).toEqual([]);
  expect(data).toHaveLength(3);
  expect(Number(data[0]!['Path (° right)'])).toBeCloseTo(-4, 0);
  // The chart first, then a drawing.
  for (const n of [0, 1]) {
    const menu = page.getByRole('button', { name: 'Save the picture' }).nth(n);
    await menu.click();
    const png = await save(() => page.getByRole('menuitem', { name: /PNG/ }).click());
    expect(png.subarray(1, 4).toString()).toBe('PNG');
    await menu.click();
    const svg = (await save(() => page.getByRole('menuitem', { name: /SVG/ }).click())).toString();
    expect(svg).toMatch(/^<svg .*<\/svg>$/s);
    if (n === 0) expect(svg).toContain('° open');
  }
});

test('who went away from what is wanted stands on the day, one tap from the record; on a phone', async ({
  page,
  request,
}) => {
  await followed(request, 'Gone Away', 'right', [0, 0, 0, 0, 0, 0, -7]);
  await expect(async () => {
    const { length } = (await (await request.get('/api/standings?since=2020-01-01')).json()) as [];
    expect(length).toBeGreaterThan(0);
  }).toPass({ timeout: 60_000 });
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(async () => {
    await page.goto('/');
    const drifted = page.getByRole('region', { name: 'Drifted' });
    await expect(drifted).toContainText('Gone Away', { timeout: 3000 });
    await expect(drifted).toContainText(/open than before, at least/);
  }).toPass({ timeout: 60_000 });
  await expectNothingWider(page);
  await page.getByRole('link', { name: 'Record of Gone Away' }).click();
  await expect(findings(page)).toContainText(/more open than before/);
  // A finger on the chart still scrolls the page.
  await expect(page.locator('canvas')).toHaveCSS('touch-action', 'pan-y');
  await expectNothingWider(page);
  await expectAccessible(page);
});
