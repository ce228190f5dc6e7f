import { AROUND } from './around.ts';
import { COLUMNS } from './columns.ts';
import { LANGUAGES } from './languages.ts';
import { LAYOUTS } from './layouts.ts';
import { PARTS } from './parts.ts';
import { SIGNS } from './signs.ts';
import type { WrittenFile } from './balls.ts';

/** Files in invented dialects, each with what must be read of it. */
export const WRITTEN_FILES: readonly WrittenFile[] = [
  ...LAYOUTS,
  ...SIGNS,
  ...AROUND,
  ...COLUMNS,
  ...PARTS,
  ...LANGUAGES,
];
