import { expect, test } from './clock.ts';
import { openStep } from './academy.ts';
import { SIZES, lessonOf, whatIsSaid } from './persona.ts';
import type { Scene } from './persona.ts';

const STRAIGHT_PULLER: Scene = {
  name: 'Straight Puller Whole',
  hand: 'right',
  club: '7-iron',
  before: { balls: 9, path: -6, face: -6 },
  after: { balls: 9, path: -1.5, face: -1.5 },
};
const FADE_WANTER: Scene = {
  name: 'Left Fade Wanter',
  hand: 'left',
  club: '7-iron',
  before: { balls: 9, path: -4.2, face: -1.7 },
  after: { balls: 9, path: -4, face: -1.6 },
  wanted: { shape: 'fade', startDeg: 2 },
};
const TOE_STRIKER: Scene = {
  name: 'Toe Striker',
  hand: 'right',
  club: 'driver',
  before: { balls: 8, path: 0, face: 0, toeMm: 20 },
  after: { balls: 8, path: 0, face: 0, toeMm: 2 },
};
const TWO_WAY_MISSER: Scene = {
  name: 'Two Way Misser',
  hand: 'right',
  club: 'driver',
  before: { balls: 12, path: 0, face: 0, faceSd: 4 },
  after: { balls: 10, path: 0, face: 0, faceSd: 0.8 },
};

const EYE_PULLER: Scene = {
  name: 'Eye Puller',
  hand: 'left',
  club: '7-iron',
  before: { balls: 6, path: 6, face: 6 },
  after: { balls: 6, path: 1, face: 1 },
  taps: [
    [6, 6, 0],
    [6, 0, 0],
  ],
};
const EYE_SLICER: Scene = {
  name: 'Eye Slicer',
  hand: 'right',
  club: 'driver',
  before: { balls: 8, path: -6, face: 0 },
  after: null,
  taps: [
    [6, 0, 26],
    [2, -3, 26],
  ],
};
const THREE_BALLS: Scene = {
  name: 'Three Ball Beginner',
  hand: 'right',
  club: '7-iron',
  before: { balls: 3, path: -4, face: 1 },
  after: null,
};
const SCRATCH: Scene = {
  name: 'Scratch Player',
  hand: 'right',
  club: '7-iron',
  before: { balls: 12, path: 0, face: 0, faceSd: 0.8 },
  after: { balls: 8, path: 0, face: 0, faceSd: 0.8 },
  wanted: { shape: 'straight', isSaid: true },
};
const OLD_SLICER: Scene = {
  name: 'Man Of 74',
  hand: 'right',
  club: 'driver',
  before: { balls: 10, path: -6, face: 0 },
  after: { balls: 10, path: -1, face: 0 },
  bodyNotes: '74, bad back',
};

for (const size of SIZES) {
  test(`a left-hander who pulls, by eye alone: both, and counted; on ${size.name}`, async ({
    page,
    request,
  }) => {
    const id = await lessonOf(request, EYE_PULLER);
    const said = await whatIsSaid(page, id, EYE_PULLER, size);
    expect(said.read).toMatch(/^Straight pulls, all 6: they start about 6° right/);
    expect(said.line).toMatch(/(T|t)urn(ing)? everything left/);
    expect(said.point).toContain('to the left');
    expect(said.proof).toMatch(/^On plan: all 6 started too far right, then none\./);
    expect(said.page).not.toContain('keep it');
  });

  test(`a slicer by eye alone is never left alone; on ${size.name}`, async ({ page, request }) => {
    const id = await lessonOf(request, EYE_SLICER);
    const said = await whatIsSaid(page, id, EYE_SLICER, size);
    expect(said.read).toMatch(/slices, \d of 8|^Slices/);
    expect(said.read).not.toMatch(/Leave/);
    expect(said.page).not.toContain('keep it');
  });

  test(`three balls: the basics, and five more; on ${size.name}`, async ({ page, request }) => {
    const id = await lessonOf(request, THREE_BALLS);
    const said = await whatIsSaid(page, id, THREE_BALLS, size);
    expect(said.read).toMatch(/^Three balls/);
    expect(said.line).toBe('Check grip, aim, ball position and posture; hit five more.');
    expect(said.point).toContain('Check grip, aim, ball position and posture');
  });

  test(`a scratch player is left, and shown what is worth more; on ${size.name}`, async ({
    page,
    request,
  }) => {
    const id = await lessonOf(request, SCRATCH);
    const said = await whatIsSaid(page, id, SCRATCH, size);
    expect(said.line).toMatch(/^Leave the direction\./);
    expect(said.drills).toContain('Drills that keep it');
    expect(said.point).toBe('Nothing to change: keep it as it is.');
    expect(['away from plan', 'past it']).not.toContain(said.verdict);
  });

  test(`a man of 74 with a bad back overdoes nothing at full speed; on ${size.name}`, async ({
    page,
    request,
  }) => {
    const id = await lessonOf(request, OLD_SLICER);
    const said = await whatIsSaid(page, id, OLD_SLICER, size);
    expect(said.line).toMatch(/path/);
    expect(said.drills.split('Every other drill')[0]).not.toContain('Late chest');
    await openStep(page, id, 'work');
    await page.getByRole('button', { name: 'Give it' }).first().click();
    await expect(page.getByText(/Nothing overdone at full speed/)).toBeVisible();
    await openStep(page, id, 'send');
    const homework = page.getByLabel(/^Homework \d$/);
    await expect(homework).toHaveCount(4);
    for (const line of await homework.all())
      expect(await line.inputValue()).not.toMatch(/full speed/);
  });

  test(`a straight puller: together, by every step, and doing it is on plan; on ${size.name}`, async ({
    page,
    request,
  }) => {
    const id = await lessonOf(request, STRAIGHT_PULLER);
    const said = await whatIsSaid(page, id, STRAIGHT_PULLER, size);
    expect(said.wanted).toContain('straight at the target');
    expect(said.line).toMatch(/^Turn everything \d+° right: face and path together\.$/);
    expect(said.read).not.toMatch(/open the face|close the face/i);
    expect(said.drills).toContain('Rails');
    for (const opens of ['Two knuckles', 'One-change fade'])
      expect(said.drills.split('Every other drill')[0]).not.toContain(opens);
    expect(['on plan', 'there']).toContain(said.verdict);
    expect(said.point).toContain('to the right');
  });

  test(`a left-hander who wants a fade is never told to lose it; on ${size.name}`, async ({
    page,
    request,
  }) => {
    const id = await lessonOf(request, FADE_WANTER);
    const said = await whatIsSaid(page, id, FADE_WANTER, size);
    expect(said.wanted).toContain('a fade');
    expect(said.line).toMatch(/^Leave it: that is the fade that was asked for/);
    expect(said.drills).toContain('Drills that keep it');
    expect(said.verdict).not.toBe('away from plan');
    expect(said.point).toBe('Nothing to change: keep it as it is.');
  });

  test(`a toe striker is spoken to, not silenced; on ${size.name}`, async ({ page, request }) => {
    const id = await lessonOf(request, TOE_STRIKER);
    const said = await whatIsSaid(page, id, TOE_STRIKER, size);
    expect(said.read).toMatch(/off the toe: all 8\./);
    expect(said.read).not.toContain('left out');
    expect(said.line).toMatch(/^Strike it nearer the middle/);
    expect(said.drills).toContain('Ball ladder');
    expect(said.point).toContain('off the toe');
  });

  test(`a two-way misser is told that no one direction cures it; on ${size.name}`, async ({
    page,
    request,
  }) => {
    const id = await lessonOf(request, TWO_WAY_MISSER);
    const said = await whatIsSaid(page, id, TWO_WAY_MISSER, size);
    expect(said.read).toMatch(/^Both ways: \d finish left, \d right\./);
    expect(said.line).toMatch(/^Start every ball on the same line/);
    expect(said.drills).toContain('Start post');
    expect(said.drills).not.toMatch(/to the (left|right)/);
    expect(said.point).toContain('Start every ball on the same line');
    expect(said.verdict).toBe('on plan');
  });
}
