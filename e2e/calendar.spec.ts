import { edit } from './edit.ts';
import { expect, now, test } from './clock.ts';
import ICAL from 'ical.js';
import { expectAccessible, expectNothingWider } from './academy.ts';

/** A day of next month, far from its edges, at ten. */
function nextMonth(day: number): Date {
  const today = now();
  return new Date(today.getFullYear(), today.getMonth() + 1, day, 10);
}
const iso = (day: Date): string =>
  [day.getFullYear(), day.getMonth() + 1, day.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');

test('a lesson is dragged to another day of the month, undone, and a free day is two taps from a new one', async ({
  page,
  request,
}) => {
  const of = await edit(request, 'player.add', {
    fields: { name: 'Dragged About', hand: 'left' },
  });
  const from = nextMonth(11);
  const id = await edit(request, 'lesson.add', { of, fields: { startsAt: from.toISOString() } });
  const startsAt = async (): Promise<string> =>
    ((await (await request.get(`/api/lessons/${id}`)).json()) as { startsAt: string }).startsAt;
  await page.goto(`/?look=month&day=${iso(from)}`);
  const shown = page.getByText('Dragged About');
  await expect(shown).toBeVisible();
  await expectAccessible(page);
  const cell = page.locator(`[data-date="${iso(nextMonth(17))}"]`);
  await shown.dragTo(cell);
  await expect(page.getByText(/^Dragged About moved to /)).toBeVisible();
  await expect.poll(startsAt).toBe(nextMonth(17).toISOString());
  await expect(cell).toContainText('Dragged About');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect.poll(startsAt).toBe(from.toISOString());
  // A free day, then the button.
  await page.locator(`[data-date="${iso(nextMonth(18))}"]`).click();
  const form = page.getByRole('dialog');
  await expect(form.getByLabel('Day', { exact: true })).toHaveValue(/18/);
  await form.getByLabel('Player', { exact: true }).selectOption({ label: 'Dragged About' });
  await form.getByRole('button', { name: 'Open the lesson' }).click();
  await expect(page).toHaveURL(/\/lessons\/.*\/watch$/);
});

test('a day of the month with more lessons than there is room for opens by its “more”', async ({
  page,
  request,
}) => {
  for (let n = 0; n < 7; n++) {
    const fields = { name: `Crowd ${n + 1}`, hand: 'right' };
    const of = await edit(request, 'player.add', { fields });
    const startsAt = new Date(nextMonth(24).getTime() + n * 3_600_000).toISOString();
    await edit(request, 'lesson.add', { of, fields: { startsAt } });
  }
  await page.goto(`/?look=month&day=${iso(nextMonth(11))}`);
  const more = page.getByText('+2 more');
  await expect(more).toBeVisible();
  await expectAccessible(page);
  await more.click();
  await expect(page.getByRole('list', { name: 'Lessons' }).getByRole('link')).toHaveCount(7);
  await expect(page).toHaveURL(new RegExp(`day=${iso(nextMonth(24))}$`));
});

test('a week has its hours, and a lesson a tap away; on a phone too', async ({ page, request }) => {
  const of = await edit(request, 'player.add', { fields: { name: 'Of The Week', hand: 'right' } });
  const at = nextMonth(12);
  await edit(request, 'lesson.add', { of, fields: { startsAt: at.toISOString() } });
  for (const viewport of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(viewport);
    await page.goto(`/?look=week&day=${iso(at)}`);
    await expect(page.getByText('10:00').first()).toBeVisible();
    await expectNothingWider(page);
    await page.getByText('Of The Week').click();
    await expect(page).toHaveURL(/\/watch$/);
  }
});

test('the lessons are in one’s own calendar at an address that ends', async ({ page, request }) => {
  const of = await edit(request, 'player.add', { fields: { name: 'In The Feed', hand: 'right' } });
  const at = new Date(now().getTime() + 3 * 864e5);
  at.setMilliseconds(0);
  await edit(request, 'lesson.add', { of, fields: { startsAt: at.toISOString() } });
  await page.goto('/account');
  await page.getByText('All lessons').click();
  await page.getByRole('button', { name: /^Make/ }).click();
  const link = page.getByRole('link', { name: /\.ics$/ });
  const href = (await link.getAttribute('href'))!;
  await expectAccessible(page);
  const fetched = await fetch(href);
  const calendar = new ICAL.Component(
    ICAL.parse(await fetched.text()) as ConstructorParameters<typeof ICAL.Component>[0],
  );
  const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
  const own = events.find(({ summary }) => summary === 'In The Feed')!;
  expect(own.startDate.toJSDate().toISOString()).toBe(at.toISOString());
  await page.getByRole('button', { name: 'End the address' }).click();
  await expect(link).toBeHidden();
  await expect.poll(async () => (await fetch(href)).status).toBe(404);
});
