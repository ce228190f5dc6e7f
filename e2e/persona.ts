import { edit, editAll } from './edit.ts';
import { expect } from './clock.ts';
import type { APIRequestContext, Page } from '@playwright/test';
import type { Hand, Wanted } from '@loxos/core';
import { ballsOf, newLesson, openStep } from './academy.ts';
import { fileOf, launchText } from './balls.ts';
import type { SwingBlock } from './balls.ts';

/** Somebody with a known swing, before a drill and after it. */
export interface Scene {
  readonly name: string;
  readonly hand: Hand;
  readonly club: string;
  readonly before: SwingBlock;
  /** Null where nothing was hit after. */
  readonly after: SwingBlock | null;
  readonly wanted?: Wanted;
  /** What is noted of the body. */
  readonly bodyNotes?: string;
  /** Seen by an eye: how many, where they start, degrees, and how far they bend, m; instead of the swings. */
  readonly taps?: readonly (readonly [balls: number, startDeg: number, curveM: number])[];
}

export const SIZES = [
  { name: 'a desk', width: 1280, height: 800 },
  { name: 'a phone', width: 390, height: 844 },
] as const;
export type Size = (typeof SIZES)[number];

/** The balls of a scene: from a file, or as an eye tapped them. */
async function hit(request: APIRequestContext, id: string, scene: Scene): Promise<void> {
  const { hand, club, before, after, taps } = scene;
  if (taps === undefined) {
    const text = launchText(hand, club, after === null ? [before] : [before, after]);
    await request.post(`/api/lessons/${id}/files`, { multipart: { file: fileOf(text) } });
    return;
  }
  for (const [balls, startDirectionDeg, curveM] of taps)
    for (let i = 0; i < balls; i++)
      await edit(request, 'ball.add', {
        of: id,
        fields: { club, seen: 'eye', startDirectionDeg, curveM },
      });
}

/** A lesson with a baseline and a drill block, as a coach would have begun them. */
export async function lessonOf(request: APIRequestContext, scene: Scene): Promise<string> {
  const id = await newLesson(request, scene.name, scene.hand);
  const { wanted, bodyNotes, after } = scene;
  await hit(request, id, scene);
  const balls = await ballsOf<{ id: string }>(request, id);
  if (wanted !== undefined || bodyNotes !== undefined) {
    const fields = { ...(wanted && { wanted: { all: wanted } }), ...(bodyNotes && { bodyNotes }) };
    const { player } = (await (await request.get(`/api/lessons/${id}`)).json()) as {
      player: { id: string };
    };
    await edit(request, 'player.set', { id: player.id, fields });
  }
  const ids = balls.map((ball) => ball.id);
  const begin = async (ballIds: string[], kind: string, drillId?: string): Promise<void> => {
    const blockId = await edit(request, 'block.add', { of: id, fields: { kind, drillId } });
    const into = ballIds.map((ballId) => ({ id: ballId, of: id, fields: { blockId } }));
    if (into.length > 0) await editAll(request, 'ball.set', into);
  };
  await begin(ids.slice(0, scene.before.balls), 'baseline');
  if (after !== null) await begin(ids.slice(scene.before.balls), 'drill', 'rails');
  return id;
}

/** What must hold of every step at every size: nobody scrolls sideways. */
async function expectFits(page: Page, step: string, { width }: Size): Promise<void> {
  expect([step, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([
    step,
    width,
  ]);
}

/** Set and Watch: what is wanted, from which side, and how many balls came from where. */
async function lookAtStart(page: Page, id: string, scene: Scene, size: Size) {
  await openStep(page, id, 'set');
  const drawing = page.getByRole('img', { name: 'Set-up from above' });
  await expect(drawing).toBeVisible();
  const hairline = (await drawing.boundingBox())!;
  const camera = (await drawing.getByText('camera').boundingBox())!;
  const isRightOfLine = camera.x > hairline.x + hairline.width / 2;
  expect([scene.hand, isRightOfLine]).toEqual([scene.hand, scene.hand === 'left']);
  const wanted = (await page
    .getByText(/^Wanted today/)
    .first()
    .textContent())!;
  await expectFits(page, 'set', size);
  await openStep(page, id, 'watch');
  const balls = scene.before.balls + (scene.after?.balls ?? 0);
  await expect(page.getByText(`${balls} balls in this lesson`)).toBeVisible();
  if (scene.taps === undefined) await expect(page.getByText('session.csv').first()).toBeVisible();
  await expectFits(page, 'watch', size);
  return wanted;
}

/** What the six steps say of one player: Read and Work in the same words, Send in those of the plan. */
export async function whatIsSaid(page: Page, id: string, scene: Scene, size: Size) {
  await page.setViewportSize(size);
  const wanted = await lookAtStart(page, id, scene, size);
  await openStep(page, id, 'read');
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText('.');
  const read = (await reading.textContent())!;
  await expectFits(page, 'read', size);
  await openStep(page, id, 'work');
  const first = page.getByRole('region', { name: 'What first' });
  await expect(first).toBeVisible();
  const line = (await first.locator('p').first().textContent())!;
  expect(read).toContain(line);
  const drills = await page.getByRole('region', { name: 'Drills' }).allTextContents();
  await expectFits(page, 'work', size);
  await openStep(page, id, 'prove');
  const headline = page.locator('[data-verdict]');
  if (scene.after === null) await expect(page.getByText(/there is only one yet/)).toBeVisible();
  else await expect(headline).toBeVisible();
  const verdict = scene.after === null ? null : await headline.getAttribute('data-verdict');
  const proof = scene.after === null ? '' : (await headline.textContent())!;
  await expectFits(page, 'prove', size);
  await openStep(page, id, 'send');
  await expect(page.getByLabel('First point')).not.toHaveValue('');
  const point = await page.getByLabel('First point').inputValue();
  const preview = page.getByRole('region', { name: 'What the player will see' });
  await expect(preview).toContainText(point);
  await expectFits(page, 'send', size);
  return {
    wanted,
    read,
    line,
    drills: drills.join(' '),
    verdict,
    proof,
    point,
    page: await preview.textContent(),
  };
}
