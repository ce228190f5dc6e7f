import { expect, test } from '@playwright/test';
import { expectAccessible, newLesson } from './academy.ts';

test('without a monitor the number pad is the flight, and the reading says how unsure the eye is', async ({
  page,
  request,
}) => {
  const id = await newLesson(request, 'Seen By Eye');
  await page.goto(`/lessons/${id}/watch`);
  const pad = page.getByRole('region', { name: 'By eye' });
  await expect(pad).toContainText('Choose the club first');
  await pad.getByLabel('Club seen').selectOption('7-iron');
  await pad.getByRole('button', { name: /starts left,\s*bends right/ }).click();
  // 1 on the number pad: starts left, bends right.
  for (let i = 0; i < 4; i++) await page.keyboard.press('Numpad1');
  await expect(page.getByText('5 balls in this lesson')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Read', exact: true }).click();
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText('The balls start 3° L');
  await expect(reading).toContainText('back to the right');
  await expect(reading).toContainText('inferred from 5 balls seen by eye, not measured');
  await expect(page.getByRole('cell', { name: /by eye/ }).first()).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(reading).toContainText('4 balls');
});
