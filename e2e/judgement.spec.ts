import { expect, test } from '@playwright/test';
import type { APIRequestContext, Page } from '@playwright/test';
import type { Hand, Wanted } from '@loxos/core';
import { newLesson } from './academy.ts';
import { fileOf, launchText } from './balls.ts';
import type { SwingBlock } from './balls.ts';

interface Scene {
  readonly name: string;
  readonly hand: Hand;
  readonly club: string;
  readonly before: SwingBlock;
  readonly after: SwingBlock;
  readonly wanted?: Wanted;
}

/** A lesson with a baseline and a drill block, as a coach would have begun them. */
async function lessonOf(request: APIRequestContext, scene: Scene): Promise<string> {
  const id = await newLesson(request, scene.name, scene.hand);
  const text = launchText(scene.hand, scene.club, [scene.before, scene.after]);
  await request.post(`/api/lessons/${id}/files`, { multipart: { file: fileOf(text) } });
  const lesson = (await (await request.get(`/api/lessons/${id}`)).json()) as {
    balls: { id: string }[];
    player: { id: string };
  };
  if (scene.wanted !== undefined) {
    const data = { wanted: { all: scene.wanted } };
    await request.patch(`/api/players/${lesson.player.id}`, { data });
  }
  const ids = lesson.balls.map((ball) => ball.id);
  const begin = async (ballIds: string[], kind: string, drillId?: string): Promise<void> => {
    const blockId = crypto.randomUUID();
    await request.post(`/api/lessons/${id}/blocks`, { data: { id: blockId, kind, drillId } });
    await request.post(`/api/lessons/${id}/balls/block`, { data: { ballIds, blockId } });
  };
  await begin(ids.slice(0, scene.before.balls), 'baseline');
  await begin(ids.slice(scene.before.balls), 'drill', 'rails');
  return id;
}

const PHONE = { width: 390, height: 844 };

/** What the four steps say of what to do: Read and Work in the same words. */
async function whatIsSaid(page: Page, id: string, size = { width: 1280, height: 800 }) {
  await page.setViewportSize(size);
  await page.goto(`/lessons/${id}/read`);
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText('.');
  const read = (await reading.textContent())!;
  await page.goto(`/lessons/${id}/work`);
  const first = page.getByRole('region', { name: 'What first' });
  await expect(first).toBeVisible();
  const line = (await first.locator('p').first().textContent())!;
  expect(read).toContain(line);
  const drills = await page.getByRole('region', { name: 'Drills' }).allTextContents();
  await page.goto(`/lessons/${id}/prove`);
  const headline = page.locator('[data-verdict]');
  await expect(headline).toBeVisible();
  const verdict = await headline.getAttribute('data-verdict');
  await page.goto(`/lessons/${id}/send`);
  await expect(page.getByLabel('First point')).not.toHaveValue('');
  const point = await page.getByLabel('First point').inputValue();
  const preview = page.getByRole('region', { name: 'What the player will see' });
  await expect(preview).toContainText(point);
  return {
    read,
    line,
    drills: drills.join(' '),
    verdict,
    point,
    page: await preview.textContent(),
  };
}

test('a straight puller: together, by every step, and doing it is on plan', async ({
  page,
  request,
}) => {
  const id = await lessonOf(request, {
    name: 'Straight Puller Whole',
    hand: 'right',
    club: '7-iron',
    before: { balls: 9, path: -6, face: -6 },
    after: { balls: 9, path: -1.5, face: -1.5 },
  });
  const said = await whatIsSaid(page, id);
  expect(said.line).toMatch(/^Turn face and path together, \d+° right\.$/);
  expect(said.read).not.toMatch(/open the face|close the face/i);
  expect(said.drills).toContain('Rails');
  for (const opens of ['Two knuckles', 'One-change fade'])
    expect(said.drills.split('Every other drill')[0]).not.toContain(opens);
  expect(['on plan', 'there']).toContain(said.verdict);
  expect(said.point).toContain('to the right');
});

test('a left-hander who wants a fade is never told to lose it', async ({ page, request }) => {
  const id = await lessonOf(request, {
    name: 'Left Fade Wanter',
    hand: 'left',
    club: '7-iron',
    before: { balls: 9, path: -4.2, face: -1.7 },
    after: { balls: 9, path: -4, face: -1.6 },
    wanted: { shape: 'fade', startDeg: 2 },
  });
  const said = await whatIsSaid(page, id, PHONE);
  expect(said.line).toMatch(/leave it alone/i);
  expect(said.drills).toBe('');
  expect(said.verdict).not.toBe('away from plan');
  expect(said.point).toBe('Nothing to change now: keep it as it is.');
});

test('a toe striker is spoken to, not silenced', async ({ page, request }) => {
  const id = await lessonOf(request, {
    name: 'Toe Striker',
    hand: 'right',
    club: 'driver',
    before: { balls: 8, path: 0, face: 0, toeMm: 20 },
    after: { balls: 8, path: 0, face: 0, toeMm: 2 },
  });
  const said = await whatIsSaid(page, id);
  expect(said.read).toMatch(/8 of 8 start and bend as if struck about \d+ mm towards the toe/);
  expect(said.read).not.toContain('left out');
  expect(said.line).toMatch(/^Strike it nearer the middle/);
  expect(said.drills).toContain('Ball ladder');
  expect(said.point).toContain('off the toe');
});

test('a two-way misser is told that no one direction cures it', async ({ page, request }) => {
  const id = await lessonOf(request, {
    name: 'Two Way Misser',
    hand: 'right',
    club: 'driver',
    before: { balls: 12, path: 0, face: 0, faceSd: 4 },
    after: { balls: 10, path: 0, face: 0, faceSd: 0.8 },
  });
  const said = await whatIsSaid(page, id, PHONE);
  expect(said.line).toContain('two-way miss');
  expect(said.drills).toContain('Start post');
  expect(said.drills).not.toMatch(/to the (left|right)/);
  expect(said.point).toContain('Start every ball on the same line');
  expect(said.verdict).not.toBe('away from plan');
});
