/** Whose balls a file holds, of which hand and on which day: each part is given to a lesson of its own. */
import type { Hand } from '../line/hand.ts';
import type { Draft } from './row.ts';
import { nameKey, plainText, recogniseSide } from './vocabulary.ts';

export interface FilePart {
  /** What the part is known by among the file's. */
  readonly key: string;
  /** As the file writes it; empty where it says none. */
  readonly player: string;
  /** Null where the file says none. */
  readonly hand: Hand | null;
  /** The day as the file writes it; empty where it says none. */
  readonly day: string;
  readonly ballCount: number;
}

const DAY =
  /\d{4}\s*[-./年]\s*\d{1,2}\s*[-./月]\s*\d{1,2}日?|\d{1,2}[-./]\d{1,2}[-./]\d{2,4}|\d{1,2}\.? \p{L}{3,9}\.?,? \d{4}|\p{L}{3,9}\.? \d{1,2},? \d{4}/u;

/** The day in a time as a file writes it, or nothing. */
export const dayIn = (hitAt: string | null): string =>
  hitAt === null ? '' : (DAY.exec(hitAt)?.[0] ?? '').trim();

const RIGHT = /^(?:r|rh|rhd|right|recht|droit|diestr|hoger|höger|右|우|오른)/i;
const LEFT = /^(?:l|lh|lhd|left|link|gauch|zurd|vanster|vänster|左|좌|왼)/i;

/** The hand a text means: `R`, `LH`, `left-handed`, `Linkshänder`; null where it says none. */
export function handIn(text: string): Hand | null {
  const side = recogniseSide(text, 'English');
  if (side === 'right' || side === 'left') return side;
  const plain = plainText(text);
  if (RIGHT.test(plain)) return 'right';
  return LEFT.test(plain) ? 'left' : null;
}

/** The part of a player, a hand and a day. */
function partOf(player: string, hand: string, day: string): Omit<FilePart, 'ballCount'> {
  const side = hand === '' ? null : handIn(hand);
  // A hand that cannot be made out is a part of its own: it is not taken for another's.
  return { key: `${nameKey(player)}|${side ?? nameKey(hand)}|${day}`, player, hand: side, day };
}

/** The parts of a file in the order they begin. */
export function partsOf(drafts: readonly Draft[]): { parts: FilePart[]; keys: string[] } {
  const parts = new Map<string, { part: Omit<FilePart, 'ballCount'>; count: number }>();
  let last = partOf('', '', '');
  let of: Pick<Draft, 'player' | 'hand'> | null = null;
  const keys = drafts.map((draft) => {
    const { player, hand } = draft;
    const hitAt = draft.ball.hitAt ?? '';
    // Balls of one part mostly come one after the other.
    const isSame =
      of !== null &&
      player === of.player &&
      hand === of.hand &&
      (last.day === '' ? hitAt === '' : hitAt.startsWith(last.day));
    if (!isSame) last = partOf(player, hand, dayIn(hitAt === '' ? null : hitAt));
    of = draft;
    const known = parts.get(last.key);
    if (known === undefined) parts.set(last.key, { part: last, count: 1 });
    else known.count += 1;
    return last.key;
  });
  const list = [...parts.values()].map(({ part, count }) => ({ ...part, ballCount: count }));
  return { parts: list, keys };
}

/** Whether a name in a file may be a player's: they share a word. */
export function mayBe(name: string, player: string): boolean {
  const words = (text: string): string[] =>
    plainText(text)
      .split(/[\s,.;_-]+/)
      .map(nameKey)
      .filter((word) => word.length > 1);
  const known = new Set(words(player));
  const own = words(name);
  return (
    own.length === 0 || own.some((word) => known.has(word)) || nameKey(name) === nameKey(player)
  );
}

export const partWords = ({ player, hand, day }: Omit<FilePart, 'key' | 'ballCount'>): string =>
  [player, hand === null ? '' : `${hand}-handed`, day].filter((text) => text !== '').join(', ') ||
  'no name';
