import type { RecordChart } from './record-chart.ts';
import { RECORD_CHART_BOX, recordChart } from './record-chart.ts';
import type { Shape } from './shape.ts';

const CHART: RecordChart = {
  figure: 'faceToPathDeg',
  hand: 'right',
  unit: 'm',
  points: [
    { at: '2026-01-05T10:00:00.000Z', middle: 5, half95: 1 },
    { at: '2026-02-09T10:00:00.000Z', middle: 4, half95: 1 },
    { at: '2026-04-06T10:00:00.000Z', middle: 1, half95: 0.5 },
  ],
  levels: [
    { from: 0, to: 2, value: 4.5 },
    { from: 2, to: 3, value: 1 },
  ],
  target: { wanted: 0, window: 1 },
};
const texts = (shapes: readonly Shape[]): string[] =>
  shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : []));
const dots = (shapes: readonly Shape[]) =>
  shapes.flatMap((shape) => (shape.kind === 'circle' ? [shape] : []));

describe('the picture of a record', () => {
  it('has a dot a visit, later to the right, more above less, all within the picture', () => {
    const [first, second, third] = dots(recordChart(CHART));
    expect(first!.x).toBeLessThan(second!.x);
    expect(second!.x).toBeLessThan(third!.x);
    // Time is to scale: eight weeks are more than five.
    expect(third!.x - second!.x).toBeGreaterThan(1.5 * (second!.x - first!.x));
    expect(first!.y).toBeLessThan(third!.y);
    const [, , wide, tall] = RECORD_CHART_BOX;
    for (const { x, y } of dots(recordChart(CHART))) {
      expect(x).toBeGreaterThan(0);
      expect(x).toBeLessThan(wide);
      expect(y).toBeGreaterThan(0);
      expect(y).toBeLessThan(tall);
    }
  });

  it('names sides by the hand, and the months', () => {
    expect(texts(recordChart(CHART))).toEqual(expect.arrayContaining(['2° open', 'Mar 26']));
    expect(texts(recordChart({ ...CHART, hand: 'left' }))).toEqual(
      expect.arrayContaining(['2° closed']),
    );
  });

  it('writes lengths in the player’s unit', () => {
    const points = CHART.points.map((point) => ({ ...point, middle: 9.144, half95: 1 }));
    const lengths = { ...CHART, figure: 'offlineM' as const, points, levels: [], target: null };
    expect(texts(recordChart({ ...lengths, unit: 'yd' }))).toEqual(
      expect.arrayContaining(['10 yd right']),
    );
  });

  it('marks what changed beside the player, and draws a lane only where something is wanted', () => {
    const marks = [{ at: CHART.points[1]!.at, text: 'another source' }];
    expect(texts(recordChart({ ...CHART, marks }))).toContain('another source');
    const lanes = (chart: RecordChart) =>
      recordChart(chart).filter((shape) => shape.kind === 'path' && shape.fill === 'path');
    expect(lanes(CHART)).toHaveLength(1);
    expect(lanes({ ...CHART, target: null })).toHaveLength(0);
  });

  it('of spreads names no side, and begins at nothing', () => {
    const spread = recordChart({ ...CHART, levels: [], target: null, isSpread: true });
    expect(texts(spread)).toEqual(expect.arrayContaining(['0°', '2°']));
    expect(texts(spread).join(' ')).not.toMatch(/open|closed/);
  });

  it('is nothing of one visit', () => {
    expect(recordChart({ ...CHART, points: CHART.points.slice(0, 1), levels: [] })).toEqual([]);
  });
});
