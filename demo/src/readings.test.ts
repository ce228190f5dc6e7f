import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { CHARACTERS, readingsText } from './readings.ts';

describe('the readings a person reviews', () => {
  const text = readingsText();

  it('are of 74 players, and fresh: run `npm run readings` after a change', () => {
    expect(CHARACTERS).toHaveLength(74);
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

  /** Sentences of a part, labels and lists of drills left out. */
  const sentencesOf = (part: string): string[] =>
    part
      .split('\n')
      .filter((line) => line.startsWith('- ') && !/^- _(Drills|Homework|Page)/.test(line))
      .flatMap((line) => line.replace(/^- (_[^_]+_ )?/, '').split(/(?<=[.?!])\s+/));
  /** Figures: `7 of 12`, `4 in 5`, `1 → 3` and `65 to 75` are one each, as they are said. */
  const figuresIn = (sentence: string): number =>
    (
      sentence
        .replace(/3 wood|7 iron|95 %/g, '')
        .match(/\d+[°%]?( m| yd)? (of|in|to|→) \d+|\d+/g) ?? []
    ).length;

  it('say nothing twice, in sentences of at most 18 words and two figures', () => {
    const troubles = text
      .split('\n## ')
      .slice(1)
      .flatMap((part) => {
        const name = part.split('\n')[0]!;
        const sentences = sentencesOf(part);
        const twice = sentences.filter((one, at) => sentences.indexOf(one) !== at);
        const long = sentences.filter((one) => one.split(/\s+/).length > 18);
        const full = sentences.filter((one) => figuresIn(one) > 2);
        return [...twice, ...long, ...full].map((one) => `${name}: ${one}`);
      });
    expect(troubles).toEqual([]);
  });

  it('leave nobody whose balls are off, and overdo nothing at full speed for a bad back', () => {
    const parts = text.split('\n## ').slice(1);
    const answered = (word: RegExp): number => parts.filter((part) => word.test(part)).length;
    for (const part of parts) {
      const isLeft = /^- Leave/m.test(part);
      if (/keep it as it is/.test(part)) expect(isLeft).toBe(true);
    }
    // Each of the six answers is among them.
    for (const word of [
      /^- (Turn|Move|First) /m,
      /^- Try/m,
      /^- (Lay|Hit|Check|Where)/m,
      /^- Both ways/m,
      /^- Leave/m,
      /^- (Which club|Until)/m,
    ])
      expect(answered(word)).toBeGreaterThan(0);
    const old = parts.find((part) => part.includes('man of 74'))!;
    expect(old).toContain('_Homework:_');
    expect(old).not.toMatch(/full speed, overdone/);
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
