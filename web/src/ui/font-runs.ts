/**
 * Which of the app's own type a letter is set in on paper. Its files hold the Latin letters in two parts, and few signs: each run of
 * letters is set in the part that has it, what none has in the writer's own type, which is fetched only then.
 */
export type PdfFont = 'Text' | 'More' | 'Title' | 'Rest';

/** Letters and signs by the part of our type that has them, as read from the files. */
const HAS: readonly (readonly [font: PdfFont, letters: RegExp])[] = [
  [
    'Text',
    /[\u0020-\u007e\u00a0-\u00ac\u00ae-\u00b4\u00b6-\u00ff\u0102\u0131\u0152\u0153\u2009\u2013\u2014\u2018-\u201a\u201c-\u201e\u2022\u2026\u2039\u203a\u2044\u20ac\u2122\u2212\s]/u,
  ],
  ['Title', /[\u2032\u2033]/u],
  [
    'More',
    /[\u0100-\u0107\u010a-\u0113\u0116-\u011b\u011e-\u0123\u0126-\u0127\u012a-\u012b\u012e-\u0130\u0132-\u0133\u0136-\u0137\u0139-\u013e\u0141-\u0148\u0150-\u0151\u0154-\u0155\u0158-\u015b\u015e-\u0165\u016a-\u016b\u016e-\u017e\u0218-\u021b\u1e80-\u1e85\u1e9e\u1ef2-\u1ef3]/u,
  ],
];

/** What no type at hand has, spelt. */
const SPELT: readonly (readonly [RegExp, string])[] = [
  [/\s*→\s*/gu, ' to '],
  [/▲\s*/gu, ''],
];

export interface FontRun {
  readonly text: string;
  readonly font: PdfFont;
}

const fontOf = (letter: string): PdfFont =>
  HAS.find(([, letters]) => letters.test(letter))?.[0] ?? 'Rest';

/** Returns a text as runs of one font each; one run for most. */
export function fontRuns(written: string): FontRun[] {
  const said = SPELT.reduce((so, [sign, word]) => so.replace(sign, word), written);
  const runs: { text: string; font: PdfFont }[] = [];
  // A letter and the accents over it are one.
  for (const letter of said.normalize('NFC')) {
    const font = fontOf(letter);
    const last = runs.at(-1);
    if (last?.font === font) last.text += letter;
    else runs.push({ text: letter, font });
  }
  return runs;
}

/** Returns a label as one run where one of our own has all of it: runs are spaced apart in a drawing. */
export function labelRuns(written: string): FontRun[] {
  const runs = fontRuns(written);
  const hasOnly = (...fonts: PdfFont[]): boolean => runs.every(({ font }) => fonts.includes(font));
  if (!hasOnly('Text', 'Title') || hasOnly('Text')) return runs;
  return [{ text: runs.map(({ text }) => text).join(''), font: 'Title' }];
}
