/** Club texts as launch files write them. Words are the trade's, in a few languages; no product's name. */
import { findClub } from './club.ts';
import type { Club } from './club.ts';

const NAMED: readonly (readonly [RegExp, string])[] = [
  [/^(d|dr|drv|drive|driver|1w|1wood|w1|treiber)$/, 'driver'],
  [/^(p|pw|pitch|pitching|pitchingwedge)$/, 'pw'],
  [/^(a|aw|g|gw|u|uw|gap|approach|gapwedge|approachwedge)$/, 'gw'],
  [/^(s|sw|sand|sandwedge)$/, 'sw'],
  [/^(l|lw|lob|lobwedge)$/, 'lw'],
];
const KINDS: readonly (readonly [string, RegExp])[] = [
  ['wood', /^(w|wd|wood|woods|fairway|fw|fairwaywood|holz|bois|madera)$/],
  ['hybrid', /^(h|hy|hyb|hybrid|utility|ut)$/],
  ['iron', /^(i|ir|iron|irons|eisen|fer|hierro)$/],
];
const WEDGE = /^(w|wedge|wedges)$/;
/** Words that say what a club is made of, or how it is set, not which it is. */
const NOISE =
  /^(steel|graphite|left|right|lh|rh|stiff|regular|senior|ladies|deg|degrees|club|no|nr)$/;

/** Lofts, degrees, that name a wedge: from the first, below the second. */
const WEDGE_LOFTS: readonly (readonly [number, number, string])[] = [
  [44, 48.5, 'pw'],
  [48.5, 53.5, 'gw'],
  [53.5, 57.5, 'sw'],
  [57.5, 65, 'lw'],
];
const wedgeOf = (loftDeg: number): Club | null =>
  findClub(WEDGE_LOFTS.find(([from, to]) => loftDeg >= from && loftDeg < to)?.[2]);

/** Letters and numbers apart: `7-Iron (Steel)` → 7, iron; `SW56` → sw, 56. */
const tokensOf = (text: string): string[] =>
  (
    text
      .toLowerCase()
      .replace(/\([^)]*\)|\[[^\]]*\]/g, ' ')
      .match(/\d+(?:\.\d+)?|\p{L}+/gu) ?? []
  ).filter((token) => !NOISE.test(token));

function byNumber(word: string | null, numbers: readonly number[]): Club | null {
  const [first = NaN] = numbers;
  const kind = word === null ? 'iron' : KINDS.find(([, pattern]) => pattern.test(word))?.[0];
  if (word !== null && WEDGE.test(word) && first >= 44) return wedgeOf(first);
  if (word === null && first >= 44) return wedgeOf(first);
  return kind === undefined ? null : findClub(`${first}-${kind}`);
}

/** Returns the standard club a launch file's club text means (`7 Iron`, `7i`, `Driver 10.5°`, `SW56`), or null. */
export function recogniseClub(text: string): Club | null {
  const tokens = tokensOf(text);
  const words = tokens.filter((token) => !/^\d/.test(token));
  const numbers = tokens.filter((token) => /^\d/.test(token)).map(Number);
  if (tokens.length === 0 || tokens.length > 4 || numbers.length > 2) return null;
  const joined = words.join('');
  for (const [pattern, id] of NAMED) {
    if (pattern.test(joined) || pattern.test(tokens.join(''))) return findClub(id);
  }
  return byNumber(joined === '' ? null : joined, numbers);
}
