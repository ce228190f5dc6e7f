import { createHash } from 'node:crypto';

const lettersOf = (line: string): string => line.replace(/[^\p{L}]/gu, '').toLowerCase();

/** A source is known by its header row: the line with the most letters, of any script, among the first few. */
export function sourceKey(lines: readonly string[]): string {
  const header = lines
    .map(lettersOf)
    .reduce((best, line) => (line.length > best.length ? line : best), '');
  // A file without a letter in it is known by its first line as it stands.
  const known = header === '' ? `0 ${lines.find((line) => line.trim() !== '') ?? ''}` : header;
  return createHash('sha256').update(known).digest('hex');
}
