// Writes demo/files again, after a change to the people or the dialects: `npm run demo:files`.
import { mkdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { filesToDrop } from './files.ts';

const folder = fileURLToPath(new URL('../files/', import.meta.url));
mkdirSync(folder, { recursive: true });
for (const { name, text } of filesToDrop()) writeFileSync(`${folder}${name}`, text);
