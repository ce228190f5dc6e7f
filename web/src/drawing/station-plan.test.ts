import { DRILLS, findDrill } from '@loxos/core';
import type { Hand, LayoutContext } from '@loxos/core';
import { setUpPlan } from './setup-plan.ts';
import { SIDE_BOX, sidePlan } from './side-plan.ts';
import { STATION_BOX, stationPlan } from './station-plan.ts';
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
  shapes.flatMap((s) => (s.kind === 'circle' ? [{ x: s.x, y: s.y }] : []));

describe('a station drawn', () => {
  it('keeps one scale both ways: pegs stand at their angle', () => {
    const { shapes, scale } = planOf('stepping-pegs');
    const pegs = circles(shapes).filter(({ x, y }) => Math.hypot(x, y) > 1);
    for (const { x, y } of pegs) {
      expect((Math.atan2(x, -y) * 180) / Math.PI).toBeCloseTo(y < 0 ? 4 : -176, 3);
    }
    expect(pegs.some(({ y }) => Math.abs(-y - 0.3 * scale) < 1e-6)).toBe(true);
  });

  it('puts what stands far ahead past a break that says how far', () => {
    const texts = planOf('two-gates').shapes.flatMap((s) => (s.kind === 'text' ? [s.text] : []));
    expect(texts).toContain('break: 3 m ahead');
    const near = planOf('stepping-pegs').shapes.flatMap((s) => (s.kind === 'text' ? [s.text] : []));
    expect(near.join(' ')).not.toContain('break');
  });

  it('is the mirror image for a left-hander', () => {
    for (const { id } of DRILLS) {
      const [right, left] = [planOf(id, 'right'), planOf(id, 'left')];
      const flip = circles(right.shapes).map(
        ({ x, y }) => `${(-x + 0).toFixed(3)} ${y.toFixed(3)}`,
      );
      const own = circles(left.shapes).map(({ x, y }) => `${(x + 0).toFixed(3)} ${y.toFixed(3)}`);
      expect([id, flip.map((t) => t.replace('-0.000', '0.000'))]).toEqual([
        id,
        own.map((t) => t.replace('-0.000', '0.000')),
      ]);
    }
  });

  it('keeps every label inside its box', () => {
    for (const { id } of DRILLS) {
      for (const hand of ['right', 'left'] as const) {
        const { shapes, box } = planOf(id, hand);
        for (const s of shapes) {
          if (s.kind !== 'text') continue;
          expect(Math.abs(s.x)).toBeLessThanOrEqual(STATION_BOX.width / 2);
          expect(s.y).toBeGreaterThanOrEqual(box[1]);
          expect(s.y).toBeLessThanOrEqual(box[1] + box[3]);
        }
      }
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

describe('the set-up drawn', () => {
  const lines = { feetDeg: 5, hipDeg: null, shoulderDeg: -3, ballCm: -8 };
  it('says what was not seen, and stands on the player’s side', () => {
    const right = setUpPlan({ hand: 'right', ...lines });
    const texts = right.flatMap((s) => (s.kind === 'text' ? [s.text] : []));
    expect(texts).toEqual(['feet 5° R', 'hips: not seen', 'shoulders 3° L']);
    const words = (hand: Hand) =>
      setUpPlan({ hand, ...lines }).flatMap((s) => (s.kind === 'text' ? [Math.sign(s.x)] : []));
    // The words stand where the player does not.
    expect(new Set(words('right'))).toEqual(new Set([1]));
    expect(new Set(words('left'))).toEqual(new Set([-1]));
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
