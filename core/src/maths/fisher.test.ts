import { boschlooFewer, fisherFewer } from './fisher.ts';
import { seededRandom } from './random.ts';

describe('Fisher’s exact test', () => {
  it('is that of the lady tasting tea: 3 of 4 right by chance 17 times in 70 (Fisher 1935)', () => {
    // Cups with milk first called so: 3 of 4; of the others 1 of 4.
    expect(fisherFewer({ had: 3, of: 4 }, { had: 1, of: 4 })).toBeCloseTo(17 / 70, 12);
    expect(fisherFewer({ had: 4, of: 4 }, { had: 0, of: 4 })).toBeCloseTo(1 / 70, 12);
  });

  // Siegel, Nonparametric Statistics (1956), table I, A + B = 6 and C + D = 6 (from memory): critical values of D for B = 6 are
  // 2 at 0.05, 1 at 0.01 (exact 0.0152 and above), 0 at 0.005.
  it('agrees with the published critical values of two rows of six', () => {
    const p = (d: number): number => fisherFewer({ had: 6, of: 6 }, { had: d, of: 6 });
    expect(p(2)).toBeLessThanOrEqual(0.05);
    expect(p(3)).toBeGreaterThan(0.05);
    expect(p(1)).toBeLessThanOrEqual(0.01);
    expect(p(0)).toBeLessThanOrEqual(0.005);
  });

  it('is 1 where all that could be is as many', () => {
    expect(fisherFewer({ had: 0, of: 5 }, { had: 5, of: 5 })).toBeCloseTo(1, 12);
    expect(fisherFewer({ had: 0, of: 0 }, { had: 0, of: 3 })).toBeCloseTo(1, 12);
  });
});

describe('Boschloo’s test', () => {
  it('finds no less than Fisher’s', () => {
    for (const [b, a, n, m] of [
      [6, 1, 6, 6],
      [5, 1, 6, 6],
      [7, 3, 8, 10],
      [4, 0, 4, 8],
    ] as const)
      expect(boschlooFewer({ had: b, of: n }, { had: a, of: m })).toBeLessThanOrEqual(
        fisherFewer({ had: b, of: n }, { had: a, of: m }) + 1e-12,
      );
  });

  it('is wrong no more often than it says, whatever the share', () => {
    const random = seededRandom(6);
    for (const share of [0.2, 0.5, 0.8]) {
      const draw = (of: number) => ({
        had: Array.from({ length: of }, random).filter((u) => u < share).length,
        of,
      });
      const known = new Map<number, number>();
      const p = (before: number, after: number): number => {
        const key = 9 * before + after;
        const found =
          known.get(key) ?? boschlooFewer({ had: before, of: 8 }, { had: after, of: 8 });
        known.set(key, found);
        return found;
      };
      let wrong = 0;
      for (let i = 0; i < 1500; i++) if (p(draw(8).had, draw(8).had) <= 0.05) wrong += 1;
      expect(wrong / 1500).toBeLessThanOrEqual(0.05 + 2.6 * Math.sqrt(0.0475 / 1500));
    }
  });
});
