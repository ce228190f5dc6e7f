import { CAUSE_LINK_IDS } from '@loxos/core';
import type { Hand } from '@loxos/core';
import { boxOfText, overlaps } from './labels.ts';
import { lookBox, lookPlan } from './look-plan.ts';
import { person } from './person.ts';
import { setUpBox, setUpPlan } from './setup-plan.ts';
import type { SetUpLines } from './setup-plan.ts';
import type { Box, Shape } from './shape.ts';

const HANDS: readonly Hand[] = ['right', 'left'];
const texts = (shapes: readonly Shape[]) => shapes.flatMap((s) => (s.kind === 'text' ? [s] : []));
const points = (shapes: readonly Shape[]) =>
  shapes.flatMap((s) => {
    if (s.kind === 'circle') return [[s.x, s.y] as const];
    if (s.kind !== 'path') return [];
    return [...s.d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(
      ([, x, y]) => [Number(x), Number(y)] as const,
    );
  });
const isIn = ([x, y]: readonly [number, number], [left, top, width, height]: Box): boolean =>
  x >= left && x <= left + width && y >= top && y <= top + height;

describe('a player from above', () => {
  it('stands on their own side of the line, a left-hander as in a mirror', () => {
    const pose = { feetDeg: 6, hipDeg: -4, shoulderDeg: 10, ballCm: 3 };
    const right = points(person({ hand: 'right', ...pose }));
    // Turned the other way round as well: open stays open.
    const turned = { feetDeg: -6, hipDeg: 4, shoulderDeg: -10, ballCm: 3 };
    const left = points(person({ hand: 'left', ...turned }));
    expect(left.map(([x, y]) => [-x + 0, y])).toEqual(right.map(([x, y]) => [x + 0, y]));
    expect(Math.min(...right.map(([x]) => x))).toBeLessThan(-70);
    expect(Math.max(...right.map(([x]) => x))).toBeLessThan(6);
  });

  it('turns its shoulders the way they point: open is lead side back', () => {
    const shoulders = (deg: number): number => {
      const shapes = person({ hand: 'right', shoulderDeg: deg, look: 'shoulders' });
      const line = shapes.find((s) => s.kind === 'path' && s.stroke === 'look')!;
      const [[x1, y1], [x2, y2]] = points([line]) as [[number, number], [number, number]];
      return (Math.atan2(x1 - x2, y2 - y1) * 180) / Math.PI;
    };
    for (const deg of [-20, 0, 12]) expect(shoulders(deg)).toBeCloseTo(deg, 0);
  });

  it('shows in amber what there is to look at, whole, for either hand', () => {
    for (const hand of HANDS)
      for (const id of CAUSE_LINK_IDS) {
        const shapes = lookPlan(id, hand);
        const isAmber = shapes.some(
          (s) => s.kind !== 'text' && (s.stroke === 'look' || s.fill === 'look'),
        );
        expect([hand, id, isAmber]).toEqual([hand, id, true]);
        const outside = points(shapes).filter((point) => !isIn(point, lookBox(hand)));
        expect([hand, id, outside]).toEqual([hand, id, []]);
      }
  });
});

describe('the set-up drawn', () => {
  const lines = { feetDeg: 5, hipDeg: null, shoulderDeg: -3, ballCm: -8, usualCm: -13 };

  it('says what was seen beside it, and what was not', () => {
    const said = texts(setUpPlan({ hand: 'right', ...lines })).map(({ text }) => text);
    expect(said).toEqual([
      'feet 5° R',
      'shoulders 3° L',
      'hips: not seen',
      'ball 8 cm back',
      'camera',
    ]);
  });

  it('has every word within the picture and off the others, however the lines lie', () => {
    const seen: readonly (number | null)[] = [null, -25, 0, 25];
    for (const hand of HANDS)
      for (const feetDeg of seen)
        for (const hipDeg of seen)
          for (const shoulderDeg of seen) {
            const ballCm = shoulderDeg === null ? null : -20 + shoulderDeg;
            const all: SetUpLines = { ...lines, hand, feetDeg, hipDeg, shoulderDeg, ballCm };
            const [left, top, width, height] = setUpBox(hand);
            const boxes = texts(setUpPlan(all)).map((s) =>
              boxOfText(s.text, s.size, s, s.anchor ?? 'start'),
            );
            for (const [index, box] of boxes.entries()) {
              const isInside =
                box.left >= left &&
                box.right <= left + width &&
                box.top >= top &&
                box.bottom <= top + height;
              expect([all, isInside]).toEqual([all, true]);
              expect(boxes.slice(index + 1).some((other) => overlaps(box, other))).toBe(false);
            }
          }
  });

  it('moves the ball from where it usually lies', () => {
    const ball = (ballCm: number | null): number =>
      points(person({ hand: 'right', ballCm: ballCm ?? 0 })).at(-1)![1];
    expect(ball(5)).toBe(-5);
    const drawn = setUpPlan({ hand: 'right', ...lines });
    expect(drawn.some((s) => s.kind === 'circle' && s.x === 0 && s.y === -5)).toBe(true);
  });
});
