import { gaussian, seededRandom } from '../maths/random.ts';
import { mean } from '../maths/statistics.ts';
import { tries } from '../testing/players.ts';
import { CHART_DEFAULTS, ewmaChart, limitAfter, limitsFor, runLengthOf } from './control-chart.ts';

describe('the moving average', () => {
  it('is that of the handbook’s worked example', () => {
    // NIST/SEMATECH e-Handbook §6.3.2.4: target 50, standard deviation 2.0539, weight 0.3, limits 3 (from memory).
    const values = [
      52, 47, 53, 49.3, 50.1, 47, 51, 50.1, 51.2, 50.5, 49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6,
      52.4, 53.6, 52.1,
    ];
    const printed = [
      50.6, 49.52, 50.56, 50.18, 50.16, 49.21, 49.75, 49.85, 50.26, 50.33, 50.11, 49.36, 49.52,
      50.05, 49.38, 49.92, 50.73, 51.23, 51.94, 51.99,
    ];
    const sd = 2.0539;
    const chart = ewmaChart(
      values.map((value) => (value - 50) / sd),
      3,
      { weight: 0.3 },
    );
    chart.forEach(({ average }, n) => expect(50 + sd * average).toBeCloseTo(printed[n]!, 1));
    expect(50 + sd * limitAfter(100, 3, 0.3)).toBeCloseTo(52.5884, 3);
    expect(chart.every(({ signal }) => signal === 0)).toBe(true);
  });

  it('says to which side it has left its band', () => {
    const up = ewmaChart([0, 3, 3, 3], 2.7);
    expect(up[0]!.signal).toBe(0);
    expect(up.at(-1)!.signal).toBe(1);
    expect(ewmaChart([0, -3, -3, -3], 2.7).at(-1)!.signal).toBe(-1);
  });
});

describe('its run length', () => {
  // Lucas & Saccucci 1990, Technometrics 32:1, table of average run lengths (from memory).
  it.each([
    [0.4, 3.054, [500, 224, 71.2, 28.4, 14.3]],
    [0.25, 2.998, [500, 170, 48.2, 20.1, 11.1]],
    [0.2, 2.962, [500, 150, 41.8, 18.2, 10.5]],
    [0.1, 2.814, [500, 106, 31.3, 15.9, 10.3]],
    [0.05, 2.615, [500, 84.1, 28.8, 16.4, 11.4]],
  ])('is that of the published table: weight %p, limits %p', (weight, limits, lengths) => {
    lengths.forEach((length, n) => {
      const found = runLengthOf(limits, weight, n / 4);
      expect(Math.abs(found / length - 1)).toBeLessThan(0.02);
    });
  });

  it('is the one asked for, and the steady player’s chart sounds about as often', () => {
    const limits = limitsFor();
    expect(runLengthOf(limits, CHART_DEFAULTS.weight)).toBeCloseTo(CHART_DEFAULTS.runLength, 3);
    const random = seededRandom(11);
    const lengths = Array.from({ length: tries(300, 4000) }, () => {
      const values = Array.from({ length: 1500 }, () => gaussian(random));
      const at = ewmaChart(values, limits).findIndex(({ signal }) => signal !== 0);
      return at < 0 ? 1500 : at + 1;
    });
    // The band is narrower at first, which the steady figure does not know: it sounds a little sooner.
    expect(mean(lengths)).toBeGreaterThan(80);
    expect(mean(lengths)).toBeLessThan(115);
  });
});
