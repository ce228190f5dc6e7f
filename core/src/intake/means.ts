/** Rows whose figures are the mean of the rows above them, without a word that says so. */
import { BALL_QUANTITIES } from './quantities.ts';
import type { Draft } from './row.ts';

export const MEAN_DEFAULTS = {
  /** So many rows at least are summed up. */
  rows: 4,
  /** So many figures at least must be their mean, */
  figures: 5,
  /** to this share of their scatter: the rounding of the figures. */
  shareOfSd: 0.08,
} as const;

/** Running sums of the rows of one club, one after the other. */
class Run {
  count = 0;
  private readonly sums = new Float64Array(BALL_QUANTITIES.length);
  private readonly squares = new Float64Array(BALL_QUANTITIES.length);
  private readonly counts = new Int32Array(BALL_QUANTITIES.length);

  add({ ball }: Draft): void {
    this.count += 1;
    BALL_QUANTITIES.forEach((quantity, i) => {
      const value = ball[quantity];
      if (value === null) return;
      this.sums[i]! += value;
      this.squares[i]! += value * value;
      this.counts[i]! += 1;
    });
  }

  /** Whether a row is the mean of all so far, in every figure that scatters. */
  isMean({ ball }: Draft): boolean {
    if (this.count < MEAN_DEFAULTS.rows) return false;
    let alike = 0;
    for (let i = 0; i < BALL_QUANTITIES.length; i++) {
      const value = ball[BALL_QUANTITIES[i]!];
      const n = this.counts[i]!;
      if (value === null || n < this.count) continue;
      const mean = this.sums[i]! / n;
      const sd = Math.sqrt(Math.max(0, this.squares[i]! / n - mean * mean));
      if (sd <= 1e-9 * Math.max(1, Math.abs(mean))) continue;
      if (Math.abs(value - mean) > MEAN_DEFAULTS.shareOfSd * sd) return false;
      alike += 1;
    }
    return alike >= MEAN_DEFAULTS.figures;
  }
}

/** Places of drafts that are the mean of those above them: of all since the last such row, or of their club's. */
export function meansAmong(drafts: readonly Draft[]): ReadonlySet<number> {
  const found = new Set<number>();
  const all = new Run();
  let own = new Run();
  let club: string | null = null;
  drafts.forEach((draft, at) => {
    const { clubText } = draft.ball;
    const isNext = clubText !== club;
    if (all.isMean(draft) || own.isMean(draft)) {
      found.add(at);
      [own, club] = [new Run(), null];
      return;
    }
    if (isNext) [own, club] = [new Run(), clubText];
    all.add(draft);
    own.add(draft);
  });
  return found;
}
