import type { Dialect } from './dialect.ts';
import { ENGLISH } from './english.ts';
import { FRENCH } from './french.ts';
import { GERMAN } from './german.ts';
import { JAPANESE } from './japanese.ts';
import { KOREAN } from './korean.ts';
import { SPANISH } from './spanish.ts';
import { SWEDISH } from './swedish.ts';

/** The languages files are read in; where two use one word, the earlier has it. Another is a file like these, and a test. */
export const DIALECTS: readonly Dialect[] = [
  ENGLISH,
  GERMAN,
  FRENCH,
  SPANISH,
  SWEDISH,
  JAPANESE,
  KOREAN,
];
