import { laneExtent, lanePlan, scatterEllipse } from './lane-plan.ts';
import type { LaneCloud } from './lane-plan.ts';

const LANE = { finishM: 0, halfWidthM: 10, startDeg: 0 };
const cloud = (look: LaneCloud['look'], offlines: readonly number[], carryM = 150): LaneCloud => ({
  look,
  landings: offlines.map((offlineM, i) => ({ carryM: carryM + i, offlineM })),
});
const SIZE = { width: 200, height: 300 };

describe('landings on their lane', () => {
  const clouds = [cloud('earlier', [-20, -18, -22]), cloud('later', [-2, 1, 2])];

  it('have one scale both ways, and everything within the picture', () => {
    for (const withFlight of [true, false]) {
      const extent = laneExtent(clouds, LANE, withFlight);
      const plan = lanePlan(clouds, LANE, extent, SIZE, 'm');
      const rings = plan.shapes.flatMap((s) => (s.kind === 'circle' && s.r < 4 ? [s] : []));
      expect(rings).toHaveLength(6);
      const [first] = rings;
      expect(first!.x / plan.scale).toBeCloseTo(-20, 6);
      expect(-first!.y / plan.scale + extent.nearM).toBeCloseTo(150, 6);
      const [left, top, width, height] = plan.box;
      for (const { x, y } of rings) {
        expect(x).toBeGreaterThan(left);
        expect(x).toBeLessThan(left + width);
        expect(y).toBeGreaterThan(top);
        expect(y).toBeLessThanOrEqual(top + height);
      }
    }
  });

  it('tell earlier from later without colour', () => {
    const plan = lanePlan(clouds, LANE, laneExtent(clouds, LANE, false), SIZE, 'm');
    const rings = plan.shapes.flatMap((s) => (s.kind === 'circle' ? [s.fill] : []));
    expect(rings).toEqual(['paper', 'paper', 'paper', 'ink', 'ink', 'ink']);
    const dashed = plan.shapes.filter((s) => s.kind === 'path' && s.dash !== undefined);
    expect(dashed).toHaveLength(1);
  });

  it('are on a ruler in the unit asked for', () => {
    const plan = lanePlan(clouds, LANE, laneExtent(clouds, LANE, true), SIZE, 'yd');
    const marks = plan.shapes.flatMap((s) => (s.kind === 'text' ? [s] : []));
    const mark = marks.find(({ text }) => text === '100 yd')!;
    expect((-mark.y - 3) / plan.scale).toBeCloseTo(91.44, 1);
  });
});

describe('the ellipse of a scatter', () => {
  it('is 1.5 standard deviations long each way, about the middle', () => {
    // Hand-made: x spread of standard deviation 2, y of 1, uncorrelated, middle (5, −3).
    const points = [
      [2, 0],
      [-2, 0],
      [0, 1],
      [0, -1],
    ].map(([x, y]) => ({ x: 5 + x! * Math.sqrt(1.5), y: -3 + y! * Math.sqrt(1.5) }));
    const ellipse = scatterEllipse(points)!;
    const wide = Math.max(...ellipse.map(({ x }) => x)) - 5;
    const tall = Math.max(...ellipse.map(({ y }) => y)) + 3;
    expect(wide).toBeCloseTo(1.5 * 2, 6);
    expect(tall).toBeCloseTo(1.5 * 1, 6);
  });

  it('needs three balls', () => {
    expect(scatterEllipse([{ x: 0, y: 0 }])).toBeNull();
  });
});
