import { DRILLS, findDrill, layoutFor } from '@loxos/core';
import type { Hand, LayoutContext } from '@loxos/core';
import { SIDE_BOX, sidePlan } from './side-plan.ts';
import { boxOfText, overlaps } from './labels.ts';
import { STATION_SIZES, stationPlan } from './station-plan.ts';
import type { StationSize } from './station-plan.ts';
import { svgText } from './svg-text.ts';
import type { Shape } from './shape.ts';

const context = (hand: Hand): LayoutContext => ({
  hand,
  headLengthM: 0.08,
  pathDeg: 4,
  faceDeg: 2,
  startDeg: 1,
});
const planOf = (id: string, hand: Hand = 'right') =>
  stationPlan(findDrill(id)!.layout(context(hand)), hand);
const circles = (shapes: readonly Shape[]) =>
  shapes.flatMap((s) => (s.kind === 'circle' ? [{ x: s.x, y: s.y, r: s.r }] : []));
const texts = (shapes: readonly Shape[]) => shapes.flatMap((s) => (s.kind === 'text' ? [s] : []));
const boxOf = (s: ReturnType<typeof texts>[number]) =>
  boxOfText(s.text, s.size, s, s.anchor ?? 'start');

describe('a station drawn', () => {
  it('keeps one scale both ways: pegs stand at their angle', () => {
    const { shapes, scale } = planOf('stepping-pegs');
    const pegs = circles(shapes).filter(({ r }) => r === 6);
    expect(pegs).toHaveLength(3);
    for (const { x, y } of pegs) {
      expect((Math.atan2(x, -y) * 180) / Math.PI).toBeCloseTo(y < 0 ? 4 : -176, 3);
    }
    expect(pegs.some(({ y }) => Math.abs(-y - 0.3 * scale) < 1e-6)).toBe(true);
  });

  it('says its dimensions in the unit asked for', () => {
    const layout = findDrill('stepping-pegs')!.layout(context('right'));
    const words = (unit: 'm' | 'yd') => texts(stationPlan(layout, 'right', unit).shapes);
    // 30 cm ahead at 4°: 30 × tan 4° = 2.1 cm out.
    expect(words('m').map(({ text }) => text)).toEqual(
      expect.arrayContaining(['30 cm ahead', '2.1 cm outside', '18 cm behind']),
    );
    expect(words('yd').map(({ text }) => text)).toContain('11.8″ ahead');
  });

  it('puts what stands far ahead past a break that says how far', () => {
    expect(texts(planOf('two-gates').shapes).map(({ text }) => text)).toContain('3.00 m ahead');
  });

  it('is the mirror image for a left-hander, marks and all', () => {
    for (const { id } of DRILLS) {
      const [right, left] = [planOf(id, 'right'), planOf(id, 'left')];
      const key = (x: number, y: number, r: number): string =>
        `${(Math.round(x * 1000) / 1000 + 0).toString()} ${y.toFixed(3)} ${r}`;
      const flip = circles(right.shapes).map(({ x, y, r }) => key(-x, y, r));
      const own = circles(left.shapes).map(({ x, y, r }) => key(x, y, r));
      expect([id, flip.sort()]).toEqual([id, own.sort()]);
    }
  });

  const hands = ['right', 'left'] as const;
  const sizes = Object.keys(STATION_SIZES) as StationSize[];
  const paths = [-12, 4] as const;
  const kinds = ['driver', 'iron'] as const;
  const laid = hands.flatMap((hand) =>
    paths.flatMap((pathDeg) =>
      kinds.flatMap((kind) => sizes.map((size) => ({ hand, pathDeg, kind, size }))),
    ),
  );

  it('keeps every label inside its frame and off every other, for hands, clubs, paths and both sizes', () => {
    for (const { id } of DRILLS) {
      for (const { hand, pathDeg, kind, size } of laid) {
        for (const unit of ['m', 'yd'] as const) {
          const ask = { pathDeg, faceDeg: pathDeg / 2, startDeg: pathDeg / 3 };
          const layout = layoutFor(findDrill(id)!, { hand, kind, ...ask });
          const { shapes, box } = stationPlan(layout, hand, unit, size);
          const boxes = texts(shapes).map((s) => ({ text: s.text, ...boxOf(s) }));
          for (const [index, one] of boxes.entries()) {
            const isInside =
              one.left >= box[0] &&
              one.right <= box[0] + box[2] &&
              one.top >= box[1] &&
              one.bottom <= box[1] + box[3];
            const at = [id, hand, pathDeg, kind, size, unit, one.text];
            expect([...at, isInside]).toEqual([...at, true]);
            const clash = boxes.slice(index + 1).find((other) => overlaps(one, other));
            expect([...at, clash?.text]).toEqual([...at, undefined]);
          }
        }
      }
    }
  });

  it('lays no word over a dimension line, and inside and outside on their own side', () => {
    const middles = (shapes: readonly Shape[]): number[][] =>
      shapes.flatMap((s) =>
        s.kind === 'path' && s.stroke === 'soft' && s.width === 1.4
          ? [[...s.d.matchAll(/-?[\d.]+/g)].slice(0, 4).map(Number)]
          : [],
      );
    for (const { id } of DRILLS) {
      for (const hand of ['right', 'left'] as const) {
        const { shapes } = stationPlan(findDrill(id)!.layout(context(hand)), hand, 'm');
        for (const [x1, y1, x2, y2] of middles(shapes) as [number, number, number, number][]) {
          const at = { x: (x1 + x2) / 2, y: (y1 + y2) / 2 };
          const over = texts(shapes).find((text) => {
            const box = boxOf(text);
            return at.x > box.left && at.x < box.right && at.y > box.top && at.y < box.bottom;
          });
          expect([id, hand, over?.text]).toEqual([id, hand, undefined]);
        }
      }
    }
    const sides = (hand: Hand): number[] => {
      const { shapes } = stationPlan(findDrill('ball-ladder')!.layout(context(hand)), hand, 'm');
      const own = texts(shapes).filter(({ text }) => /(in|out)side$/.test(text));
      return own.sort((a, b) => a.text.length - b.text.length).map(({ x }) => Math.sign(x));
    };
    expect(sides('right')).toEqual([-1, 1]);
    expect(sides('left')).toEqual([1, -1]);
  });

  it('shows a phone what lies at the ball, larger, and says where the feet are', () => {
    for (const hand of hands) {
      const layout = findDrill('stepping-pegs')!.layout(context(hand));
      const [wide, narrow] = sizes.map((size) => stationPlan(layout, hand, 'm', size));
      expect(narrow!.scale).toBeGreaterThan(1.2 * wide!.scale);
      const feet = texts(narrow!.shapes).find(({ text }) => text === 'feet')!;
      expect(Math.sign(feet.x)).toBe(hand === 'right' ? -1 : 1);
      expect(texts(narrow!.shapes).some(({ text }) => text === 'lead foot')).toBe(false);
      // Rails lie at the feet: they stay.
      const rails = stationPlan(findDrill('rails')!.layout(context(hand)), hand, 'm', 'narrow');
      expect(texts(rails.shapes).some(({ text }) => text === 'lead foot')).toBe(true);
    }
  });

  it('names the feet, the ball and the clubhead', () => {
    for (const { id } of DRILLS) {
      const words = texts(planOf(id).shapes).map(({ text }) => text);
      expect([id, words]).toEqual([
        id,
        expect.arrayContaining(['lead foot', 'trail foot', 'ball']),
      ]);
    }
  });
});

describe('a drawing as a file', () => {
  it('is well-formed SVG with the shapes in it, whatever the words say', () => {
    const shapes: Shape[] = [
      { kind: 'text', x: 1, y: 2, size: 12, text: 'a < b & "c"' },
      { kind: 'circle', x: 0, y: 0, r: 4, fill: 'look' },
      { kind: 'path', d: 'M0 0L1 1', stroke: 'ink', dash: '3 4' },
    ];
    const document = new DOMParser().parseFromString(
      svgText(shapes, [-5, -5, 10, 10]),
      'image/svg+xml',
    );
    expect(document.querySelector('parsererror')).toBeNull();
    expect(document.documentElement.getAttribute('viewBox')).toBe('-5 -5 10 10');
    expect(document.querySelector('text')!.textContent).toBe('a < b & "c"');
    expect(document.querySelectorAll('circle, path')).toHaveLength(2);
    expect(document.querySelector('path')!.getAttribute('stroke-dasharray')).toBe('3 4');
  });
});

describe('the flight from the side', () => {
  const track = [
    { alongM: 0, upM: 0 },
    { alongM: 80, upM: 24 },
    { alongM: 150, upM: 0 },
  ];
  it('says how high and how far in the coach’s unit, inside the picture', () => {
    const shapes = sidePlan([{ track, chosen: true }], 'yd');
    const texts = shapes.flatMap((s) => (s.kind === 'text' ? [s] : []));
    expect(texts.map((s) => s.text)).toEqual(['26 yd high', 'carry 164 yd']);
    for (const s of texts) {
      expect(s.x).toBeLessThanOrEqual(SIDE_BOX.width);
      expect(s.y).toBeLessThanOrEqual(SIDE_BOX.height);
    }
  });

  it('dashes the other delivery and says nothing of it', () => {
    const shapes = sidePlan([{ track, chosen: false }], 'm');
    expect(shapes.some((s) => s.kind === 'path' && s.dash !== undefined)).toBe(true);
    expect(shapes.some((s) => s.kind === 'text')).toBe(false);
    expect(sidePlan([{ track: [], chosen: true }], 'm')).toHaveLength(1);
  });
});
