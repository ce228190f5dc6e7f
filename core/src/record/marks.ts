/** What changed at a visit beside the player: the club hit most, or what wrote the figures down. */
import { commonest } from '../maths/commonest.ts';
import type { PlayerRecord } from './player-record.ts';

export interface VisitMark {
  readonly lessonId: string;
  readonly at: string;
  /** The new club, where that changed; null where only the source did. */
  readonly club: string | null;
  readonly isSource: boolean;
}

/** Returns the visits at which something changed, the oldest first; a source nobody named is no change. */
export function visitMarks(visits: PlayerRecord['visits']): VisitMark[] {
  let known: string | null = null;
  return visits.flatMap(({ lessonId, at, club, source }, n) => {
    const before = visits[n - 1];
    const isClub = before !== undefined && before.club !== club;
    const isSource = source !== null && known !== null && source !== known;
    known = source ?? known;
    return isClub || isSource ? [{ lessonId, at, club: isClub ? club : null, isSource }] : [];
  });
}

/** Returns whether most visits of a record's two periods were written down by other sources: what differs between them may be that. */
export function sourcesDiffer({
  periods,
  visits,
}: Pick<PlayerRecord, 'periods' | 'visits'>): boolean {
  const [before, after] = periods.map(
    ({ from, to }) =>
      commonest(visits.slice(from, to).flatMap(({ source }) => source ?? []))?.value,
  );
  return before !== undefined && after !== undefined && before !== after;
}
