import { powerOf, powerTable } from './power-table.ts';

describe('powers by table', () => {
  it.each([0.4, 1 / 7, 0.5, 1, 2])('are those of the language, for the exponent %d', (exponent) => {
    const table = powerTable(exponent);
    for (let x = 0.03; x <= 1; x += 0.000_37) {
      const true_ = x ** exponent;
      expect(Math.abs(powerOf(x, exponent, table) - true_) / true_).toBeLessThan(1e-8);
    }
  });

  it('fit together at the ends of their cells', () => {
    const table = powerTable(0.4);
    for (let cell = 40; cell < 1024; cell++) {
      const at = cell / 1024;
      expect(powerOf(at - 1e-13, 0.4, table)).toBeCloseTo(powerOf(at, 0.4, table), 9);
    }
  });

  it('are taken outside the table too', () => {
    const table = powerTable(0.4);
    for (const x of [0, 1e-9, 0.005, 1.5, 40]) expect(powerOf(x, 0.4, table)).toBe(x ** 0.4);
  });
});
