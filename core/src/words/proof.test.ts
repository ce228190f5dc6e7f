import { judgeCounts } from '../proof/counts.ts';
import { judgeBlocks } from '../proof/judge.ts';
import type { BlockVerdict } from '../proof/judge.ts';
import type { ProofBall } from '../reading/figure.ts';
import { wordingOf } from '../testing/lessons.ts';
import { judgementWords } from './proof.ts';

const w = wordingOf('right');
/** Ten balls of a middle, a few tenths to each side of it. */
const at = (path: number, faceToPath: number): ProofBall[] =>
  Array.from({ length: 10 }, (_, n) => ({
    clubPathDeg: path + (n % 5) / 5 - 0.4,
    faceToPathDeg: faceToPath + (n % 4) / 4 - 0.4,
  }));
const OF_PATH = {
  figures: ['clubPathDeg', 'faceToPathDeg'],
  wanted: { clubPathDeg: 0, faceToPathDeg: 0 },
} as const;

describe('a judgement aloud', () => {
  it('says of the second figure that it is so too, only where the first is good', () => {
    const both = judgementWords(judgeBlocks(at(-6, 6), at(-2.2, 2.2), OF_PATH), w);
    expect(both).toMatch(/^On plan: path 6° → 2° out-to-in\. Face to path .*: on plan too\./);
    const worse = judgementWords(judgeBlocks(at(-3, 6), at(-6, 3), OF_PATH), w);
    expect(worse).toMatch(/^The wrong way: path 3° → 6° out-to-in\. Face to path .*: on plan\./);
  });

  it('counts by the eye what went too far, and says of the second count what became of it', () => {
    const side = (above: number, of = 9) => ({ below: 0, above, of });
    const start = judgeCounts('startDirectionDeg', side(2), side(0))!;
    const bend = judgeCounts('curveM', side(8), side(0))!;
    const judged = { counts: [start, bend], named: [], others: [], isSteadied: false };
    const words = judgementWords(
      { ...judged, verdict: start.verdict } as unknown as BlockVerdict,
      w,
    );
    expect(words).toBe(
      'Can’t tell yet: 2 of 9 started too far right, then none. 8 of 9 bent too far right, then none: on plan.',
    );
  });
});
