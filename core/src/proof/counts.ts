/**
 * Did it happen, by the eye: how many balls went to the side that was to be left, before and after. Two equal taps are not two
 * measurements, but six of six left and then one of six is a change, and how surely is known exactly (Boschloo's test).
 */
import { boschlooFewer } from '../maths/fisher.ts';
import type { Share } from '../maths/proportion.ts';
import { RATES } from '../maths/rates.ts';
import type { FlightFact, SeenSide } from '../plan/seen.ts';
import type { Verdict } from './verdict.ts';

/** A flight fact counted in two blocks. */
export interface CountChange {
  readonly figure: FlightFact;
  /** The side that was to be left, positive right or to the toe; 0 where balls went to both. */
  readonly side: -1 | 0 | 1;
  readonly before: Share;
  readonly after: Share;
  /** Whether each ball that went to a side at all is counted, since nobody said how far. */
  readonly isSideOnly: boolean;
  readonly verdict: Verdict;
}

const beyond = ({ below, above, of }: SeenSide, side: -1 | 0 | 1): Share => ({
  had: side < 0 ? below : side > 0 ? above : below + above,
  of,
});

export interface CountedHow {
  /** Whether the second block is still being hit. */
  readonly isOpen?: boolean;
  readonly isSideOnly?: boolean;
}

/** Balls beyond either end of what is as it should be, in two blocks. */
export function judgeCounts(
  figure: FlightFact,
  before: SeenSide,
  after: SeenSide,
  { isOpen = false, isSideOnly = false }: CountedHow = {},
): CountChange | null {
  if (before.of === 0 || after.of === 0) return null;
  const side = before.below > before.above ? -1 : before.above > before.below ? 1 : 0;
  const [b, a] = [beyond(before, side), beyond(after, side)];
  const share = isOpen ? RATES.openShare : 1;
  const isFewer = boschlooFewer(b, a) <= share * RATES.fewer;
  const isMore = boschlooFewer(a, b) <= share * RATES.more;
  const other = (of: SeenSide): Share => beyond(of, side < 0 ? 1 : -1);
  const isOver =
    side !== 0 && boschlooFewer(other(after), other(before)) <= (share * RATES.fewer) / 2;
  const verdict: Verdict = isMore
    ? 'away from plan'
    : !isFewer
      ? 'not yet clear'
      : isOver
        ? 'past it'
        : 'on plan';
  return { figure, side, before: b, after: a, isSideOnly, verdict };
}
