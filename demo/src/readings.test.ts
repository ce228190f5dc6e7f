import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { CHARACTERS, readingsText } from './readings.ts';

describe('the readings a person reviews', () => {
  const text = readingsText();

  it('are of sixty players, and fresh: run `npm run readings` after a change', () => {
    expect(CHARACTERS).toHaveLength(60);
    const kept = readFileSync(
      fileURLToPath(new URL('../../docs/readings.md', import.meta.url)),
      'utf8',
    );
    expect(kept).toBe(text);
  });

  it('never open the face of a straight puller first, nor give a drill that does', () => {
    const pulls = text.split('\n## ').filter((part) => /^\d+\. straight pull/.test(part));
    expect(pulls.length).toBeGreaterThanOrEqual(5);
    for (const part of pulls) {
      expect(part).not.toContain('Two knuckles');
      expect(part).not.toMatch(/more open\.|less closed/);
    }
  });

  it('never tell a player who wants what they do to change it', () => {
    for (const name of [
      'fader who wants a fade',
      'drawer who wants a draw',
      'left-hander who wants a fade',
    ]) {
      const part = text.split('\n## ').find((p) => p.includes(`. ${name}\n`))!;
      expect(part).toContain('keep it as it is');
    }
  });
});
