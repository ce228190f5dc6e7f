import { execFileSync } from 'node:child_process';
import { expect, test } from './clock.ts';
import type { Page } from '@playwright/test';
import type { Hand } from '@loxos/core';
import { expectAccessible, newLesson } from './academy.ts';
import { fileOf, launchText } from './balls.ts';

const step = (page: Page, name: string) => page.getByRole('link', { name, exact: true }).click();

async function wholeLesson(page: Page, lessonId: string, hand: Hand) {
  await page.goto(`/lessons/${lessonId}/set`);
  // Set: the shoulders point to the pull side, which is open for either hand.
  const shoulders = page.getByRole('group', { name: 'Shoulder line' });
  await shoulders
    .getByRole('button', { name: /less|more/ })
    .first()
    .click();
  for (let i = 0; i < 5; i++) {
    await shoulders.getByRole('button', { name: hand === 'left' ? /more/ : /less/ }).click();
  }
  await expect(shoulders).toContainText(hand === 'left' ? '5° R' : '5° L');
  // Watch: a baseline is begun, and the first balls land in it.
  await step(page, 'Watch');
  const bar = page.getByRole('region', { name: 'Block' }).filter({ visible: true });
  await bar.getByRole('button', { name: /Next: Baseline/ }).click();
  await expect(bar).toContainText('Baseline');
  const first = launchText(hand, '7-iron', [{ balls: 8, path: -7, face: -1 }]);
  await page.getByLabel('Launch file').setInputFiles(fileOf(first));
  await expect(page.getByText('8 balls added.').first()).toBeVisible();
  await expect(bar.getByLabel('8 balls')).toBeVisible();
  // Read: words, then the cause from what was seen at set-up.
  await step(page, 'Read');
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('out-to-in');
  const why = page.getByRole('region', { name: 'Why' });
  await expect(why).toContainText('Shoulder line open: this makes the out-to-in path');
  // One look at a time: the answer brings the next question.
  const asked = await why.getByRole('heading').textContent();
  await why.getByRole('group', { name: asked! }).getByRole('button').nth(1).click();
  await expect(why.getByRole('heading')).not.toHaveText(asked!);
  await page.keyboard.press('Control+z');
  await expect(why.getByRole('heading')).toHaveText(asked!);
  await why.getByRole('button', { name: 'The whole chain' }).click();
  const cause = page.getByRole('region', { name: 'Cause' });
  await cause
    .getByRole('group', { name: 'Ball position' })
    .getByRole('button', { name: 'too far forward' })
    .click();
  await expect(cause).toContainText('ball position too far forward: both make the out-to-in path');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await expect(why).not.toContainText('both make');
  // Work: the change, the drill that would make it worse asks first, the good one is given and logged.
  await step(page, 'Work');
  await expect(page.getByRole('region', { name: 'What first' })).toContainText(
    /(Move the path|moving the path) \d+° (right|left): less out-to-in|irst the path: \d+° less out-to-in/,
  );
  await page.getByText('Every other drill').click();
  const worse = page.getByRole('listitem').filter({ hasText: 'Far peg' });
  await worse.getByRole('button', { name: 'Give it' }).click();
  await expect(page.getByRole('alertdialog')).toContainText('would make it worse');
  await page.getByRole('button', { name: 'Do not give it' }).click();
  const overhang = page.getByRole('listitem').filter({ hasText: 'Overhang' });
  await overhang.getByRole('button', { name: 'Give it' }).click();
  const station = page.getByRole('article', { name: 'Overhang' });
  await expect(
    station.getByRole('img', { name: new RegExp(`for a ${hand}-hander`) }),
  ).toBeVisible();
  await expect(station).toContainText('Soft, foam-ended rods only');
  for (let i = 0; i < 8; i++)
    await station.getByRole('button', { name: 'Good', exact: true }).click();
  for (let i = 0; i < 2; i++)
    await station.getByRole('button', { name: 'touched the rod' }).click();
  await expect(station).toContainText('8 of 10 good');
  await expect(station).toContainText('step up');
  await station.getByRole('button', { name: 'Take it back' }).click();
  await expect(station).toContainText('8 of 9 good');
  // Prove: the drill is begun by its key before its balls, and the two blocks are compared.
  await step(page, 'Prove');
  await page.keyboard.press('t');
  await expect(bar).toContainText('Drill: Overhang');
  await step(page, 'Watch');
  const second = launchText(hand, '7-iron', [{ balls: 10, path: -2, face: -0.5 }], 2);
  await page.getByLabel('Launch file').setInputFiles(fileOf(second, 'after.csv'));
  await expect(bar.getByLabel('10 balls')).toBeVisible();
  await step(page, 'Prove');
  await expect(page.locator('[data-verdict]')).toContainText(
    /^(On plan: path|Path is there:) \d+°/,
  );
  const named = page.getByRole('region', { name: 'Before and after' }).getByRole('listitem');
  await expect(named.first()).toContainText(/Path.*(On plan|There)/);
  await expect(page.getByRole('img', { name: /Landings/ })).toBeVisible();
  // Send: two points, the link.
  await step(page, 'Send');
  await expect(page.getByLabel('First point')).toHaveValue(/wing the club more from the inside\.$/);
  await page.getByRole('textbox', { name: 'In your own words' }).fill('Well done today.');
  await page.getByLabel('Second point').click();
  await expect(page.getByRole('region', { name: 'What the player will see' })).toContainText(
    'Well done today.',
  );
  await page.getByRole('button', { name: 'Make the link' }).click();
  const link = page.getByRole('link', { name: /\/p\// });
  await expect(link).toBeVisible();
  return (await link.getAttribute('href'))!;
}

for (const hand of ['right', 'left'] as const) {
  test(`a whole lesson, ${hand}-handed`, async ({ page, request, browser }) => {
    const id = await newLesson(request, `Whole Lesson ${hand}`, hand);
    const link = await wholeLesson(page, id, hand);
    await expect(page.getByText('All stored')).toBeVisible({ timeout: 20_000 });
    await expectAccessible(page);

    // The PDF, read back by an independent program.
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'PDF' }).click();
    const pdf = await (await download).path();
    const text = execFileSync('pdftotext', ['-layout', pdf, '-'], { encoding: 'utf8' });
    expect(text).toContain(`Whole Lesson ${hand}`);
    expect(text).toContain('wing the club more from the inside');
    expect(text).toContain('Well done today.');
    expect(text).toContain('Overhang');
    expect(text).toContain('Next look');
    // On one page, in the app's own type and no other.
    const told = (program: 'pdfinfo' | 'pdffonts'): string =>
      execFileSync(program, [pdf], { encoding: 'utf8' });
    expect(told('pdfinfo')).toMatch(/Pages:\s+1\n/);
    const families = [...told('pdffonts').matchAll(/^[A-Z]{6}\+(\w+)-/gm)].map(([, name]) => name);
    expect(new Set(families)).toEqual(new Set(['AtkinsonHyperlegibleNext', 'BricolageGrotesque']));

    // The player, on a phone, elsewhere.
    const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const player = await phone.newPage();
    await player.goto(link);
    await expect(player.getByRole('heading', { name: `Whole Lesson ${hand}` })).toBeVisible();
    await expect(player.getByText('Well done today.')).toBeVisible();
    expect(await player.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
    // The first of the homework is for tomorrow.
    await expect(player.getByRole('checkbox').first()).toBeDisabled();
    await player.getByRole('button', { name: 'Good', exact: true }).click();
    await expect(player.getByText('1 of 1 good')).toBeVisible();
    await expectAccessible(player);

    // The coach sees it, withdraws the page, and the link is refused.
    await page.reload();
    await expect(page.getByText('0 of the homework ticked')).toBeVisible();
    await page.getByRole('button', { name: 'Withdraw' }).click();
    await expect(page.getByText(/^Given .*withdrawn/)).toBeVisible();
    await player.reload();
    await expect(
      player.getByText('Your coach has withdrawn this page. Ask for a new link.'),
    ).toBeVisible();
    await phone.close();
  });
}

test('every step of a lesson fits a phone and can be used by anyone', async ({ page, request }) => {
  const id = await newLesson(request, 'Phone Steps', 'left');
  await request.post(`/api/lessons/${id}/files`, {
    multipart: {
      file: fileOf(launchText('left', '7-iron', [{ balls: 8, path: -6, face: 0 }])),
    },
  });
  await page.setViewportSize({ width: 390, height: 844 });
  for (const name of ['set', 'watch', 'read', 'work', 'prove', 'send']) {
    await page.goto(`/lessons/${id}/${name}`);
    await expect(page.getByRole('heading', { name: 'Phone Steps' })).toBeVisible();
    await page.waitForLoadState('networkidle');
    expect([name, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([
      name,
      390,
    ]);
    await expectAccessible(page);
  }
});

test('the Yard lays stations out for a hand and an angle, and takes a drill of one’s own', async ({
  page,
}) => {
  await page.goto('/yard?drill=far-peg&club=driver&hand=left');
  await expect(page.getByRole('definition').first()).toHaveText('24 cm');
  await expect(page.getByText('Not for a player with: slice')).toBeVisible();
  await page.getByText('inches and feet', { exact: true }).click();
  await expect(page.getByRole('definition').first()).toHaveText('9.4″');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the picture' }).click();
  await page.getByRole('menuitem', { name: /^SVG/ }).click();
  expect((await download).suggestedFilename()).toBe('far-peg.svg');
  await page.getByRole('button', { name: 'A drill of your own' }).click();
  await page.getByRole('button', { name: 'Keep the drill' }).click();
  await expect(page.getByText('Name the drill.')).toBeVisible();
  await page.getByLabel('Name').fill('Low bench');
  await page.getByLabel('How it is done').fill('Swing under the bench.');
  await page.getByLabel('A good one').fill('No touch.');
  await page.getByRole('dialog').getByLabel('Ahead').fill('-30');
  await page.getByRole('button', { name: 'Keep the drill' }).click();
  await expect(page.getByRole('heading', { name: 'Low bench' })).toBeVisible();
  await expectAccessible(page);
});
