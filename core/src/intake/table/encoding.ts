/** Part of every platform Loxos runs on, though no part of the language. */
declare class TextDecoder {
  constructor(encoding: string, options?: { readonly fatal?: boolean });
  decode(bytes: Uint8Array): string;
}

/** Encodings tried where a text is no UTF-8, the commonest first. */
const OLDER = ['windows-1252', 'shift_jis', 'euc-kr'] as const;
/** Bytes looked at to choose between them. */
const SAMPLE = 8192;

function decoded(bytes: Uint8Array, encoding: string, fatal: boolean): string | null {
  try {
    return new TextDecoder(encoding, { fatal }).decode(bytes);
  } catch {
    return null;
  }
}

/** UTF-16 without its mark: every other byte of plain letters is 0. */
function bareUtf16(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | null {
  const end = Math.min(bytes.length, SAMPLE) & ~1;
  if (end < 4) return null;
  let even = 0;
  let odd = 0;
  for (let at = 0; at < end; at += 2) {
    if (bytes[at] === 0) even++;
    if (bytes[at + 1] === 0) odd++;
  }
  const half = end / 2;
  if (odd > 0.7 * half && even < 0.1 * half) return 'utf-16le';
  return even > 0.7 * half && odd < 0.1 * half ? 'utf-16be' : null;
}

/**
 * Bytes of a text file as text: UTF-8 or UTF-16 by their marks, else UTF-8, else the older encoding under which the
 * file's beginning names most; null for bytes that are no text. `score` says how much a text names.
 */
export function decodeText(bytes: Uint8Array, score: (text: string) => number): string | null {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return decoded(bytes, 'utf-16le', false);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return decoded(bytes, 'utf-16be', false);
  const wide = bareUtf16(bytes);
  if (wide !== null) return decoded(bytes, wide, false);
  if (bytes.subarray(0, SAMPLE).includes(0)) return null;
  const utf8 = decoded(bytes, 'utf-8', true);
  if (utf8 !== null) return utf8;
  const head = bytes.subarray(0, SAMPLE);
  let best: string = OLDER[0];
  let most = -1;
  for (const encoding of OLDER) {
    const points = score(decoded(head, encoding, false) ?? '');
    if (points > most) [best, most] = [encoding, points];
  }
  return decoded(bytes, best, false);
}
