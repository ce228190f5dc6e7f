import { FLIGHT_BOX, chosenFlight, flightPlan, flightsPlan } from './flight-plan.ts';
import { glyph } from './glyph.ts';
import { hatch } from './hatch.ts';
import { impactPlan, PLAN_BOX } from './impact-plan.ts';
import { drawnAngle, faceBar, gapWedge, pathNeedle, startRay } from './marks.ts';
import { polar, polyline } from './shape.ts';
import type { Shape } from './shape.ts';

/** Every number of a path, as points. */
function points(shape: Shape): { x: number; y: number }[] {
  if (shape.kind !== 'path') return [];
  const numbers = (shape.d.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number);
  return Array.from({ length: numbers.length / 2 }, (_, i) => ({
    x: numbers[2 * i]!,
    y: numbers[2 * i + 1]!,
  }));
}
const mirrored = (list: { x: number; y: number }[]) =>
  list.map(({ x, y }) => `${(x === 0 ? 0 : -x).toFixed(1)} ${y.toFixed(1)}`).sort();
const plain = (list: { x: number; y: number }[]) =>
  list.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).sort();

/** The lines of a gap's hatch. */
function hatchLines(pathDeg: number, faceDeg: number) {
  const ends = points(gapWedge(pathDeg, faceDeg, 100, 6)[1]!);
  return Array.from({ length: ends.length / 2 }, (_, i) => {
    const [a, b] = [ends[2 * i]!, ends[2 * i + 1]!];
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    return { dx, dy, length: Math.hypot(dx, dy) };
  });
}

describe('the marks of the slant', () => {
  it('point up the page at 0° and to the right at positive angles', () => {
    expect(polar(0, 10)).toMatchObject({ x: 0, y: -10 });
    expect(polar(90, 10).x).toBeCloseTo(10, 12);
    expect(polar(30, 10).x).toBeCloseTo(5, 12);
  });

  it('the needle’s sharp end is where the path goes', () => {
    const [, tip] = points(pathNeedle(20, 50, 60, 8));
    expect(tip!.x).toBeCloseTo(60 * Math.sin(Math.PI / 9), 1);
    expect(tip!.y).toBeCloseTo(-60 * Math.cos(Math.PI / 9), 1);
  });

  it('the face bar is square to where the face points', () => {
    const corners = points(faceBar(15, 40, 10));
    const [first, second] = [corners[0]!, corners[4]!];
    const slope = (Math.atan2(second.y - first.y, second.x - first.x) * 180) / Math.PI;
    expect(slope).toBeCloseTo(15, 1);
  });

  it('the hatch of the gap leans to the side the ball bends', () => {
    const lean = (pathDeg: number, faceDeg: number): number => {
      const longest = hatchLines(pathDeg, faceDeg).sort((p, q) => q.length - p.length)[0]!;
      return longest.dx * -longest.dy;
    };
    // Rising to the right for a face open to the path, to the left for one closed to it.
    expect(lean(-10, 10)).toBeGreaterThan(0);
    expect(lean(10, -10)).toBeLessThan(0);
    expect(gapWedge(5, 5.2, 100, 6)).toEqual([]);
  });

  it('more gap is more hatch', () => {
    const length = (gap: number): number =>
      hatchLines(0, gap).reduce((sum, line) => sum + line.length, 0);
    expect(length(20)).toBeGreaterThan(length(8));
  });

  it('steep angles stop short of turning over', () => {
    expect(drawnAngle(60, 3)).toBe(75);
    expect(drawnAngle(-60, 3)).toBe(-75);
  });

  it('the start is a dotted ray', () => {
    expect(startRay(0, 100, 3)).toMatchObject({ kind: 'path', dash: expect.any(String) });
  });
});

describe('the hatch', () => {
  const square = [
    { x: 0, y: 0 },
    { x: 10, y: 0 },
    { x: 10, y: 10 },
    { x: 0, y: 10 },
  ];
  it('stays inside its outline', () => {
    const d = hatch(square, 40, 2);
    const all = points({ kind: 'path', d });
    expect(all.length).toBeGreaterThan(6);
    for (const { x, y } of all) {
      expect(x).toBeGreaterThanOrEqual(-0.01);
      expect(x).toBeLessThanOrEqual(10.01);
      expect(y).toBeGreaterThanOrEqual(-0.01);
      expect(y).toBeLessThanOrEqual(10.01);
    }
  });

  it('of nothing is nothing', () => {
    expect(hatch([], 30, 2)).toBe('');
    expect(polyline([])).toBe('');
  });
});

describe('glyph and plan', () => {
  const angles = { faceAngleDeg: 2, clubPathDeg: -4, startDirectionDeg: 1 };
  const opposite = { faceAngleDeg: -2, clubPathDeg: 4, startDirectionDeg: -1 };

  it('mirror when every angle does', () => {
    const [one, other] = [glyph(angles), glyph(opposite)].map((shapes) =>
      shapes.filter((s) => s.kind === 'path' && s.stroke !== 'look').flatMap(points),
    );
    expect(mirrored(one!)).toEqual(plain(other!));
  });

  it('show the start alone where face and path are not known', () => {
    const shapes = glyph({ faceAngleDeg: null, clubPathDeg: null, startDirectionDeg: 3 });
    expect(shapes.some((s) => s.kind === 'path' && s.fill === 'face')).toBe(false);
    expect(shapes.some((s) => s.kind === 'path' && s.dash !== undefined)).toBe(true);
  });

  it('stand a right-hander left of the ball and a left-hander right of it', () => {
    const feet = (hand: 'right' | 'left') =>
      impactPlan({ hand, ...angles }, 'letters')
        .filter((s) => s.kind === 'path' && s.fill === 'faint')
        .flatMap(points);
    expect(Math.max(...feet('right').map((p) => p.x))).toBeLessThan(0);
    expect(Math.min(...feet('left').map((p) => p.x))).toBeGreaterThan(0);
  });

  it('name every mark with its figure and side', () => {
    const texts = impactPlan({ hand: 'right', ...angles }, 'letters').flatMap((s) =>
      s.kind === 'text' ? [s.text] : [],
    );
    expect(texts).toEqual(['path 4.0° L', 'face 2.0° R', 'start 1.0° R']);
  });

  it('keep every label inside the box, however far the angles go', () => {
    for (const big of [-40, 40]) {
      const shapes = impactPlan(
        { hand: 'left', faceAngleDeg: big, clubPathDeg: -big, startDirectionDeg: big },
        'signed',
      );
      for (const s of shapes) {
        if (s.kind !== 'text') continue;
        expect(Math.abs(s.x)).toBeLessThanOrEqual(PLAN_BOX.halfWidth);
        expect(s.y).toBeGreaterThanOrEqual(-PLAN_BOX.ahead);
        expect(s.y).toBeLessThanOrEqual(PLAN_BOX.behind);
      }
    }
  });
});

describe('the flight from above', () => {
  const flight = (ballId: string, carryM: number, offlineM: number) => ({
    ballId,
    carryM,
    offlineM,
    track: [
      { alongM: 0, rightM: 0 },
      { alongM: carryM, rightM: offlineM },
    ],
  });

  it('has one scale both ways and keeps every ball in the picture', () => {
    const { shapes, scale } = flightPlan([flight('a', 200, 40), flight('b', 150, -60)], 'a', 'm');
    const rings = shapes.filter((s) => s.kind === 'circle' && s.ballId !== undefined);
    // The one looked at lies over all, once more and in full ink.
    expect(rings.map((s) => (s.kind === 'circle' ? [s.ballId, s.x, s.y, s.stroke] : []))).toEqual([
      ['a', 40 * scale, -200 * scale, 'faint'],
      ['b', -60 * scale, -150 * scale, 'faint'],
      ['a', 40 * scale, -200 * scale, 'ink'],
    ]);
    for (const s of rings)
      if (s.kind === 'circle') expect(Math.abs(s.x)).toBeLessThan(FLIGHT_BOX.width / 2);
  });

  it('rules the distance in the coach’s unit', () => {
    const labels = (unit: 'yd' | 'm') =>
      flightPlan([flight('a', 180, 0)], null, unit).shapes.flatMap((s) =>
        s.kind === 'text' ? [s.text] : [],
      );
    expect(labels('yd').at(-1)).toBe('150 yd');
    expect(labels('m').at(-1)).toBe('150 m');
  });

  it('keeps its scale, whichever is looked at, and takes any number of them', () => {
    const many = Array.from({ length: 200_000 }, (_, n) => flight(String(n), 100, (n % 7) - 3));
    const { scale, shapes } = flightsPlan(many, 'm', { counted: many });
    expect(scale).toBeGreaterThan(0);
    expect(shapes.length).toBeGreaterThan(400_000);
    const over = chosenFlight(flight('7', 100, 3), scale);
    expect(over.map((shape) => 'stroke' in shape && shape.stroke)).toEqual(['ink', 'ink']);
  });

  it('draws an empty range without a ball', () => {
    expect(flightPlan([], null, 'm').shapes.length).toBeGreaterThan(1);
  });
});
