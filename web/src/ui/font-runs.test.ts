import { create } from 'fontkit';
import type { Font } from 'fontkit';
import { readFileSync } from 'node:fs';
import { fontRuns, labelRuns } from './font-runs.ts';
import type { PdfFont } from './font-runs.ts';

const FOLDERS = {
  Text: 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  More: 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff',
  Title: 'bricolage-grotesque/files/bricolage-grotesque-latin-700-normal.woff',
} as const;
const fontOf = (name: keyof typeof FOLDERS) =>
  create(readFileSync(require.resolve(`@fontsource/${FOLDERS[name]}`))) as Font;

describe('the type a letter is set in on paper', () => {
  it('is one whose file has it, said by another reader of fonts', () => {
    const fonts = { Text: fontOf('Text'), More: fontOf('More'), Title: fontOf('Title') };
    const LAST = 0x2300;
    for (let code = 0x21; code < LAST; code += 1) {
      const letter = String.fromCodePoint(code);
      const [run] = fontRuns(letter);
      if (run === undefined || run.font === 'Rest' || /\s/u.test(letter)) continue;
      const isThere = [...run.text].every((one) =>
        fonts[run.font as keyof typeof fonts].hasGlyphForCodePoint(one.codePointAt(0)!),
      );
      expect([code.toString(16), run.font, isThere]).toEqual([code.toString(16), run.font, true]);
    }
  });

  it('is our own for every letter that ours has, so that no name is set in another', () => {
    const ours: PdfFont[] = ['Text', 'More', 'Title'];
    for (const name of ['Anna', 'Łukasz', 'Jiří Černý', 'Åse Øby', 'Şafak İnce', 'Ștefan'])
      for (const { font } of fontRuns(name))
        expect([name, ours.includes(font)]).toEqual([name, true]);
    expect(fontRuns('Ольга')).toEqual([{ text: 'Ольга', font: 'Rest' }]);
  });

  it('breaks a text only where the type changes, and loses no letter', () => {
    expect(fontRuns('Jiří, 4.2° left')).toEqual([
      { text: 'Ji', font: 'Text' },
      { text: 'ř', font: 'More' },
      { text: 'í, 4.2° left', font: 'Text' },
    ]);
    // An accent written after its letter is the one letter.
    expect(fontRuns('r\u030c')).toEqual([{ text: 'ř', font: 'More' }]);
    expect(fontRuns('')).toEqual([]);
  });

  it('spells what no type has', () => {
    expect(fontRuns('Miss 17 m → 4 m')).toEqual([{ text: 'Miss 17 m to 4 m', font: 'Text' }]);
    expect(fontRuns('▲ Stop')).toEqual([{ text: 'Stop', font: 'Text' }]);
  });

  it('is one for a label with inches', () => {
    expect(labelRuns('11.8″ ahead')).toEqual([{ text: '11.8″ ahead', font: 'Title' }]);
    expect(labelRuns('35 cm behind')).toEqual([{ text: '35 cm behind', font: 'Text' }]);
    expect(labelRuns('ř 2″')).toHaveLength(3);
  });
});
