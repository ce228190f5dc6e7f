/** What a browser calls itself, the more particular name first: most call themselves several. */
const BROWSERS: readonly (readonly [RegExp, string])[] = [
  [/Firefox\//, 'Firefox'],
  [/Edg\//, 'Edge'],
  [/OPR\//, 'Opera'],
  [/Chrome\/|CriOS\//, 'Chrome'],
  [/Safari\//, 'Safari'],
];
const SYSTEMS: readonly (readonly [RegExp, string])[] = [
  [/iPhone/, 'an iPhone'],
  [/iPad/, 'an iPad'],
  [/Android/, 'Android'],
  [/Windows/, 'Windows'],
  [/Mac OS X/, 'a Mac'],
  [/Linux/, 'Linux'],
];

const nameIn = (names: readonly (readonly [RegExp, string])[], text: string): string | undefined =>
  names.find(([pattern]) => pattern.test(text))?.[1];

/** Returns a browser in words, as far as it says what it is. */
export function browserWords(userAgent: string): string {
  const browser = nameIn(BROWSERS, userAgent) ?? 'A browser';
  const system = nameIn(SYSTEMS, userAgent);
  return system === undefined ? browser : `${browser} on ${system}`;
}
