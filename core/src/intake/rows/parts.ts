/** Whose balls a file holds, of which hand and on which day: each part is given to a lesson of its own. */
import { dayIn, dayOrderOf, isUniversal, isoOf, momentIn } from '../day.ts';
import type { DayOrder } from '../day.ts';
import type { Hand } from '../../line/hand.ts';
import type { Draft } from './row.ts';
import { nameKey, plainText, recogniseSide } from '../columns/vocabulary.ts';

export interface FilePart {
  /** What the part is known by among the file's. */
  readonly key: string;
  /** As the file writes it; empty where it says none. */
  readonly player: string;
  /** Null where the file says none. */
  readonly hand: Hand | null;
  /** The day as the file writes it; empty where it says none. */
  readonly day: string;
  /** When it begins: `2026-04-03`, with time and zone as far as the file says them; null where it does not. */
  readonly startsAt: string | null;
  readonly ballCount: number;
}

const RIGHT = /^(?:r|rh|rhd|right|recht|droit|diestr|hoger|höger|右|우|오른)/i;
const LEFT = /^(?:l|lh|lhd|left|link|gauch|zurd|vanster|vänster|左|좌|왼)/i;

/** Returns the hand a text means: `R`, `LH`, `left-handed`, `Linkshänder`; null where it says none. */
export function handIn(text: string): Hand | null {
  const side = recogniseSide(text, 'English');
  if (side === 'right' || side === 'left') return side;
  const plain = plainText(text);
  if (RIGHT.test(plain)) return 'right';
  return LEFT.test(plain) ? 'left' : null;
}

/** Balls one after the other of one player, hand and day. */
interface Lap {
  readonly who: string;
  readonly hand: Hand | null;
  readonly day: string;
  readonly first: Draft;
  last: Draft;
  count: number;
}

/** When a ball was hit: what stands above it goes before what its row says, where that is a time alone. */
const whenOf = ({ ball: { hitAt }, standingAt }: Draft): string =>
  hitAt === null || hitAt === standingAt || standingAt === '' || dayIn(hitAt) !== ''
    ? (hitAt ?? '')
    : `${standingAt} ${hitAt}`;

/** Returns the laps of a file, and which of them each ball is of. */
function lapsOf(drafts: readonly Draft[]): { laps: Lap[]; lapOf: number[] } {
  const laps: Lap[] = [];
  const lapOf = drafts.map((draft) => {
    const lap = laps.at(-1);
    // Balls of one lap mostly come one after the other.
    if (lap !== undefined && isOn(lap, draft)) {
      lap.count += 1;
      lap.last = draft;
    } else {
      const hand = draft.hand === '' ? null : handIn(draft.hand);
      // A hand that cannot be made out is a part of its own: it is not taken for another's.
      const who = `${nameKey(draft.player)}|${hand ?? nameKey(draft.hand)}`;
      laps.push({ who, hand, day: dayIn(whenOf(draft)), first: draft, last: draft, count: 1 });
    }
    return laps.length - 1;
  });
  return { laps, lapOf };
}

function isOn({ last, day }: Lap, draft: Draft): boolean {
  if (draft.player !== last.player || draft.hand !== last.hand) return false;
  const { hitAt } = draft.ball;
  if (hitAt === last.ball.hitAt && draft.standingAt === last.standingAt) return true;
  if (hitAt !== null && isUniversal(hitAt)) return isSoon(last.ball.hitAt ?? '', hitAt);
  return (day !== '' && hitAt?.startsWith(day) === true) || dayIn(whenOf(draft)) === day;
}

/** Balls so near to each other are of one session. */
const SESSION_GAP_MS = 3 * 60 * 60 * 1000;

/** Returns whether a ball was hit within a session's time of another, where both say when in universal time. */
function isSoon(before: string, after: string): boolean {
  if (!isUniversal(before)) return false;
  const [a, b] = [momentIn(before, null), momentIn(after, null)];
  if (a === null || b === null) return false;
  return Math.abs(Date.parse(b) - Date.parse(a)) < SESSION_GAP_MS;
}

export interface FoundParts {
  /** In the order they begin. */
  readonly parts: FilePart[];
  /** Of each draft, the key of its part. */
  readonly keys: string[];
  /** A day that could be either way round, and matters; null where there is none. */
  readonly unclear: string | null;
}

/** Returns the parts of a file; `order` is what stands first in its days where somebody said it. */
export function partsOf(drafts: readonly Draft[], language: string, order?: DayOrder): FoundParts {
  const { laps, lapOf } = lapsOf(drafts);
  const days = new Set(laps.map(({ day }) => day).filter((day) => day !== ''));
  const known = order ?? dayOrderOf(days, language);
  const parts = new Map<string, FilePart & { ballCount: number }>();
  const keyOf = new Map<string, string>();
  const last = new Map<string, { readonly key: string; readonly at: string }>();
  const keys = laps.map(({ who, hand, count, ...lap }) => {
    const firstAt = whenOf(lap.first);
    const before = last.get(who);
    // By a clock in another zone midnight lies anywhere: what tells its days apart is the time between.
    const day = isUniversal(firstAt) ? firstAt : lap.day;
    const same = `${who}|${isUniversal(firstAt) ? firstAt : (isoOf(day, known) ?? day)}`;
    const isSession = before !== undefined && isSoon(before.at, firstAt);
    const key = isSession ? before.key : (keyOf.get(same) ?? `${who}|${day}`);
    keyOf.set(same, key);
    last.set(who, { key, at: whenOf(lap.last) });
    const { player } = lap.first;
    const startsAt = momentIn(firstAt, known);
    const part = parts.get(key);
    if (part === undefined) parts.set(key, { key, player, hand, day, startsAt, ballCount: count });
    else part.ballCount += count;
    return key;
  });
  return {
    parts: [...parts.values()],
    keys: lapOf.map((lap) => keys[lap]!),
    unclear: known === null ? ([...days].find((day) => isoOf(day, null) === null) ?? null) : null,
  };
}

/** Returns whether a name in a file may be a player's: they share a word. */
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

export const partWords = ({
  player,
  hand,
  day,
}: Pick<FilePart, 'player' | 'hand' | 'day'>): string =>
  [player, hand === null ? '' : `${hand}-handed`, day].filter((text) => text !== '').join(', ') ||
  'no name';
