import { expect, test } from './clock.ts';
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

for (const size of SIZES) {
  test(`a straight puller: together, by every step, and doing it is on plan; on ${size.name}`, async ({
    page,
    request,
  }) => {
    const id = await lessonOf(request, STRAIGHT_PULLER);
    const said = await whatIsSaid(page, id, STRAIGHT_PULLER, size);
    expect(said.wanted).toContain('straight at the target');
    expect(said.line).toMatch(/^Turn face and path together, \d+° right\.$/);
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
    expect(said.line).toMatch(/leave it alone/i);
    expect(said.drills).toBe('');
    expect(said.verdict).not.toBe('away from plan');
    expect(said.point).toBe('Nothing to change now: keep it as it is.');
  });

  test(`a toe striker is spoken to, not silenced; on ${size.name}`, async ({ page, request }) => {
    const id = await lessonOf(request, TOE_STRIKER);
    const said = await whatIsSaid(page, id, TOE_STRIKER, size);
    expect(said.read).toMatch(/8 of 8 start and bend as if struck towards the toe/);
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
    expect(said.line).toContain('two-way miss');
    expect(said.drills).toContain('Start post');
    expect(said.drills).not.toMatch(/to the (left|right)/);
    expect(said.point).toContain('Start every ball on the same line');
    expect(said.verdict).not.toBe('away from plan');
  });
}
