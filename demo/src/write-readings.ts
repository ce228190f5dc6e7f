// Writes docs/readings.md again.
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { readingsText } from './readings.ts';

writeFileSync(fileURLToPath(new URL('../../docs/readings.md', import.meta.url)), readingsText());
